import { useQueryClient } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { ImportFile } from "../shared/ImportFile";
import { CarIsHere } from "./CarIsHere";

/** Adds a car from a file that was exported before. */
export function ImportVehicle({ onAdded }: { onAdded: (vehicleId: string) => void }) {
  const queries = useQueryClient();
  return (
    <div>
      <ImportFile<Schemas["VehicleInListView"]>
        to="/api/vehicles/import"
        asking="?existing=ask"
        whenThere={(there) => <CarIsHere there={there} />}
        type="application/json"
        accept=".json,application/json"
        label="Vehicle file"
        button="Import a car from a file"
        onTaken={async (vehicle) => {
          await refresh(queries, keys.vehicles);
          onAdded(vehicle.id);
        }}
        flaw={(field, sentence) => `${field}: ${sentence}`}
      >
        <p className="mt-2 text-14 text-soft">
          A file that was exported here or on another device, with its log. All of it is taken, or
          nothing.{" "}
          <a className="lnk" href="/api/schemas/vehicle">
            The format is public.
          </a>
        </p>
      </ImportFile>
    </div>
  );
}

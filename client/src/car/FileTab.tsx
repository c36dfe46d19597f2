import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { useNavigate } from "react-router";
import { api, ask, basedOn } from "../api/client";
import { keys } from "../api/keys";
import * as limits from "../api/limits";
import { refresh } from "../api/refresh";
import { Field } from "../shared/Field";
import { Sheet } from "../shared/Sheet";
import { ImportVehicle } from "./ImportVehicle";
import type { TabProps } from "./tab";

/** The car as a file, a copy of it, and its way into the archive or out of Cove. */
export function FileTab({ vehicle }: TabProps) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [name, setName] = useState(`${vehicle.name}, copy`.slice(0, 60));
  const [sure, setSure] = useState(false);
  const path = { params: { path: { vehicleId: vehicle.id } } };
  const again = () => refresh(queries, keys.vehicles);
  const copy = useMutation({
    mutationFn: () => ask(api.POST("/api/vehicles/{vehicleId}/copy", { ...path, body: { name } })),
    onSuccess: async (made) => {
      await again();
      navigate(`/cars/${made.id}/car/layout`);
    },
  });
  const archive = useMutation({
    mutationFn: () =>
      ask(
        vehicle.archived
          ? api.POST("/api/vehicles/{vehicleId}/unarchive", path)
          : api.POST("/api/vehicles/{vehicleId}/archive", path),
      ),
    onSuccess: async () => {
      await refresh(queries, keys.car(vehicle.id));
      await again();
    },
  });
  const remove = useMutation({
    mutationFn: () =>
      ask(api.DELETE("/api/vehicles/{vehicleId}", { ...path, headers: basedOn(vehicle.version) })),
    onError: () => refresh(queries, keys.car(vehicle.id)),
    onSuccess: async () => {
      navigate("/vehicles");
      queries.removeQueries({ queryKey: keys.car(vehicle.id) });
      await again();
      await refresh(queries, keys.wastebasket);
    },
  });
  const failed = [copy.error, archive.error, remove.error].find(Boolean) as Error | undefined;
  return (
    <div className="grid max-w-[1000px] gap-x-12 px-4 pt-5 pb-8 desk:grid-cols-2 desk:px-[26px]">
      <Part title="Take it with you">
        <p className="mb-3 text-16 text-soft">
          One JSON file with everything recorded of it: layout, surfaces, use, levels, log, runs and
          makers' instructions. Read in again, here or elsewhere, it gives the same car.
        </p>
        <a
          className="act2"
          href={`/api/vehicles/${vehicle.id}/file`}
          download={`${vehicle.name}.cove-vehicle.json`}
        >
          Export this car
        </a>
      </Part>
      <Part title="Import a car">
        <ImportVehicle onAdded={(id) => navigate(`/cars/${id}/cabin`)} />
      </Part>
      <Part title="Copy it">
        <p className="mb-3 text-16 text-soft">For a second car that is nearly the same.</p>
        <Field label="Name of the copy">
          <input
            className="field"
            {...limits.NewCopy.name}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </Field>
        <button
          type="button"
          className="act2"
          disabled={copy.isPending}
          onClick={() => copy.mutate()}
        >
          Copy this car
        </button>
      </Part>
      <Part title={vehicle.archived ? "In the archive" : "Put it away"}>
        <p className="mb-3 text-16 text-soft">
          {vehicle.archived
            ? "This car keeps everything but is not offered any more."
            : "An archived car keeps everything, but is not offered any more. You can take it out again."}
        </p>
        <div className="flex flex-wrap gap-3">
          <button
            type="button"
            className="act2"
            disabled={archive.isPending}
            onClick={() => archive.mutate()}
          >
            {vehicle.archived ? "Take it out of the archive" : "Archive this car"}
          </button>
          <button
            type="button"
            className="act2 !border-coral text-coral"
            onClick={() => setSure(true)}
          >
            Delete this car
          </button>
        </div>
        {failed && (
          <p role="alert" className="mt-3 text-16 text-coral">
            {failed.message}
          </p>
        )}
      </Part>
      <Sheet
        open={sure}
        onClose={() => setSure(false)}
        title={`Delete ${vehicle.name}?`}
        about="It goes into the wastebasket with its log and all that was learnt of it. For 30 days you can bring it back from the list of cars."
      >
        <button
          type="button"
          className="act w-full"
          disabled={remove.isPending}
          onClick={() => remove.mutate()}
        >
          Delete it
        </button>
      </Sheet>
    </div>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mb-7 border-t border-hairline pt-3">
      <h2 className="mb-2 text-20">{title}</h2>
      {children}
    </section>
  );
}

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { keys } from "../api/keys";
import { useVehicles } from "../api/queries";
import { refresh } from "../api/refresh";
import { Mark } from "../shared/icons";
import { Failed, Loading } from "../shared/States";
import { Wastebasket } from "../shared/Wastebasket";
import { ImportVehicle } from "./ImportVehicle";

type Listed = Schemas["VehicleInListView"];

/** All the owner's cars, those in the archive too. */
export function VehiclesPage() {
  const vehicles = useVehicles();
  const navigate = useNavigate();
  if (vehicles.isError) {
    return (
      <main className="flex min-h-dvh">
        <Failed error={vehicles.error} again={() => vehicles.refetch()} />
      </main>
    );
  }
  if (!vehicles.data) {
    return (
      <main className="flex min-h-dvh">
        <Loading what="Loading" />
      </main>
    );
  }
  const inUse = vehicles.data.filter((car) => !car.archived);
  const archived = vehicles.data.filter((car) => car.archived);
  return (
    <main className="mx-auto max-w-[760px] px-5 pt-8 pb-16">
      <div className="mb-6 flex items-center gap-4">
        <Mark size={48} />
      </div>
      <h1 className="mb-5 text-34">Your cars</h1>
      {inUse.length === 0 ? (
        <p className="mb-6 text-17 text-soft">
          No car is in use. Add one, import one from a file, or take one out of the archive.
        </p>
      ) : (
        <ul className="mb-6">
          {inUse.map((car) => (
            <Row key={car.id} vehicle={car} />
          ))}
        </ul>
      )}
      <p className="mb-8">
        <Link to="/welcome" className="act">
          Add a car
        </Link>
      </p>
      {archived.length > 0 && (
        <section className="mb-8">
          <h2 className="mb-2 text-20">In the archive</h2>
          <ul>
            {archived.map((car) => (
              <Row key={car.id} vehicle={car} />
            ))}
          </ul>
        </section>
      )}
      <Wastebasket kind="vehicle" title="Deleted cars" />
      <div className="border-t border-hairline pt-5">
        <ImportVehicle onAdded={(id) => navigate(`/cars/${id}/cabin`)} />
      </div>
    </main>
  );
}

function Row({ vehicle }: { vehicle: Listed }) {
  const queries = useQueryClient();
  const out = useMutation({
    mutationFn: () =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/unarchive", {
          params: { path: { vehicleId: vehicle.id } },
        }),
      ),
    onSuccess: () => refresh(queries, keys.vehicles),
  });
  return (
    <li className="flex items-center justify-between gap-4 border-t border-hairline py-2">
      <Link
        to={`/cars/${vehicle.id}/today`}
        className="min-h-11 flex-1 py-1.5 text-17 hover:underline"
      >
        <b className="font-semibold">{vehicle.name}</b>
        <span className="block text-14 text-soft">
          {[vehicle.body, vehicle.description].filter(Boolean).join(" · ")}
        </span>
      </Link>
      {vehicle.archived ? (
        <button
          type="button"
          className="act2"
          disabled={out.isPending}
          aria-label={`Take ${vehicle.name} out of the archive`}
          onClick={() => out.mutate()}
        >
          Take out
        </button>
      ) : (
        <Link
          to={`/cars/${vehicle.id}/car/file`}
          className="act2"
          aria-label={`Copy, export or archive ${vehicle.name}`}
        >
          Manage
        </Link>
      )}
    </li>
  );
}

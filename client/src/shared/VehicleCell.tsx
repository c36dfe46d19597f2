import { useLocation, useNavigate } from "react-router";
import type { Schemas } from "../api/client";
import { useVehicles } from "../api/queries";
import { Choice } from "./Choice";

const ADD = "add";
const ALL = "all";

/** The vehicle in the title strip; with it one changes to another, or adds one. */
export function VehicleCell({ vehicle }: { vehicle: Schemas["VehicleView"] }) {
  const navigate = useNavigate();
  const place = useLocation().pathname.split("/").slice(3).join("/");
  const vehicles = useVehicles();
  const offered = vehicles.data?.filter((car) => !car.archived || car.id === vehicle.id);
  return (
    <Choice
      plain
      label="Vehicle"
      value={vehicle.id}
      options={[
        ...(offered ?? [vehicle]).map((car) => ({
          value: car.id,
          label: car.description ? `${car.name}, ${car.description}` : car.name,
        })),
        { value: ADD, label: "Add a vehicle" },
        { value: ALL, label: "All vehicles and the archive" },
      ]}
      onChange={(id) =>
        navigate(id === ADD ? "/welcome" : id === ALL ? "/vehicles" : `/cars/${id}/${place}`)
      }
    />
  );
}

import { useLocation, useNavigate } from "react-router";
import type { Schemas } from "../api/client";
import { useVehicles } from "../api/queries";

const ADD = "add";
const ALL = "all";

/** The vehicle in the title strip; with it one changes to another, or adds one. */
export function VehicleCell({ vehicle }: { vehicle: Schemas["VehicleView"] }) {
  const navigate = useNavigate();
  const place = useLocation().pathname.split("/").slice(3).join("/");
  const vehicles = useVehicles();
  const offered = vehicles.data?.filter((car) => !car.archived || car.id === vehicle.id);
  return (
    <select
      aria-label="Vehicle"
      className="max-w-full cursor-pointer appearance-none truncate bg-paper pr-5 text-[15px] text-ink"
      style={{
        backgroundImage:
          "linear-gradient(45deg, transparent 50%, var(--ink) 50%), linear-gradient(-45deg, transparent 50%, var(--ink) 50%)",
        backgroundPosition: "right 7px center, right 2px center",
        backgroundSize: "5px 5px",
        backgroundRepeat: "no-repeat",
      }}
      value={vehicle.id}
      onChange={({ target: { value: id } }) =>
        navigate(id === ADD ? "/welcome" : id === ALL ? "/vehicles" : `/cars/${id}/${place}`)
      }
    >
      {(offered ?? [vehicle]).map((car) => (
        <option key={car.id} value={car.id}>
          {car.description ? `${car.name}, ${car.description}` : car.name}
        </option>
      ))}
      <option value={ADD}>Add a vehicle</option>
      <option value={ALL}>All vehicles and the archive</option>
    </select>
  );
}

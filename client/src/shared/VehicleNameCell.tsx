import { useVehicles } from "../api/queries";
import { VehicleCell } from "./VehicleCell";

/** The vehicle in the title strip of a place that knows only its id. */
export function VehicleNameCell({ vehicleId }: { vehicleId: string }) {
  const vehicles = useVehicles();
  const vehicle = vehicles.data?.find((car) => car.id === vehicleId);
  return vehicle ? <VehicleCell vehicle={vehicle} /> : null;
}

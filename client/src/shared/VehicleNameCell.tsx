import { useQuery } from "@tanstack/react-query";
import { api, ask } from "../api/client";
import { VehicleCell } from "./VehicleCell";

/** The vehicle in the title strip of a place that knows only its id. */
export function VehicleNameCell({ vehicleId }: { vehicleId: string }) {
  const vehicles = useQuery({
    queryKey: ["vehicles"],
    queryFn: ({ signal }) => ask(api.GET("/api/vehicles", { signal })),
  });
  const vehicle = vehicles.data?.find((one) => one.id === vehicleId);
  return vehicle ? <VehicleCell vehicle={vehicle} /> : null;
}

import { useQuery } from "@tanstack/react-query";
import { api, ask } from "./client";

/** Everything that can be chosen for a vehicle, its surfaces and its use. */
export function useChoices() {
  return useQuery({
    queryKey: ["choices"],
    queryFn: ({ signal }) => ask(api.GET("/api/vehicles/choices", { signal })),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** The owner's vehicles, archived ones included. */
export function useVehicles() {
  return useQuery({
    queryKey: ["vehicles"],
    queryFn: ({ signal }) => ask(api.GET("/api/vehicles", { signal })),
  });
}

/** A vehicle with everything that can be changed on it. */
export function useVehicle(vehicleId: string) {
  return useQuery({
    queryKey: ["vehicle", vehicleId, "detail"],
    queryFn: ({ signal }) =>
      ask(api.GET("/api/vehicles/{vehicleId}", { params: { path: { vehicleId } }, signal })),
  });
}

/** Everything on the owner's shelf. */
export function useShelf() {
  return useQuery({
    queryKey: ["shelf"],
    queryFn: ({ signal }) => ask(api.GET("/api/shelf", { signal })),
  });
}

/** Everything that can be chosen for a shelf. */
export function useShelfChoices() {
  return useQuery({
    queryKey: ["shelf-choices"],
    queryFn: ({ signal }) => ask(api.GET("/api/shelf/choices", { signal })),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

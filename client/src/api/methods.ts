import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask, type Place } from "./client";
import { keys } from "./keys";

/** How one task is done on a car. */
export function useTechnique(vehicleId: string, taskId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "methods", taskId),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/methods/{taskId}", {
          params: { path: { vehicleId, taskId } },
          signal,
        }),
      ),
  });
}

/** How every task is done on a car. */
export function useTechniques(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "methods"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/methods", { params: { path: { vehicleId } }, signal }),
      ),
  });
}

/** Where the owner works on a car today. */
export function usePlace(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "workplace"),
    queryFn: async ({ signal }) =>
      // An answer leaves nothing out.
      (await ask(
        api.GET("/api/vehicles/{vehicleId}/place", { params: { path: { vehicleId } }, signal }),
      )) as Place,
  });
}

/** The glass of a car, and how to clean it in these conditions. */
export function useGlass(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "glass"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/glass", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  });
}

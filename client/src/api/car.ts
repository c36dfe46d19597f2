import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask, type Layout, type Schemas } from "./client";
import { keys } from "./keys";

type Use = Schemas["UseDocument"];

/** Everything that can be chosen for a vehicle, its surfaces and its use. */
export function useChoices() {
  return useQuery({
    queryKey: keys.choices,
    queryFn: ({ signal }) => ask(api.GET("/api/vehicles/choices", { signal })),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** A vehicle with everything that can be changed on it. */
export function useVehicle(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "detail"),
    queryFn: ({ signal }) =>
      ask(api.GET("/api/vehicles/{vehicleId}", { params: { path: { vehicleId } }, signal })),
  });
}

/** What checks have taught of a car. */
export function useLearnt(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "learnt"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/learnt", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
  });
}

/** The questions on which sound practice differs, with the owner's answers. */
export function useSchools() {
  return useQuery({
    queryKey: keys.schools,
    queryFn: ({ signal }) => ask(api.GET("/api/schools", { signal })),
  });
}

/** How a car is used, as the owner last said. */
export function useCarUse(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "use"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/use", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
  });
}

/** Which dates another use would move. */
export function useUsePreview(vehicleId: string, use: Use, enabled: boolean) {
  return useQuery({
    queryKey: keys.place(vehicleId, "use-preview", use),
    queryFn: ({ signal }) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/use/preview", {
          params: { path: { vehicleId } },
          body: use,
          signal,
        }),
      ),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** The checks that tell most now; asked anew each time the page opens. */
export function useWalkRound(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "walk-round"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/walk-round", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
}

/** A cabin drawn from answers that are not kept yet. */
export function useCabinPreview(layout: Layout) {
  return useQuery({
    queryKey: keys.preview(layout),
    queryFn: ({ signal }) => ask(api.POST("/api/vehicles/preview", { body: layout, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** The events that can be recorded. */
export function useEvents(enabled: boolean) {
  return useQuery({
    queryKey: keys.events,
    queryFn: ({ signal }) => ask(api.GET("/api/events", { signal })),
    enabled,
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** One surface with its tasks, levels and checks. */
export function useSurface(vehicleId: string, surfaceId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "surface", surfaceId),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/surfaces/{surfaceId}", {
          params: { path: { vehicleId, surfaceId } },
          signal,
        }),
      ),
  });
}

import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, ask, type Schemas } from "./client";
import { keys } from "./keys";
import { SOON_MS, within } from "./within";

/** The owner's vehicles, archived ones included. */
export function useVehicles() {
  return useQuery({
    queryKey: keys.vehicles,
    queryFn: ({ signal }) => ask(api.GET("/api/vehicles", { signal })),
  });
}

/** The spots of a car that come before anything else, with first aid, and the closed surfaces. */
export function useSpots(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "spots"),
    queryFn: ({ signal }) =>
      ask(api.GET("/api/vehicles/{vehicleId}/spots", { params: { path: { vehicleId } }, signal })),
  });
}

/** The cabin as a chart; for one kind of work, if asked. */
export function useCabin(vehicleId: string, work?: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "cabin", work ?? "all"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/cabin", {
          params: { path: { vehicleId }, query: work ? { work } : {} },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  });
}

/** The session for a number of minutes. */
export function useToday(
  vehicleId: string,
  minutes: number,
  slot: boolean,
  asked: Schemas["SessionAsk"],
  enabled: boolean,
) {
  return useQuery({
    enabled,
    queryKey: keys.place(vehicleId, "today", minutes, slot, asked),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/today", {
          params: { path: { vehicleId }, query: { minutes, slot, ...inAddress(asked) } },
          signal,
        }),
      ),
    placeholderData: (previous, query) =>
      query?.queryKey[1] === vehicleId ? keepPreviousData(previous) : undefined,
  });
}

/** Why a task is in the session, or why it is not. */
export function useWhy(
  vehicleId: string,
  minutes: number,
  ofSlot: boolean,
  asked: Schemas["SessionAsk"],
  taskId: string,
) {
  return useQuery({
    queryKey: keys.place(vehicleId, "why", minutes, ofSlot, asked, taskId),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/today/why/{taskId}", {
          params: {
            path: { vehicleId, taskId },
            query: { minutes, slot: ofSlot, ...inAddress(asked) },
          },
          signal,
        }),
      ),
  });
}

/** What is asked of a session, as an address takes it: nothing is said of what is not asked. */
function inAddress(asked: Schemas["SessionAsk"]) {
  return {
    leftOut: asked.leftOut ?? [],
    keptIn: asked.keptIn ?? [],
    surfaces: asked.surfaces ?? [],
    ...(asked.first ? { first: asked.first } : {}),
    ...(asked.last ? { last: asked.last } : {}),
    ...(asked.onlyGlass ? { onlyGlass: true } : {}),
    ...(asked.withoutWater ? { withoutWater: true } : {}),
  };
}

/** Whether the server answers, asked now and then. */
export function useHealth() {
  return useQuery({
    queryKey: keys.health,
    // It touches nothing, so whoever does not answer soon does not answer.
    queryFn: ({ signal }) => within(SOON_MS, ask(api.GET("/api/health", { signal }))),
    refetchInterval: 5000,
    retry: false,
  });
}

/** The next day of a slot. */
export function useNextSlot(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "next-slot"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/routine/next", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
  });
}

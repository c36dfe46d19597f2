import { keepPreviousData, useInfiniteQuery, useQuery } from "@tanstack/react-query";
import type { LogFilter } from "../log/filter";
import { findRun } from "../run/offline";
import { api, ask, type Layout, type Mixture, type Place, type Schemas } from "./client";
import { keys } from "./keys";
import type { components } from "./schema";

type Use = components["schemas"]["UseDocument"];
type Question = components["schemas"]["NewQuestion"];

/** Everything that can be chosen for a vehicle, its surfaces and its use. */
export function useChoices() {
  return useQuery({
    queryKey: keys.choices,
    queryFn: ({ signal }) => ask(api.GET("/api/vehicles/choices", { signal })),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** The owner's vehicles, archived ones included. */
export function useVehicles() {
  return useQuery({
    queryKey: keys.vehicles,
    queryFn: ({ signal }) => ask(api.GET("/api/vehicles", { signal })),
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

/** Everything on the owner's shelf. */
export function useShelf() {
  return useQuery({
    queryKey: keys.shelf,
    queryFn: ({ signal }) => ask(api.GET("/api/shelf", { signal })),
  });
}

/** What to know at once of a product that came onto the shelf. */
export function useProductWelcome(productId: string) {
  return useQuery({
    queryKey: keys.productWelcome(productId),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/shelf/products/{productId}/welcome", {
          params: { path: { productId } },
          signal,
        }),
      ),
  });
}

/** Everything that can be chosen for a shelf. */
export function useShelfChoices() {
  return useQuery({
    queryKey: keys.shelfChoices,
    queryFn: ({ signal }) => ask(api.GET("/api/shelf/choices", { signal })),
    staleTime: Number.POSITIVE_INFINITY,
  });
}

/** What a new mixture comes to, or a bottle that is topped up. */
export function useMixture(asked: Schemas["NewMixture"] | Schemas["NewTopUp"]) {
  return useQuery({
    queryKey: keys.mixture(asked),
    queryFn: ({ signal }) =>
      ask<Mixture>(
        "target" in asked
          ? api.POST("/api/dilutions/top-up", { body: asked, signal })
          : api.POST("/api/dilutions", { body: asked, signal }),
      ),
    retry: false,
  });
}

/** What was thrown away and can still be put back. */
export function useWastebasket() {
  return useQuery({
    queryKey: keys.wastebasket,
    queryFn: ({ signal }) => ask(api.GET("/api/wastebasket", { signal })),
  });
}

/** What is to be followed up after sessions. */
export function useReminders(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "reminders"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/reminders", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
    refetchInterval: 60_000,
  });
}

/** The log, page by page, newest first. */
export function useLog(vehicleId: string, filter: LogFilter) {
  const asked = Object.fromEntries(Object.entries(filter).filter(([, value]) => value !== ""));
  return useInfiniteQuery({
    queryKey: keys.place(vehicleId, "log", asked),
    initialPageParam: 0,
    queryFn: ({ signal, pageParam }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/log", {
          params: { path: { vehicleId }, query: { ...asked, skip: pageParam } },
          signal,
        }),
      ),
    getNextPageParam: (last, pages) => {
      const have = pages.reduce((sum, page) => sum + page.entries.length, 0);
      return have < last.total ? have : undefined;
    },
    placeholderData: keepPreviousData,
  });
}

/** What each calendar year of care came to. */
export function useLogYears(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "log-years"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/log/years", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
  });
}

/** What was done to a car in all its time. */
export function useRecordOfCare(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "record-of-care"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/record-of-care", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
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

/** The fewest products that do everything on a car. */
export function useSmallestShelf(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "smallest-shelf"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/smallest-shelf", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
  });
}

/** What is safe where on a car. */
export function useVerdicts(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "verdicts"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/verdicts", { params: { path: { vehicleId } }, signal }),
      ),
  });
}

/** What is left on the shelf, how long it lasts, and what to buy. */
export function useStock() {
  return useQuery({
    queryKey: keys.stock,
    queryFn: ({ signal }) => ask(api.GET("/api/shelf/stock", { signal })),
  });
}

/** The hazard statements that some words find. */
export function useHazards(words: string) {
  return useQuery({
    queryKey: keys.hazards(words),
    queryFn: ({ signal }) =>
      ask(api.GET("/api/shelf/hazards", { params: { query: { words } }, signal })),
    placeholderData: keepPreviousData,
  });
}

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

/** The spots of a car that come before anything else, with first aid, and the closed surfaces. */
export function useSpots(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "spots"),
    queryFn: ({ signal }) =>
      ask(api.GET("/api/vehicles/{vehicleId}/spots", { params: { path: { vehicleId } }, signal })),
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

/** A cabin drawn from answers that are not kept yet. */
export function useCabinPreview(layout: Layout) {
  return useQuery({
    queryKey: keys.preview(layout),
    queryFn: ({ signal }) => ask(api.POST("/api/vehicles/preview", { body: layout, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** A run and how far it has come. */
export function useRun(runId: string) {
  return useQuery({
    queryKey: keys.run(runId),
    queryFn: ({ signal }) => findRun(runId, signal),
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
  asked: Schemas["SessionAsk"],
  taskId: string,
) {
  return useQuery({
    queryKey: keys.place(vehicleId, "why", minutes, asked, taskId),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/today/why/{taskId}", {
          params: { path: { vehicleId, taskId }, query: { minutes, ...inAddress(asked) } },
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
    queryFn: ({ signal }) => ask(api.GET("/api/health", { signal })),
    refetchInterval: 5000,
    retry: false,
  });
}

/** What is to be said to one product on one surface. */
export function useVerdict(vehicleId: string, question: Question) {
  return useQuery({
    queryKey: keys.place(vehicleId, "verdict", question),
    queryFn: ({ signal }) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/verdicts", {
          params: { path: { vehicleId } },
          body: question,
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  });
}

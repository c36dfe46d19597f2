import {
  keepPreviousData,
  useMutation,
  useQueries,
  useQuery,
  useQueryClient,
} from "@tanstack/react-query";
import { api, ask, type Routine, type Schemas } from "./client";
import { keys } from "./keys";

/** When a car is cleaned. */
export function useRoutine(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "routine"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/routine", { params: { path: { vehicleId } }, signal }),
      ),
  });
}

/** What each coming slot of a version of the routine holds. */
export function useRoutinePlan(vehicleId: string, version: number) {
  return useQuery({
    queryKey: keys.place(vehicleId, "routine-plan", version),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/routine/plan", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
  });
}

/** What a routine would hold that is not kept yet. */
export function useRoutinePreview(vehicleId: string, routine: Routine, enabled: boolean) {
  return useQuery({
    queryKey: keys.place(vehicleId, "routine-preview", routine),
    queryFn: ({ signal }) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/routine/plan", {
          params: { path: { vehicleId } },
          body: routine,
          signal,
        }),
      ),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** What slipped where slots passed without a session; asked only where some did. */
export function useCatchUp(vehicleId: string, enabled: boolean) {
  return useQuery({
    queryKey: keys.place(vehicleId, "catch-up"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/routine/catch-up", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
    enabled,
  });
}

/** The routine as a card to print. */
export function useRoutineCard(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "routine-card"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/routine/card", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
  });
}

/** A coming session step by step. */
export function useSessionOrder(vehicleId: string, asked: Schemas["SessionOrderRequest"]) {
  return useQuery({
    queryKey: keys.place(vehicleId, "session-order", asked),
    queryFn: ({ signal }) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/routine/order", {
          params: { path: { vehicleId } },
          body: asked,
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
  });
}

/** How many busy times are known. */
export function useBusyTimes() {
  return useQuery({
    queryKey: keys.busy,
    queryFn: ({ signal }) => ask(api.GET("/api/busy", { signal })),
  });
}

/** The patterns of slots compared so far; asked again while some are still to come. */
export function useFrontier(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "frontier"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/routine/frontier", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
    refetchInterval: (query) => (query.state.data?.running ? 600 : false),
  });
}

/** Begins the comparison, or breaks it off. */
export function useFrontierTurn(vehicleId: string) {
  const queries = useQueryClient();
  const take = (found: Schemas["FrontierView"]) =>
    queries.setQueryData(keys.place(vehicleId, "frontier"), found);
  const path = { params: { path: { vehicleId } } };
  return {
    begin: useMutation({
      mutationFn: () => ask(api.POST("/api/vehicles/{vehicleId}/routine/frontier", path)),
      onSuccess: take,
    }),
    cancel: useMutation({
      mutationFn: () => ask(api.DELETE("/api/vehicles/{vehicleId}/routine/frontier", path)),
      onSuccess: take,
    }),
  };
}

/** The year ahead as the routine has it. */
export function useOutlook(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "outlook"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/outlook", { params: { path: { vehicleId } }, signal }),
      ),
  });
}

/** The year ahead if something were otherwise. */
export function useWhatIf(vehicleId: string, asked: Schemas["WhatIfRequest"], enabled: boolean) {
  return useQuery({
    queryKey: keys.place(vehicleId, "what-if", asked),
    queryFn: ({ signal }) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/outlook", {
          params: { path: { vehicleId } },
          body: asked,
          signal,
        }),
      ),
    enabled,
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** Everything the owner could do otherwise, each tried alone. */
export function useSingleChanges(vehicleId: string, enabled: boolean) {
  return useQuery({
    queryKey: keys.place(vehicleId, "single-changes"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/outlook/changes", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
    enabled,
  });
}

/** What each of some changes would save in the year, asked one by one. */
export function useSavings(vehicleId: string, changes: Schemas["SingleChangeView"][]) {
  return useQueries({
    queries: changes.map(({ name, use, routine }) => ({
      queryKey: keys.place(vehicleId, "saving", name),
      queryFn: ({ signal }: { signal: AbortSignal }) =>
        ask(
          api.POST("/api/vehicles/{vehicleId}/outlook/saving", {
            params: { path: { vehicleId } },
            body: { use, routine },
            signal,
          }),
        ),
      retry: false,
    })),
  });
}

/** How far the year may turn out otherwise, once it is known what is asked. */
export function useOutlookBand(
  vehicleId: string,
  asked: Schemas["WhatIfRequest"],
  enabled: boolean,
) {
  return useQuery({
    queryKey: keys.place(vehicleId, "outlook-band", asked),
    queryFn: ({ signal }) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/outlook/band", {
          params: { path: { vehicleId } },
          body: asked,
          signal,
        }),
      ),
    enabled,
    retry: false,
  });
}

/** When a deep clean will be due, what its day takes and what the routine spares. */
export function useDeepClean(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "deep-clean"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/deep-clean", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
  });
}

/** What the year brings beside its sessions. */
export function useComingUp(vehicleId: string) {
  return useQuery({
    queryKey: keys.place(vehicleId, "coming-up"),
    queryFn: ({ signal }) =>
      ask(
        api.GET("/api/vehicles/{vehicleId}/outlook/coming", {
          params: { path: { vehicleId } },
          signal,
        }),
      ),
  });
}

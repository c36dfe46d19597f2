import { keepPreviousData, useInfiniteQuery, useQuery } from "@tanstack/react-query";
import type { LogFilter } from "../log/filter";
import { api, ask } from "./client";
import { keys } from "./keys";

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

import { useQuery } from "@tanstack/react-query";
import { findRun } from "../run/offline";
import { keys } from "./keys";

/** A run and how far it has come. */
export function useRun(runId: string) {
  return useQuery({
    queryKey: keys.run(runId),
    queryFn: ({ signal }) => findRun(runId, signal),
  });
}

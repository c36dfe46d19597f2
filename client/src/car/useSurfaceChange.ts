import { useMutation, useQueryClient } from "@tanstack/react-query";
import { ask, Problem } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";

type Request = Parameters<typeof ask<unknown>>[0];

/** Makes a change to a surface, brings everything that shows the vehicle up to date, and says what was wrong. */
export function useSurfaceChange(vehicleId: string, onDone: () => void) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (request: () => Request) => ask<unknown>(request()),
    onSuccess: async () => {
      await refresh(queries, keys.car(vehicleId));
      onDone();
    },
  });
  const problem = change.error instanceof Problem ? change.error : null;
  const first = problem && Object.values(problem.errors)[0]?.[0];
  return {
    make: change.mutate,
    busy: change.isPending,
    errors: problem?.errors ?? {},
    /** One sentence for all that has no field of its own on the sheet. */
    sentence: first ?? change.error?.message ?? null,
  };
}

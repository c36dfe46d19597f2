import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, ask, basedOn, type Routine } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";

/** Keeps a routine, based on the version that was seen. */
export function useKeepRoutine(vehicleId: string, version: number, onKept?: () => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (routine: Routine) =>
      ask(
        api.PUT("/api/vehicles/{vehicleId}/routine", {
          params: { path: { vehicleId } },
          headers: basedOn(version),
          body: routine,
        }),
      ),
    onSuccess: (kept) => {
      queries.setQueryData(keys.place(vehicleId, "routine"), kept);
      onKept?.();
      return refresh(queries, keys.car(vehicleId));
    },
    onError: () => refresh(queries, keys.place(vehicleId, "routine")),
  });
}

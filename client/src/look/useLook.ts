import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, ask } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";

export type Seen = { inspection: string; result: string; surfaceId: string };

/** Records what was seen; everything that shows a level follows. */
export function useLook(vehicleId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (seen: Seen) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/looks", {
          params: { path: { vehicleId } },
          body: seen,
        }),
      ),
    onSuccess: () =>
      // The round one is on stays as it was planned.
      refresh(queries, keys.car(vehicleId), (query) => query.queryKey[2] !== "walk-round"),
  });
}

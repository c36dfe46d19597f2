import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, ask, type Schemas, type Spot } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";

/** Says how a spot stands after somebody saw to it. */
export function useAnswerSpot(vehicleId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ spot, outcome }: { spot: Spot; outcome: Schemas["SpotOutcome"] }) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/spots/answers", {
          params: { path: { vehicleId } },
          body: { event: spot.event, surfaceId: spot.surfaceId, outcome },
        }),
      ),
    onSuccess: () => refresh(queries, keys.car(vehicleId)),
  });
}

/** Closes surfaces to routine work, or opens them again. */
export function useClosing(vehicleId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas["ClosureAnswer"]) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/closures", { params: { path: { vehicleId } }, body }),
      ),
    onSuccess: () => refresh(queries, keys.car(vehicleId)),
  });
}

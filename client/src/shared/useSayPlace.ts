import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, ask, type Place } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";

/** Says where the owner works; sessions and glass go by it at once. */
export function useSayPlace(vehicleId: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (place: Place) =>
      ask(
        api.PUT("/api/vehicles/{vehicleId}/place", {
          params: { path: { vehicleId } },
          body: place,
        }),
      ),
    onSuccess: () => refresh(queries, keys.car(vehicleId)),
  });
}

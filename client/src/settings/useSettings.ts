import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { api, ask } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { applySettings, type Settings, settings } from "../shared/settings";

/** Asks the server how the owner reads things, and draws by it whatever is on the screen. */
export function useSettings() {
  const known = useQuery({
    queryKey: keys.settings,
    queryFn: ({ signal }) => ask(api.GET("/api/settings", { signal })),
  });
  useEffect(() => {
    if (known.data) {
      applySettings(known.data);
    }
  }, [known.data]);
  return known;
}

/** Keeps a choice; it shows everywhere at once. */
export function useChangeSettings() {
  const queries = useQueryClient();
  return useMutation({
    // One after the other, each on top of the last: two quick presses must not undo each other.
    scope: { id: "settings" },
    mutationFn: async (change: Partial<Settings["chosen"]>) => {
      const kept = await ask(
        api.PUT("/api/settings", { body: { ...settings().chosen, ...change } }),
      );
      applySettings(kept);
      return kept;
    },
    onSuccess: async (kept) => {
      queries.setQueryData(keys.settings, kept);
      // Sentences with money come from the server.
      await refresh(queries, keys.cars);
    },
  });
}

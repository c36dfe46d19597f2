import { hashKey, type QueryClient } from "@tanstack/react-query";
import { Problem } from "./client";
import { keys } from "./keys";

/**
 * Reads what is on the screen and found no server again, as soon as the server is known to answer.
 * What Cove itself has refused stays refused: asking again would not help.
 */
export function readAgainOnReturn(queries: QueryClient): () => void {
  const health = hashKey(keys.health);
  return queries.getQueryCache().subscribe((event) => {
    if (
      event.type === "updated" &&
      event.action.type === "success" &&
      event.query.queryHash === health
    ) {
      void queries.refetchQueries(
        {
          type: "active",
          predicate: ({ state }) => state.error instanceof Problem && state.error.isLostServer,
        },
        { cancelRefetch: false },
      );
    }
  });
}

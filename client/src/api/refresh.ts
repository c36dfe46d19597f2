import type { Query, QueryClient, QueryKey } from "@tanstack/react-query";

/**
 * Reads again whatever shows something that was changed. What is being read for the first time was asked before
 * the change and would show the past once it arrives, so it is broken off and asked anew.
 */
export async function refresh(
  queries: QueryClient,
  queryKey: QueryKey,
  predicate: (query: Query) => boolean = () => true,
): Promise<void> {
  await queries.cancelQueries({ queryKey, predicate });
  await queries.invalidateQueries({ queryKey, predicate });
}

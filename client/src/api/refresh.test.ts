import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { expect, test } from "vitest";
import { refresh } from "./refresh";

// A list that is being read for the first time while something is added to it was asked too early.
test("what is being read for the first time is asked anew after a change", async () => {
  const queries = new QueryClient();
  let log = ["old"];
  const held: (() => void)[] = [];
  const observer = new QueryObserver(queries, {
    queryKey: ["vehicle", "a", "log"],
    queryFn: ({ signal }) => {
      const asked = [...log];
      return new Promise<string[]>((resolve, reject) => {
        signal.addEventListener("abort", () => reject(new DOMException("gone", "AbortError")));
        held.push(() => resolve(asked));
      });
    },
    retry: false,
  });
  const stop = observer.subscribe(() => {});

  log = ["new", "old"];
  const done = refresh(queries, ["vehicle", "a"]);
  await new Promise((resolve) => setTimeout(resolve));
  for (const answer of held) {
    answer();
  }
  await done;

  expect(queries.getQueryData(["vehicle", "a", "log"])).toEqual(["new", "old"]);
  stop();
  queries.clear();
});

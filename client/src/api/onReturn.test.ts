import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { expect, test } from "vitest";
import { LOST_SERVER, Problem } from "./client";
import { keys } from "./keys";
import { readAgainOnReturn } from "./onReturn";

const settled = () => new Promise((resolve) => setTimeout(resolve));

async function readOnce(problem: Problem) {
  const queries = new QueryClient();
  readAgainOnReturn(queries);
  let answers = false;
  const observer = new QueryObserver(queries, {
    queryKey: ["vehicle", "a", "today"],
    queryFn: () => (answers ? Promise.resolve("today") : Promise.reject(problem)),
    retry: false,
  });
  observer.subscribe(() => {});
  await settled();
  expect(observer.getCurrentResult().status).toBe("error");

  answers = true;
  await queries.fetchQuery({ queryKey: keys.health, queryFn: () => true });
  await settled();
  return observer.getCurrentResult().data;
}

test("what found no server is read again once there is one", async () => {
  expect(await readOnce(new Problem(LOST_SERVER, null))).toBe("today");
});

test("what Cove has refused is not asked again", async () => {
  expect(await readOnce(new Problem("There is no such car.", 404))).toBeUndefined();
});

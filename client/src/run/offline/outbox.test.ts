import { afterEach, beforeEach, expect, test, vi } from "vitest";
import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import type { Run } from "../../api/client";
import { deviceStore } from "./device";
import { Outbox, type Reply, type Waiting } from "./outbox";

beforeEach(() => {
  vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout"] });
  globalThis.indexedDB = new IDBFactory();
});
afterEach(() => vi.useRealTimers());

const answer = (key: string): Waiting => ({
  runId: "run",
  key,
  kind: "done",
  step: 0,
  at: "2026-03-14T10:20:00Z",
  towel: null,
});

/** A server that can be lost, takes each key once, and may lose its answer on the way back. */
function server() {
  const taken: string[] = [];
  const state = { lost: false, stranger: false, losesReplies: false, refuses: "" };
  const send = async ({ key }: Waiting): Promise<Reply> => {
    if (state.lost) {
      return { kind: "held", by: "silence" };
    }
    if (state.stranger) {
      return { kind: "held", by: "stranger" };
    }
    if (key === state.refuses) {
      return { kind: "refused", run: null, why: "Another device was first." };
    }
    if (!taken.includes(key)) {
      taken.push(key);
    }
    return state.losesReplies
      ? { kind: "held", by: "silence" }
      : { kind: "taken", run: { id: "run" } as Run };
  };
  return { taken, state, send };
}

test("answers given without a network are sent in order once it is back, each once", async () => {
  const { taken, state, send } = server();
  const outbox = new Outbox(deviceStore(), send);
  await outbox.ready;
  state.lost = true;
  await outbox.add(answer("a"));
  await outbox.add(answer("b"));
  await outbox.add(answer("c"));
  expect([outbox.waiting().length, outbox.heldBy(), taken]).toEqual([3, "silence", []]);

  // The server takes one and its answer is lost: it is sent again, and counts once.
  state.lost = false;
  state.losesReplies = true;
  await outbox.flush();
  state.losesReplies = false;
  await outbox.flush();
  expect(taken).toEqual(["a", "b", "c"]);
  expect([outbox.waiting(), outbox.heldBy()]).toEqual([[], null]);
});

test("there is no moment in which an answer is neither waiting nor in the run that the server gave", async () => {
  const taken: string[] = [];
  const outbox = new Outbox(deviceStore(), async ({ key }) => {
    taken.push(key);
    return { kind: "taken", run: { id: "run", events: taken.map((key) => ({ key })) } as Run };
  });
  await outbox.ready;
  const missing: string[] = [];
  const given: string[] = [];
  outbox.subscribe(() => {
    const there = new Set([
      ...outbox.waiting().map((waiting) => waiting.key),
      ...(outbox.latest("run")?.events ?? []).map((event) => event.key),
    ]);
    missing.push(...given.filter((key) => !there.has(key)));
  });
  for (const key of ["a", "b", "c"]) {
    await outbox.add(answer(key));
    given.push(key);
  }
  expect([taken, missing]).toEqual([["a", "b", "c"], []]);
});

test("what waited is found again after the page was closed", async () => {
  const first = server();
  first.state.lost = true;
  const closed = new Outbox(deviceStore(), first.send);
  await closed.ready;
  await closed.add(answer("a"));
  await closed.add(answer("b"));

  const { taken, send } = server();
  const opened = new Outbox(deviceStore(), send);
  await opened.ready;
  await opened.flush();
  await vi.waitFor(() => expect(taken).toEqual(["a", "b"]));
});

test("what something between says is no refusal: all wait, and go out in order afterwards", async () => {
  const { taken, state, send } = server();
  const outbox = new Outbox(deviceStore(), send);
  await outbox.ready;
  state.stranger = true;
  await outbox.add(answer("a"));
  await outbox.add(answer("b"));
  expect([outbox.waiting().length, outbox.heldBy(), outbox.refused()]).toEqual([2, "stranger", []]);

  state.stranger = false;
  await outbox.flush();
  expect([taken, outbox.heldBy()]).toEqual([["a", "b"], null]);
});

test("what is refused is said, kept until it was read, and keeps nothing else back", async () => {
  const { taken, state, send } = server();
  const outbox = new Outbox(deviceStore(), send);
  await outbox.ready;
  state.lost = true;
  await outbox.add(answer("a"));
  await outbox.add(answer("b"));
  state.lost = false;
  state.refuses = "a";
  await outbox.flush();
  expect(taken).toEqual(["b"]);
  const refused = [{ key: "a", answer: { key: "a" }, why: "Another device was first." }];
  expect(outbox.refused()).toMatchObject(refused);

  // The page may be closed before anybody has read it.
  const opened = new Outbox(deviceStore(), send);
  await opened.ready;
  expect([opened.waiting(), opened.refused()]).toMatchObject([[], refused]);
  await opened.forgetRefused("another run");
  expect(opened.refused()).toMatchObject(refused);
  await opened.forgetRefused("run");
  const again = new Outbox(deviceStore(), send);
  await again.ready;
  expect(again.refused()).toEqual([]);
});

test("a browser without a database keeps answers as long as the page is open", async () => {
  vi.stubGlobal("indexedDB", undefined);
  const { taken, state, send } = server();
  const outbox = new Outbox(deviceStore(), send);
  await outbox.ready;
  state.lost = true;
  await outbox.add(answer("a"));
  state.lost = false;
  await outbox.flush();
  expect(taken).toEqual(["a"]);
  vi.unstubAllGlobals();
});

test("the last runs are kept on the device, and no more than that", async () => {
  const store = deviceStore();
  for (const id of ["1", "2", "3", "4", "5", "6"]) {
    await store.keepRun({ id } as Run);
  }
  expect((await store.runs()).length).toBe(4);
});

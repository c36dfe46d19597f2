import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { isFromCove, KEY_HEADER, StrangerAnswered, sendOnce } from "./resend";

const sent: Request[] = [];
let lost = 0;
let stranger = 0;
let strangerType = "text/html";
let silent = false;

beforeEach(() => {
  vi.useFakeTimers();
  sent.length = 0;
  lost = 0;
  stranger = 0;
  strangerType = "text/html";
  silent = false;
  vi.stubGlobal("fetch", async (request: Request) => {
    sent.push(request);
    if (sent.length <= lost) {
      throw new TypeError("Failed to fetch");
    }
    if (stranger) {
      return new Response("<h1>Sign in</h1>", {
        status: stranger,
        headers: { "Content-Type": strangerType },
      });
    }
    if (silent) {
      return new Promise((_, reject) =>
        request.signal.addEventListener("abort", () => reject(request.signal.reason)),
      );
    }
    return new Response("{}", { status: 201, headers: { "Cove-Answer": "1" } });
  });
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const post = (headers: Record<string, string> = {}) =>
  new Request("http://cove.test/api/things", { method: "POST", body: '{"a":1}', headers });

test("a request whose answer was lost is sent again under the same key, with the same body", async () => {
  lost = 2;

  const answer = sendOnce(post());
  await vi.runAllTimersAsync();

  expect((await answer).status).toBe(201);
  expect(sent).toHaveLength(3);
  expect(new Set(sent.map((request) => request.headers.get(KEY_HEADER))).size).toBe(1);
  expect(await Promise.all(sent.map((request) => request.text()))).toEqual(
    Array(3).fill('{"a":1}'),
  );
});

test("a server that stays lost is said to be so", async () => {
  lost = 99;

  const answer = sendOnce(post()).catch((cause: Error) => cause.message);
  await vi.runAllTimersAsync();

  expect(await answer).toBe("Failed to fetch");
  expect(sent).toHaveLength(3);
});

test("whoever brings a key sends again by itself", async () => {
  lost = 1;

  await expect(sendOnce(post({ [KEY_HEADER]: "of-the-run" }))).rejects.toThrow();
  expect(sent.map((request) => request.headers.get(KEY_HEADER))).toEqual(["of-the-run"]);
});

test("what only reads carries no key", async () => {
  await sendOnce(new Request("http://cove.test/api/things"));

  expect(sent.map((request) => request.headers.has(KEY_HEADER))).toEqual([false]);
});

test.each([200, 401, 403, 404, 429, 500])(
  "what something between says with %i is no answer of Cove",
  async (status) => {
    stranger = status;

    await expect(sendOnce(new Request("http://cove.test/api/things"))).rejects.toBeInstanceOf(
      StrangerAnswered,
    );
  },
);

test("a refusal in words is passed on whoever wrote it, but not as Cove's", async () => {
  strangerType = "application/problem+json";
  stranger = 409;

  const refused = await sendOnce(new Request("http://cove.test/api/things"));
  expect(refused.status).toBe(409);
  expect(isFromCove(refused)).toBe(false);
  stranger = 200;
  await expect(sendOnce(new Request("http://cove.test/api/things"))).rejects.toBeInstanceOf(
    StrangerAnswered,
  );
});

test("a server that takes a request and stays silent is given up, and so is what nobody waits for", async () => {
  silent = true;
  const leaving = new AbortController();

  const answer = sendOnce(new Request("http://cove.test/api/things")).catch(
    (cause: DOMException) => cause.name,
  );
  const left = sendOnce(
    new Request("http://cove.test/api/things", { signal: leaving.signal }),
  ).catch((cause: DOMException) => cause.name);
  leaving.abort();
  expect(await left).toBe("AbortError");
  await vi.runAllTimersAsync();

  expect(await answer).toBe("TimeoutError");
});

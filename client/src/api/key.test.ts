import { afterEach, expect, test, vi } from "vitest";
import { newKey } from "./key";

afterEach(() => vi.unstubAllGlobals());

// Without a secure context a browser has no crypto.randomUUID and no crypto.subtle.
test("a key is made without anything that needs a secure context", () => {
  vi.stubGlobal("crypto", {
    getRandomValues: (bytes: Uint8Array) => bytes.map((_, index) => index * 7),
  });

  expect(newKey()).toMatch(/^[0-9a-f]{32}$/);
});

test("two keys are never the same", () => {
  const keys = new Set(Array.from({ length: 1000 }, newKey));

  expect(keys.size).toBe(1000);
});

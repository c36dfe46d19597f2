import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import type { Run, RunStep } from "../api/client";
import { whyNotTaken } from "./notTaken";
import { keepPart, keptPart, partsOf } from "./parts";
import { ring } from "./ring";

afterEach(() => vi.unstubAllGlobals());

const step = (name: string, outcome: string | null = null) => ({ name, outcome }) as RunStep;

describe("the parts of a step", () => {
  const method = (name: string, steps: string[]) => ({
    method: { name, steps: steps.map((text) => ({ text })) },
  });

  test("follow each other method by method, and say where one begins", () => {
    const parts = partsOf({
      methods: [method("Wipe", ["a", "b"]), method("Buff", ["c"])],
    } as unknown as RunStep);

    expect(parts.map((part) => [part.step.text, part.opens])).toEqual([
      ["a", true],
      ["b", false],
      ["c", true],
    ]);
  });

  describe("on this device", () => {
    let stored: Record<string, string>;
    beforeEach(() => {
      stored = {};
      vi.stubGlobal("localStorage", {
        getItem: (key: string) => stored[key] ?? null,
        setItem: (key: string, value: string) => {
          stored[key] = value;
        },
      });
    });

    test("the part a run stands at is kept for that step alone", () => {
      keepPart("run 1", 3);

      expect([keptPart("run 1"), keptPart("run 2")]).toEqual([3, 0]);
    });

    test("what was kept and cannot be read begins again", () => {
      stored["cove.part"] = "{";

      expect(keptPart("run 1")).toBe(0);
    });
  });

  test("a browser that keeps nothing begins again without failing", () => {
    vi.stubGlobal("localStorage", {
      getItem: () => {
        throw new DOMException("denied", "SecurityError");
      },
      setItem: () => {
        throw new DOMException("full", "QuotaExceededError");
      },
    });
    keepPart("run 1", 3);

    expect(keptPart("run 1")).toBe(0);
  });
});

describe("an answer that Cove did not take", () => {
  const refused = (number: number) => ({
    key: "mine",
    answer: { key: "mine", runId: "run", kind: "done" as const, step: number, at: "", towel: null },
    why: "Its own reason.",
  });
  const run = (outcome: string, key: string) =>
    ({
      steps: [step("Vacuum", outcome), step("Wipe")],
      events: [{ key, kind: outcome, step: 0 }],
      current: 1,
    }) as unknown as Run;
  const isMine = (key: string) => key.startsWith("mine");

  test("because another device was first is told with the outcome and where the session stands", () => {
    expect(whyNotTaken(run("skipped", "theirs"), refused(0), isMine)).toBe(
      "“Vacuum” was answered on another device: skipped. Now at step 2.",
    );
  });

  test("may have been to the last step", () => {
    const over = { ...run("done", "theirs"), steps: [step("Vacuum", "done")] };

    expect(whyNotTaken(over, refused(0), isMine)).toContain("That was the last step.");
  });

  test("is never put down to another device that said nothing", () => {
    expect(whyNotTaken(run("done", "mine too"), refused(0), isMine)).toBe(
      "Cove did not take your answer to “Vacuum”. Its own reason.",
    );
    expect(whyNotTaken(run("done", "theirs"), refused(1), isMine)).toContain("Its own reason.");
    expect(whyNotTaken(run("done", "theirs"), refused(7), isMine)).toContain("Its own reason.");
  });
});

test("a phone that can neither sound nor buzz stays quiet", () => {
  vi.stubGlobal("navigator", {});

  expect(() => ring()).not.toThrow();
});

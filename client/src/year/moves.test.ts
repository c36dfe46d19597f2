import { describe, expect, it } from "vitest";
import type { PlannedSlot } from "../api/client";
import { withMove } from "./moves";

const [a, b, c] = ["2026-04-04", "2026-04-11", "2026-04-18"].map(
  (ruleDay) => ({ slotId: "s", ruleDay }) as PlannedSlot,
) as [PlannedSlot, PlannedSlot, PlannedSlot];

describe("moves", () => {
  it("go on from where a task was moved to", () => {
    const moves = withMove(withMove([], "boot", a, b), "boot", b, c);
    expect(moves).toEqual([
      { task: "boot", fromSlot: "s", fromDay: a.ruleDay, toSlot: "s", toDay: c.ruleDay },
    ]);
  });

  it("are gone when a task is moved back", () => {
    expect(withMove(withMove([], "boot", a, b), "boot", b, a)).toEqual([]);
  });

  it("leave other tasks alone", () => {
    expect(withMove(withMove([], "boot", a, b), "wheel", b, c)).toHaveLength(2);
  });
});

import { describe, expect, it } from "vitest";
import type { OutlookLane } from "../../api/client";
import { courseOf, worstOf } from "./course";

const lane = (points: { day: number; level: number }[]) => ({ points }) as OutlookLane;

describe("the course of a level", () => {
  const saw = courseOf(
    lane([
      { day: 0, level: 0.5 },
      { day: 2, level: 1 },
      { day: 2, level: 0 },
      { day: 4, level: 0.5 },
    ]),
    4,
  );

  it("goes straight between its points and falls where the task is done", () => {
    expect(saw.before).toEqual([0.5, 0.75, 1, 0.25, 0.5]);
    expect(saw.after).toEqual([0.5, 0.75, 0, 0.25, 0.5]);
  });

  it("of a group is that of its worst task", () => {
    const flat = courseOf(
      lane([
        { day: 0, level: 0.6 },
        { day: 4, level: 0.6 },
      ]),
      4,
    );
    expect(worstOf([saw, flat]).before).toEqual([0.6, 0.75, 1, 0.6, 0.6]);
    expect(worstOf([saw, flat]).after).toEqual([0.6, 0.75, 0.6, 0.6, 0.6]);
  });
});

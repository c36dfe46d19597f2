import { expect, test } from "vitest";
import type { PlannedStep } from "../api/client";
import { combsOf, lengthOf } from "./plates";

const step = (number: number, x: number, y: number, overMark = false) =>
  ({ number, stop: { x, y }, overMark }) as PlannedStep;
const plan = { x: 0, y: 0, width: 900, height: 560 };

test("steps that follow each other at one door share a plate, but an overdue one has its own", () => {
  const [comb] = combsOf(
    [step(3, 200, 0), step(4, 200, 0), step(5, 200, 0, true), step(9, 200, 0)],
    plan,
    3,
  );
  expect(comb?.plates.map((plate) => plate.text)).toEqual(["3–4", "5", "9"]);
});

test("combs of neighbouring doors never cover each other", () => {
  const steps = Array.from({ length: 16 }, (_, index) =>
    step(index * 2 + 1, 200 + (index % 3) * 60, 560),
  );
  const combs = combsOf(steps, plan, 3).sort((a, b) => a.from - b.from);
  for (const [index, comb] of combs.entries()) {
    const next = combs[index + 1];
    expect(comb.side).toBe("bottom");
    expect(next === undefined || comb.from + lengthOf(comb, 3) < next.from).toBe(true);
  }
});

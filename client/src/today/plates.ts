import type { PlannedStep } from "../api/client";
import { joined } from "./laneLabels";

/** A plate with one number, or with several that follow each other at one stop. */
export type Plate = { text: string; over: boolean; width: number };

/** The plates of one stop, side by side, with the place they belong to. */
export type Comb = { x: number; y: number; side: Side; plates: Plate[]; from: number };

export type Side = "top" | "bottom" | "left" | "right";

/** The height of a plate and what a character adds to its width, in pixels of the screen. */
export const PLATE = 18;
const LETTER = 8.4;
const GAP = 3;

type Box = { x: number; y: number; width: number; height: number };

/**
 * Gathers the steps at each stop into plates and sets them out along the sides of the car, so that none covers another.
 * @param unit How many units of the plan one pixel is.
 */
export function combsOf(steps: readonly PlannedStep[], plan: Box, unit: number): Comb[] {
  const stops = stopsOf(steps);
  const combs = stops.map((here) => {
    const [first] = here as [PlannedStep];
    return {
      x: first.stop.x,
      y: first.stop.y,
      side: sideOf(first.stop, plan),
      plates: platesOf(here, unit),
      from: 0,
    };
  });
  for (const side of ["top", "bottom", "left", "right"] as const) {
    const along = side === "top" || side === "bottom" ? "x" : "y";
    spread(
      combs.filter((comb) => comb.side === side).sort((a, b) => a[along] - b[along]),
      along,
      unit,
    );
  }
  return combs;
}

function stopsOf(steps: readonly PlannedStep[]): PlannedStep[][] {
  const stops = new Map<string, PlannedStep[]>();
  for (const step of steps) {
    const key = `${step.stop.x},${step.stop.y}`;
    stops.set(key, [...(stops.get(key) ?? []), step]);
  }
  return [...stops.values()];
}

/** How far a comb reaches along its side. */
export function lengthOf(comb: Comb, unit: number): number {
  return comb.side === "left" || comb.side === "right"
    ? comb.plates.length * (PLATE + GAP) * unit - GAP * unit
    : comb.plates.reduce((sum, plate) => sum + plate.width + GAP * unit, -GAP * unit);
}

function sideOf(stop: { x: number; y: number }, plan: Box): Side {
  const gaps: [Side, number][] = [
    ["top", stop.y - plan.y],
    ["bottom", plan.y + plan.height - stop.y],
    ["left", stop.x - plan.x],
    ["right", plan.x + plan.width - stop.x],
  ];
  return gaps.reduce((best, gap) => (gap[1] < best[1] ? gap : best))[0];
}

/** Steps that follow each other share a plate, unless only some of them are overdue. */
function platesOf(steps: PlannedStep[], unit: number): Plate[] {
  const groups: PlannedStep[][] = [];
  for (const step of steps) {
    const last = groups.at(-1);
    const before = last?.at(-1);
    if (last && before && before.number === step.number - 1 && before.overMark === step.overMark) {
      last.push(step);
    } else {
      groups.push([step]);
    }
  }
  return groups.map((group) => {
    const text = joined(group.map((step) => step.number));
    return { text, over: group[0]?.overMark ?? false, width: (text.length * LETTER + 6) * unit };
  });
}

/** Sets combs out in order, each as near to its stop as the one before lets it. */
function spread(combs: Comb[], along: "x" | "y", unit: number) {
  const gap = 8 * unit;
  let end = Number.NEGATIVE_INFINITY;
  for (const comb of combs) {
    const length = lengthOf(comb, unit);
    comb.from = Math.max(comb[along] - length / 2, end + gap);
    end = comb.from + length;
  }
  // What was pushed far to one end moves back as a whole.
  const last = combs.at(-1);
  const first = combs[0];
  if (last && first) {
    const push = last.from + lengthOf(last, unit) / 2 - last[along];
    const back = Math.max(0, push / 2);
    for (const comb of combs) {
      comb.from -= back;
    }
  }
}

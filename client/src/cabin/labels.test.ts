import { describe, expect, test } from "vitest";
import type { Cabin } from "../api/client";
import { frameOf } from "./frame";
import { insideLabels, type Leader, leaders } from "./labels";

/** A cabin of boxes in rows, drawn anew from a number so that every run sees the same ones. */
function someCabin(seed: number): Cabin {
  let state = seed * 2654435761 + 1;
  const random = (most: number) => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state % most;
  };
  const shapes = Array.from({ length: 28 }, (_, index) => {
    const x = 60 + (index % 7) * 150;
    const y = 60 + Math.floor(index / 7) * 110;
    const width = 20 + random(120);
    const height = 16 + random(84);
    return {
      surfaceId: `s${index}`,
      layer: "floor",
      outline: "M0 0",
      narrowest: Math.min(width, height),
      bounds: { x, y, width, height },
      anchor: { x: x + width / 2, y: y + height / 2 },
    };
  });
  const surfaces = shapes.map((shape, index) => ({
    id: shape.surfaceId,
    shortName: `Part ${index}`,
    zoneId: index % 7 < 3 ? "driver" : "boot",
    level: random(13) / 10,
    daysLeft: random(60) - 10,
    overMark: random(4) === 0,
    note: random(5) === 0 ? "sugar syrup" : "",
  }));
  return {
    plan: { bounds: { x: 0, y: 0, width: 1120, height: 520 }, shapes },
    surfaces,
  } as unknown as Cabin;
}

const cabins = Array.from({ length: 40 }, (_, index) => someCabin(index + 1));
const overlap = (label: Leader, other: Leader) =>
  label.x < other.x + other.width && other.x < label.x + label.width;

describe.each(["whole car", "driver", "boot"])("labels of the %s", (what) => {
  const zone = what === "whole car" ? null : what;
  const drawn = cabins.map((cabin) => {
    const frame = frameOf(cabin, zone);
    return { cabin, frame, all: leaders(cabin, frame), inside: insideLabels(cabin, frame) };
  });

  test("no two in a margin's row touch", () => {
    for (const { all } of drawn) {
      for (const label of all) {
        const row = all.filter(
          (other) => other !== label && other.top === label.top && other.row === label.row,
        );
        expect(row.some((other) => overlap(label, other))).toBe(false);
      }
    }
  });

  test("each stands inside the frame and its leader drops from it", () => {
    for (const { all, frame } of drawn) {
      for (const label of all) {
        expect(label.x).toBeGreaterThanOrEqual(frame.x);
        expect(label.x + label.width).toBeLessThanOrEqual(frame.x + frame.width);
        expect(label.anchor.x).toBeGreaterThanOrEqual(label.x);
        expect(label.anchor.x).toBeLessThanOrEqual(label.x + label.width);
      }
    }
  });

  test("only what is shown is labelled, each surface once in the margins", () => {
    for (const { all, inside } of drawn) {
      const ids = all.map((label) => label.surface.id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const label of [...all, ...inside]) {
        expect(zone === null || label.surface.zoneId === zone).toBe(true);
      }
    }
  });
});

test("a zone fills the frame that shows it, and no more of the plan than the whole", () => {
  for (const cabin of cabins) {
    const frame = frameOf(cabin, "driver");
    const whole = frameOf(cabin, null);
    expect(frame.unit).toBeLessThanOrEqual(1);
    expect(frame.width).toBeLessThanOrEqual(whole.width);
    for (const { surfaceId, bounds } of cabin.plan.shapes) {
      const surface = cabin.surfaces.find((known) => known.id === surfaceId);
      if (surface?.zoneId === "driver") {
        expect(bounds.x).toBeGreaterThanOrEqual(frame.x);
        expect(bounds.x + bounds.width).toBeLessThanOrEqual(frame.x + frame.width);
      }
    }
  }
});

test("a zone that nothing is in shows the whole car", () => {
  expect(frameOf(someCabin(1), "moon")).toEqual(frameOf(someCabin(1), null));
});

import { expect, test } from "vitest";
import { LONGEST, NUMBERED, SHORTEST, TICKS, toMinutes, toPlace } from "./scale";

test("every minute has a place of its own, in order, from one end to the other", () => {
  const all = Array.from({ length: LONGEST - SHORTEST + 1 }, (_, index) => SHORTEST + index);

  expect(all.map((place) => toMinutes(toPlace(place)))).toEqual(all);
  expect([toPlace(SHORTEST), toPlace(LONGEST)]).toEqual([0, 1]);
  expect(all.every((place, index) => index === 0 || toPlace(place) > toPlace(place - 1))).toBe(
    true,
  );
});

test("short times have more room than long ones", () => {
  expect(toPlace(10) - toPlace(5)).toBeGreaterThan(toPlace(120) - toPlace(115));
});

test("a place beyond the ruler is its end", () => {
  expect([toMinutes(-1), toMinutes(2)]).toEqual([SHORTEST, LONGEST]);
});

test("every numbered mark is a tick", () => {
  expect(NUMBERED.every((place) => TICKS.includes(place))).toBe(true);
});

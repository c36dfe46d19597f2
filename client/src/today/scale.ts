import * as limits from "../api/limits";

/** The minutes of the ruler stand on a square-root scale, so that short times have room. */
export const { min: SHORTEST, max: LONGEST } = limits.NewRun.minutes;

const span = Math.sqrt(LONGEST) - Math.sqrt(SHORTEST);

/** Where a number of minutes stands on the ruler, from 0 to 1. */
export function toPlace(minutes: number): number {
  return (Math.sqrt(minutes) - Math.sqrt(SHORTEST)) / span;
}

/** The whole minutes at a place on the ruler; those of its end for a place beyond it. */
export function toMinutes(place: number): number {
  const within = Math.max(0, Math.min(1, place));
  return Math.round((Math.sqrt(SHORTEST) + within * span) ** 2);
}

/** The marks of the ruler that carry a number. */
export const NUMBERED = [SHORTEST, 10, 15, 20, 25, 30, 40, 50, 60, 75, 90, 105, LONGEST];

/** Every tick: each minute to 30, each second one to 60, each fifth to the end. */
export const TICKS: number[] = (() => {
  const ticks: number[] = [];
  for (let at = SHORTEST; at <= LONGEST; at += at < 30 ? 1 : at < 60 ? 2 : 5) {
    ticks.push(at);
  }
  return ticks;
})();

import type { Today } from "../api/client";

/** The width of a letter of a call-out, on average; the minutes are bold. */
const LETTER = 6.5;
const GAP = 10;

/** A point of the curve that is worth a word. */
export type CallOut = { at: number; text: string };

/** Where a call-out stands: on which of the two rows, from where to where, and whether there is room for more than its minutes. */
export type Placed = CallOut & { x: number; row: 0 | 1; turned: boolean; full: boolean };

/** The points of the curve that are worth a word, shortest first; what falls together is said once. */
export function callOutsOf(today: Today): CallOut[] {
  const said = new Map<number, string>();
  const points: [number | null, string][] = [
    [today.comingDueMinutes, "all that comes due this week"],
    [
      today.overdueMinutes,
      today.notThisTime.some((held) => held.overMark)
        ? "all overdue that can be done today"
        : "all that is overdue",
    ],
    [today.flatMinutes, "little gained after this"],
  ];
  for (const [at, text] of points) {
    if (at !== null && !said.has(at)) {
      said.set(at, text);
    }
  }
  return [...said].map(([at, text]) => ({ at, text })).sort((a, b) => a.at - b.at);
}

type Way = { row: 0 | 1; turned: boolean; full: boolean };

/** Every way to show a call-out, the best first: with its words before only its minutes, low before high, to the right before to the left. */
const WAYS: Way[] = [true, false].flatMap((full) =>
  ([1, 0] as const).flatMap((row) => [false, true].map((turned) => ({ row, turned, full }))),
);

/** Sets the call-outs on two rows above the curve so that as many of their words as possible can be read and none meets another; one without room goes. */
export function placed(
  all: CallOut[],
  x: (at: number) => number,
  left: number,
  right: number,
): Placed[] {
  let best: { score: number; shown: Placed[] } = { score: -1, shown: [] };
  const search = (index: number, shown: Placed[], score: number) => {
    const callOut = all[index];
    if (!callOut) {
      best = score > best.score ? { score, shown } : best;
      return;
    }
    for (const way of WAYS) {
      const next = { ...callOut, ...way, x: x(callOut.at) };
      const [from, to] = reach(next);
      if (from >= left - 4 && to <= right + 4 && shown.every((other) => apart(other, next))) {
        search(
          index + 1,
          [...shown, next],
          score + (way.full ? 30 : 10) + way.row * 2 - (way.turned ? 1 : 0),
        );
      }
    }
    search(index + 1, shown, score);
  };
  search(0, [], 0);
  return best.shown;
}

/** From where to where the words of a call-out reach. */
function reach({ x, at, text, turned, full }: Placed): [number, number] {
  const width = (`${at} min`.length + (full ? text.length : 0)) * LETTER + (full ? 8 : 2);
  return turned ? [x + 4 - width, x + 4] : [x - 4, x - 4 + width];
}

/** Whether two call-outs neither cover each other nor run a leader through the other's words. */
function apart(one: Placed, other: Placed): boolean {
  const [from, to] = reach(one);
  const [begin, end] = reach(other);
  if (one.row === other.row) {
    return to + GAP < begin || end + GAP < from;
  }
  const [low, high] = one.row === 1 ? [one, other] : [other, one];
  const [lowFrom, lowTo] = reach(low);
  return high.x < lowFrom - 3 || high.x > lowTo + 3;
}

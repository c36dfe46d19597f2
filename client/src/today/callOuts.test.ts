import { expect, test } from "vitest";
import { placed } from "./callOuts";

const x = (at: number) => at * 10;

test("call-outs that stand apart share the lower row", () => {
  const all = placed(
    [
      { at: 5, text: "all that is overdue" },
      { at: 60, text: "little gained after this" },
    ],
    x,
    0,
    1000,
  );
  expect(all.map(({ row, full }) => [row, full])).toEqual([
    [1, true],
    [1, true],
  ]);
});

test("one that would meet the next goes up, and at the right end the words turn", () => {
  const all = placed(
    [
      { at: 80, text: "all that is overdue" },
      { at: 95, text: "little gained after this" },
    ],
    x,
    0,
    1000,
  );
  expect(all.every(({ full, turned }) => full && turned)).toBe(true);
  expect(new Set(all.map(({ row }) => row)).size).toBe(2);
});

test("three on one spot keep what there is room for, and none covers another", () => {
  const all = placed(
    [
      { at: 50, text: "all that comes due this week" },
      { at: 51, text: "all that is overdue" },
      { at: 52, text: "little gained after this" },
    ],
    x,
    0,
    600,
  );
  const rows = new Set(all.filter(({ full }) => full).map(({ row }) => row));
  expect(rows.size).toBe(all.filter(({ full }) => full).length);
});

import { expect, test } from "vitest";
import { joined, labelOf, numbersAbove } from "./laneLabels";

const block = (number: number, left: number, width: number) => ({
  number,
  shortName: "Vacuum seats",
  left,
  width,
});

test("a block has its name where there is room, its number where there is less, and nothing where there is none", () => {
  expect([120, 30, 9].map((width) => labelOf(block(4, 0, width)))).toEqual([
    "name",
    "number",
    "above",
  ]);
});

test("numbers that run on are joined", () => {
  expect(joined([9, 10, 11])).toBe("9–11");
  expect(joined([1, 3, 4, 9])).toBe("1, 3–4, 9");
});

test("narrow neighbours share a mark above, and two marks never meet", () => {
  const marks = numbersAbove([block(10, 100, 6), block(11, 106, 6), block(14, 300, 6)]);
  expect(marks).toEqual([
    { text: "10–11", at: 106 },
    { text: "14", at: 303 },
  ]);
});

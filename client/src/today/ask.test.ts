import { expect, test } from "vitest";
import { isAsked, NOTHING_ASKED, readAsk, settled, without, withTask, writeAsk } from "./ask";

test("what is asked survives the address", () => {
  const ask = {
    ...NOTHING_ASKED,
    leftOut: ["boot"],
    keptIn: ["scent", "headliner"],
    first: "windscreen",
    last: "boot",
    withoutWater: true,
    surfaces: ["seat-1"],
  };
  expect(readAsk(writeAsk(ask))).toEqual(ask);
  expect(isAsked(NOTHING_ASKED)).toBe(false);
});

test("a task is in, out or left to Cove, and never two of them", () => {
  const out = without({ ...NOTHING_ASKED, keptIn: ["boot"], first: "boot" }, "boot");
  expect(out).toMatchObject({ leftOut: ["boot"], keptIn: [], first: null });
  const back = withTask(out, "boot");
  expect(back).toMatchObject({ leftOut: [], keptIn: ["boot"] });
  expect(isAsked(settled(back, "boot"))).toBe(false);
});

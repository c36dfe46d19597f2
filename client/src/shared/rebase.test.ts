import { expect, test } from "vitest";
import { differenceSaid, rebase } from "./rebase";

const before = { people: 2, kilometresAWeek: 240, pets: "never", months: [1, 2] };

test("the owner's answers stay, the other's are taken over and told", () => {
  const { draft, differences } = rebase(
    before,
    { ...before, people: 3 },
    { ...before, kilometresAWeek: 300, months: [1, 2, 3] },
  );

  expect(draft).toEqual({ people: 3, kilometresAWeek: 300, pets: "never", months: [1, 2, 3] });
  expect(differences.map(differenceSaid)).toEqual([
    "Kilometres a week: 240, now 300",
    "Months: changed",
  ]);
});

test("where both changed the same, the owner's answer stays and the other is told", () => {
  const { draft, differences } = rebase(before, { ...before, people: 3 }, { ...before, people: 4 });

  expect(draft.people).toBe(3);
  expect(differences.map(differenceSaid)).toEqual(["People: 2, now 4"]);
});

test("what was saved here is no news", () => {
  const mine = { ...before, people: 3 };

  expect(rebase(before, mine, mine)).toEqual({ draft: mine, differences: [] });
});

test("words and nothing are said as words", () => {
  expect(differenceSaid({ field: "pets", before: "never", after: "daily" })).toBe(
    "Pets: never, now daily",
  );
  expect(differenceSaid({ field: "note", before: "", after: "half empty" })).toBe(
    "Note: nothing, now half empty",
  );
  expect(differenceSaid({ field: "sunroof", before: false, after: true })).toBe(
    "Sunroof: no, now yes",
  );
});

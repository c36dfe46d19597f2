import { beforeAll, describe, expect, test } from "vitest";
import {
  clock,
  clockAfter,
  clockOrDay,
  count,
  dayOnPaper,
  days,
  daysSaid,
  minutes,
  percent,
  seconds,
  shortDay,
  within,
} from "./format";
import { applySettings, settings } from "./settings";

beforeAll(() => applySettings({ ...settings(), today: "2026-03-14" }));

const MORNING = "2026-03-14T10:20:00+01:00";

describe("dates and times read as on the owner's wall, wherever the phone is", () => {
  test.each([
    [shortDay, "Sat 14 Mar"],
    [dayOnPaper, "14 Mar 2026"],
    [clock, "10:20"],
  ])("%s", (say, expected) => {
    expect(say(MORNING)).toBe(expected);
  });

  test("another year is said, on paper this one too", () => {
    expect(shortDay("2027-03-14")).toBe("Sun 14 Mar 2027");
    expect(dayOnPaper("2027-03-14")).toBe("14 Mar 2027");
  });

  test("a clock runs on over midnight and back before it", () => {
    expect(clockAfter("2026-03-14T23:50:00+01:00", 25)).toBe("00:15");
    expect(clockAfter("2026-03-14T00:10:00+01:00", -20)).toBe("23:50");
  });

  test("a time of another day says the day", () => {
    expect(clockOrDay("2026-03-14T15:40:00+01:00", MORNING)).toBe("15:40");
    expect(clockOrDay("2026-03-15T09:00:00+01:00", MORNING)).toBe("Sun 15 Mar 09:00");
  });
});

test("days left are counted both ways", () => {
  expect([days(3), days(-2), days(null)]).toEqual(["3", "−2", "never"]);
  expect([daysSaid(1), daysSaid(0), daysSaid(-1), daysSaid(null)]).toEqual([
    "1 day left",
    "due today",
    "1 day over",
    "never due",
  ]);
});

test("numbers have no false precision", () => {
  expect([minutes(4.3), minutes(4.24), percent(0.805)]).toEqual(["4.5", "4", "81 %"]);
  expect([seconds(65), seconds(-3), seconds(3599.6)]).toEqual(["1:05", "0:00", "60:00"]);
  expect([count(1, "task"), count(0, "task")]).toEqual(["1 task", "0 tasks"]);
});

test("errors of a part of a form lose the name of the part", () => {
  expect(within({ "layout.doors": ["Two."], name: ["Long."] }, "layout.")).toEqual({
    doors: ["Two."],
  });
});

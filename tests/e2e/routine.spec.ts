import { PHONE } from "./browser.mjs";
import { expect, open, test } from "./cove.ts";

test("a first routine is made of two answers, changed, and told to Today and to a calendar", async ({
  page,
  cove,
}) => {
  const cars = await (await fetch(`${cove.url}/api/vehicles`)).json();
  const place = `${cove.url}/cars/${cars[1].id}`;
  await page.goto(`${place}/today`);
  await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
  await expect(page.getByText(/^Your (next )?slot is/)).toHaveCount(0);

  await page.goto(`${place}/year`);
  await expect(page.getByRole("heading", { name: "When would you clean?" })).toBeVisible();
  await page.getByRole("spinbutton", { name: "Minutes" }).fill("20");
  await page.getByRole("button", { name: "Plan the year" }).click();
  const sessions = page.getByRole("region", { name: "The next sessions" });
  await expect(sessions.getByRole("button", { name: /of 20 min/ }).first()).toBeVisible();
  await expect(sessions.getByRole("button", { name: /of 75 min/ }).first()).toBeVisible();

  // A pin holds, and what it costs is said before it is kept.
  await page.getByRole("combobox", { name: "Clean the seat belts: you decide" }).click();
  await page.getByRole("option", { name: "Each Mar", exact: true }).click();
  await expect(page.getByText("Days overdue in the year")).toBeVisible();
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Kept. The plan follows from today.")).toBeVisible();
  await expect(
    page.getByRole("row", { name: /^Clean the seat belts/ }).getByText("15 Mar"),
  ).toBeVisible();

  // One day is skipped; it is gone from the strip.
  const second = sessions.getByRole("button", { name: /^Sat 21 March/ });
  await second.press("Enter");
  await page.getByRole("button", { name: "Skip this day" }).click();
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Kept. The plan follows from today.")).toBeVisible();
  await expect(second).toHaveCount(0);

  await page.getByRole("button", { name: "File or address" }).click();
  await page.getByRole("button", { name: "Make an address" }).click();
  const address = await page.getByLabel("Address of the calendar").inputValue();
  const feed = await (await fetch(address)).text();
  expect(feed).toContain("BEGIN:VCALENDAR");
  expect(feed).toContain("DTSTART:20260328T093000Z");
  expect(feed).not.toContain("DTSTART:20260321T093000Z");

  await page.goto(`${place}/today`);
  await expect(page.getByText("Your slot is today")).toBeVisible();
  await expect(page.getByRole("slider", { name: "Minutes at hand" })).toHaveAttribute(
    "aria-valuenow",
    "20",
  );
});

test("what no slot can be is said beside it and nothing is kept", async ({ page, cove }) => {
  await open(page, cove, "year");
  await page.getByRole("spinbutton", { name: "Slot 1: minutes" }).fill("900");
  await page.getByRole("button", { name: "Apply from today" }).click();
  await expect(page.getByText("Say 5 to 120 minutes.").first()).toBeVisible();
  await page.getByRole("button", { name: "Discard changes" }).click();
  await expect(page.getByRole("spinbutton", { name: "Slot 1: minutes" })).toHaveValue("25");
});

test.describe("on the phone", () => {
  test.use({ viewport: PHONE });

  test("the year stays within the page", async ({ page, cove }) => {
    await open(page, cove, "year");
    await expect(page.getByRole("region", { name: "The next sessions" })).toBeVisible();
    const wider = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(wider).toBe(0);
  });
});

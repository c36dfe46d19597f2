import { PHONE } from "./browser.mjs";
import { expect, finishRun, haveMinutes, lookOnly, open, test } from "./cove.ts";

test("three changes are tried on the year, what is the owner's is taken over", async ({
  page,
  cove,
}) => {
  await open(page, cove, "year");
  await page.getByRole("link", { name: "Outlook" }).click();
  await expect(page.getByRole("heading", { name: "The year ahead" })).toBeVisible();
  const overdue = page.getByRole("row", { name: /^Days overdue/ });
  await expect(overdue.getByRole("cell").nth(1)).toHaveText("");

  await page.getByRole("slider", { name: /^Children in the car/ }).fill("2");
  await page.getByRole("slider", { name: /^Minutes, every week/ }).fill("40");
  await page.getByText(/^What keeps soil out/).click();
  const shade = page.getByRole("checkbox", { name: /shade/i });
  const had = await shade.isChecked();
  await shade.click();
  await expect(overdue.getByRole("cell").nth(1)).toHaveText(/\d/);
  await expect(page.getByText(/minutes a week more and/)).toBeVisible();

  await page.getByRole("button", { name: "Use this" }).click();
  await expect(page.getByText("40 now")).toBeVisible();
  await expect(page.getByText("0 now, 2", { exact: true })).toBeVisible();
  expect(await shade.isChecked()).toBe(!had);
  await expect(page.getByRole("button", { name: "Use this" })).toHaveCount(0);
});

lookOnly("a lane opens to its tasks, and a day is read by keys", async ({ page, cove }) => {
  await open(page, cove, "year/outlook");
  await page.getByRole("button", { name: /^Floor/ }).click();
  await expect(page.getByText("Vacuum floor")).toBeVisible();
  const day = page.getByRole("slider", { name: "Day of the year ahead" });
  await day.focus();
  await page.keyboard.press("ArrowRight");
  await expect(day).toHaveAttribute("aria-valuetext", /^Sun 15 Mar: Glass \d+ % of the way to due/);
  await page.getByText("As a table").click();
  await expect(page.getByRole("row", { name: /^Clean the seat belts/ })).toBeVisible();
});

test("when the plan is done, the days come as the outlook said", async ({ page, cove }) => {
  await haveMinutes(page, 10);
  await open(page, cove, "today");
  await page.getByRole("button", { name: /^Start .*session/ }).click();
  await finishRun(page);
  await open(page, cove, "year/outlook");
  const day = page.getByRole("slider", { name: "Day of the year ahead" });
  await day.fill("5");
  await expect(day).toHaveAttribute("aria-valuetext", /^Thu 19 Mar: /);
  const said = levels(await day.getAttribute("aria-valuetext"));
  expect(said.length).toBeGreaterThan(5);

  await cove.kill();
  await cove.run("2026-03-19T10:20");
  await page.reload();
  await day.fill("1");
  await day.fill("0");
  await expect(day).toHaveAttribute("aria-valuetext", /^Thu 19 Mar: /);
  const come = levels(await day.getAttribute("aria-valuetext"));
  for (const [at, level] of said.entries()) {
    // Half a day passes between the end of a session and the days that are drawn.
    expect(Math.abs((come[at] ?? 0) - level)).toBeLessThanOrEqual(12);
  }
});

/** "Glass 64 % of the way to due, Controls 80 % of the way to due" as numbers. */
function levels(words: string | null): number[] {
  return [...(words ?? "").matchAll(/(\d+) %/g)].map((found) => Number(found[1]));
}

lookOnly("what helps most is found and tried", async ({ page, cove }) => {
  await open(page, cove, "year/outlook");
  await page.getByRole("button", { name: "What helps most?" }).click();
  const best = page.getByRole("region", { name: "What helps most" }).getByRole("button").first();
  await expect(best).toContainText("days");
  await best.click();
  await expect(page.getByText(/fewer days overdue in the year/)).toBeVisible();
});

lookOnly("another way of working and a month away are tried", async ({ page, cove }) => {
  await open(page, cove, "year/outlook");
  await page.getByText("How you work", { exact: true }).click();
  const fabric = page.getByRole("combobox", { name: /fabric/i });
  await fabric.click();
  await page.getByRole("option", { selected: false }).first().click();
  const overdue = page.getByRole("row", { name: /^Days overdue/ });
  await expect(overdue.getByRole("cell").nth(1)).toHaveText(/\d/);
  await page.getByText("More about the routine", { exact: true }).click();
  await page.getByRole("combobox", { name: "Away for a month" }).click();
  await page.getByRole("option", { name: "Jul 2026" }).click();
  await expect(page.getByText(/more days overdue in the year/)).toBeVisible();
  await page.getByText("As a table").click();
  await expect(page.getByRole("row", { name: /^A session/ })).toBeVisible();
});

lookOnly(
  "the year sheet prints with every part of the car and without what is only for screens",
  async ({ page, cove }) => {
    await open(page, cove, "year/outlook");
    await expect(page.getByRole("heading", { name: "Running out" })).toBeVisible();
    await page.setViewportSize({ width: 700, height: 1000 });
    await page.emulateMedia({ media: "print" });
    for (const part of ["Glass", "Floor", "Seats", "Seldom"]) {
      await expect(page.getByRole("button", { name: new RegExp(`^${part}`) })).toBeVisible();
    }
    await expect(page.getByRole("heading", { name: "What if" })).toBeHidden();
    await expect(page.getByRole("slider", { name: "Day of the year ahead" })).toBeHidden();
    const paper = await page.pdf({ preferCSSPageSize: true });
    expect(paper.subarray(0, 5).toString()).toBe("%PDF-");
  },
);

lookOnly.describe("on the phone", () => {
  lookOnly.use({ viewport: PHONE });

  lookOnly("the outlook stays within the page", async ({ page, cove }) => {
    await open(page, cove, "year/outlook");
    await expect(page.getByRole("heading", { name: "The year ahead" })).toBeVisible();
    const wider = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(wider).toBe(0);
  });

  lookOnly(
    "parts are turned one after the other, by button, key and finger",
    async ({ page, cove }) => {
      await open(page, cove, "year/outlook");
      await expect(page.getByText("Glass, 1 of 7")).toBeVisible();
      await expect(page.getByRole("button", { name: /^Floor/ })).toHaveCount(0);
      await page.getByRole("button", { name: "Next part" }).click();
      await expect(page.getByText("Controls, 2 of 7")).toBeVisible();
      await page.getByRole("button", { name: "Next part" }).press("Enter");
      await expect(page.getByText("Dash, 3 of 7")).toBeVisible();
      await page.getByRole("button", { name: /^Dash/ }).evaluate((lane) => {
        const touch = (x: number) => [
          new Touch({ identifier: 1, target: lane, clientX: x, clientY: 300 }),
        ];
        lane.dispatchEvent(new TouchEvent("touchstart", { bubbles: true, touches: touch(100) }));
        lane.dispatchEvent(
          new TouchEvent("touchend", { bubbles: true, changedTouches: touch(220) }),
        );
      });
      await expect(page.getByText("Controls, 2 of 7")).toBeVisible();
    },
  );
});

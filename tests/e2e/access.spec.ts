import { AxeBuilder } from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { PHONE } from "./browser.mjs";
import { expect, finishRun, lookOnly, open, skipTo, test } from "./cove.ts";

// Published: WCAG 2.2 level AA, as far as axe-core checks it.
const LEVEL_AA = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"];

/** In a long list or table every row is made the same way; the first ones stand for all. */
const REPEATED = ["ol > li:nth-child(n+9)", "ul > li:nth-child(n+9)", "tbody > tr:nth-child(n+9)"];

/** Reads a page. No page has frames, so the slower way that looks into them is not needed; nor is what was found right. */
const reader = (page: Page) =>
  REPEATED.reduce(
    (reading, rows) => reading.exclude(rows),
    new AxeBuilder({ page }).options({ resultTypes: ["violations"] }).setLegacyMode(),
  );

type Results = Awaited<ReturnType<AxeBuilder["analyze"]>>;

const grave = (results: Results) =>
  results.violations
    .filter((found) => found.impact === "serious" || found.impact === "critical")
    .map((found) => `${found.id}: ${found.nodes.map((node) => node.html).join(" | ")}`);

/** What is wrong by day. */
async function byDay(page: Page): Promise<string[]> {
  return grave(await reader(page).withTags(LEVEL_AA).analyze());
}

/** What is wrong by day, and what only the other colours of the night make wrong. */
async function findings(page: Page): Promise<string[]> {
  const day = await byDay(page);
  await page.emulateMedia({ colorScheme: "dark" });
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
  const night = await reader(page).withRules(["color-contrast", "link-in-text-block"]).analyze();
  await page.emulateMedia({ colorScheme: "light" });
  await expect(page.locator("html")).toHaveAttribute("data-theme", "light");
  return [...day, ...grave(night)];
}

for (const place of [
  "today",
  "cabin",
  "log",
  "glass",
  "glass?pane=rear-glass&sun=",
  "methods/clean-fabric-seats",
  "shelf/matrix?product=00000000-0000-4000-9000-000000000004&surface=rear-glass",
  "shelf/products?product=00000000-0000-4000-9000-000000000002",
  "shelf/bench",
  "shelf/smallest",
  "shelf/buying",
  "shelf/kit",
  "car/use",
  "car/layout",
  "car/surfaces",
  "car/schools",
  "car/learnt",
  "car/file",
  "year",
  "year/card",
  "year/outlook",
  "year/deep",
  "log/record",
  "look",
  "methods",
  "spill",
  "settings",
  "today/paper",
]) {
  lookOnly(`${place} has no serious finding by day or night`, async ({ page, cove }) => {
    await open(page, cove, place);
    await page.waitForLoadState("networkidle");
    expect(await findings(page)).toEqual([]);
  });
}

test("a run and its end have no serious finding", async ({ page, cove }) => {
  await page.setViewportSize(PHONE);
  await open(page, cove, "today");
  await page.getByRole("button", { name: /^Start/ }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await skipTo(page, "Vacuum the seats");
  await page.getByRole("button", { name: "Not clean yet" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  expect(await findings(page)).toEqual([]);
  await page.getByRole("button", { name: "Leave it for next time" }).click();
  await finishRun(page);
  expect(await findings(page)).toEqual([]);
});

lookOnly("lists, sheets and the welcome have no serious finding", async ({ page, cove }) => {
  await open(page, cove, "cabin");
  await page.getByRole("radio", { name: "List" }).click();
  await page.waitForLoadState("networkidle");
  expect(await byDay(page)).toEqual([]);
  await page.getByRole("button", { name: "Something happened here" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  expect(await byDay(page)).toEqual([]);
  await open(page, cove, "log");
  await page
    .getByRole("button", { name: /^Correct/ })
    .first()
    .click();
  await expect(page.getByRole("dialog")).toBeVisible();
  expect(await byDay(page)).toEqual([]);
  for (const path of ["welcome", "vehicles"]) {
    await page.goto(`${cove.url}/${path}`);
    await page.waitForLoadState("networkidle");
    expect(await findings(page)).toEqual([]);
  }
  await open(page, cove, "cabin");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.keyboard.press("/");
  await page.getByRole("combobox", { name: "Look for" }).fill("wind");
  await expect(page.getByRole("option").first()).toContainText("Windscreen");
  expect(await findings(page)).toEqual([]);
  await open(page, cove, "car/surfaces");
  await page.getByRole("button", { name: "Dashboard" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  expect(await byDay(page)).toEqual([]);
});

lookOnly(
  "no script stands in the page and nothing breaks the content policy",
  async ({ page, cove }) => {
    const refusals: string[] = [];
    page.on("console", (message) => {
      if (message.type() === "error") {
        refusals.push(message.text());
      }
    });
    page.on("request", (request) => {
      if (!request.url().startsWith(cove.url)) {
        refusals.push(`asked ${request.url()}`);
      }
    });
    for (const place of ["look", "car/use", "car/layout", "car/learnt", "today", "cabin", "log"]) {
      await open(page, cove, place);
      await page.waitForLoadState("networkidle");
    }
    await page.keyboard.press("?");
    await expect(page.getByRole("dialog")).toBeVisible();

    expect(refusals).toEqual([]);
    expect(await page.locator("script:not([src])").count()).toBe(0);
  },
);

import { PHONE } from "./browser.mjs";
import { expect, finishRun, lookOnly, open, planned, skipTo, test } from "./cove.ts";

test.use({ viewport: PHONE, hasTouch: true, isMobile: true });

test("a session runs on a phone with a dwell time that survives a reload", async ({
  page,
  cove,
}) => {
  await open(page, cove, "today");
  for (let fives = 0; fives < 4; fives++) {
    await page.locator("#minutes").press("Shift+ArrowRight");
  }
  await planned(page, 45);
  await page.getByRole("button", { name: /^Start \d+-minute session/ }).tap();
  await skipTo(page, "Wash the rubber mats");
  await page.getByRole("button", { name: "Next movement" }).tap();
  await page.getByRole("button", { name: /Let it work/ }).tap();
  await expect(page.getByRole("timer")).toContainText("to go");
  await page.reload();
  await expect(page.getByRole("timer")).toContainText(/to go|time is up/);

  for (const name of ["Done", "Not clean yet", "Skip"]) {
    const box = await page.getByRole("button", { name, exact: true }).boundingBox();
    expect(box?.height, name).toBeGreaterThanOrEqual(44);
    expect(box?.width, name).toBeGreaterThanOrEqual(44);
    expect((box?.y ?? 999) + (box?.height ?? 0), `${name} is on the screen`).toBeLessThanOrEqual(
      844,
    );
  }
  await finishRun(page);
});

for (const place of [
  "today",
  "cabin",
  "log",
  "glass",
  "methods/clean-wheel",
  "car/schools",
  "car/use",
  "car/layout",
  "car/surfaces",
  "car/learnt",
  "look",
]) {
  lookOnly(`${place} does not scroll sideways on a phone`, async ({ page, cove }) => {
    await open(page, cove, place);
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    await page.waitForLoadState("networkidle");
    const width = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(width).toBeLessThanOrEqual(390);
  });
}

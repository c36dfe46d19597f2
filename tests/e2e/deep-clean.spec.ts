import { PHONE } from "./browser.mjs";
import { expect, lookOnly, onACopy, open, test } from "./cove.ts";

test("a deep clean is recorded, and the year changes", async ({ page, cove }) => {
  await open(page, cove, "settings");
  await page.getByLabel("Currency").fill("kr");
  await page.getByLabel("Currency").press("Tab");
  await expect(page.getByText("12.50 kr")).toBeVisible();
  await open(page, cove, "year/outlook");
  const lane = page.getByRole("img", { name: /^A deep clean is due about/ });
  const before = (await lane.getAttribute("aria-label")) ?? "";
  await page.getByRole("link", { name: "Deep clean" }).click();
  await expect(page.getByRole("heading", { name: before })).toBeVisible();
  await expect(page.getByText(/Without any care it would need one after/)).toBeVisible();

  await page.getByLabel("Shop price").fill("180");
  await page.getByRole("button", { name: "Save the prices" }).click();
  await expect(page.getByText(/more deep cleans a year, about \d+ kr/)).toBeVisible();

  await page.getByRole("button", { name: "Record a deep clean" }).click();
  const sheet = page.getByRole("dialog", { name: "Record a deep clean" });
  await sheet.getByRole("radio", { name: "A shop" }).click();
  await expect(sheet.getByLabel("Cost, kr")).toHaveValue("180");
  await expect(sheet.getByLabel("Finished on")).toHaveValue("2026-03-14");
  await sheet.getByLabel("Hours").fill("5");
  await sheet.getByRole("button", { name: "Record it" }).click();
  await expect(sheet).toBeHidden();

  await expect(page.getByText("Sat 14 Mar", { exact: true })).toBeVisible();
  await expect(page.getByRole("heading", { name: before })).toBeHidden();
  await page.getByRole("link", { name: "Outlook" }).click();
  await expect(lane).toBeVisible();
  await expect(lane).not.toHaveAttribute("aria-label", before);

  await open(page, cove, "log");
  const entry = page.getByRole("listitem").filter({ hasText: "Deep clean, by a shop" });
  await expect(entry).toBeVisible();
  await entry.getByRole("button", { name: /^Undo/ }).click();
  await expect(entry.getByRole("button", { name: /^Put back/ })).toBeVisible();
  await open(page, cove, "year/deep");
  await expect(page.getByRole("heading", { name: before })).toBeVisible();
});

onACopy("a look right after vacuuming corrects the date", async ({ page, cove }) => {
  await open(page, cove, "year/deep");
  const heading = page.getByRole("heading", { level: 2 });
  const before = (await heading.textContent()) ?? "";
  await page.getByRole("button", { name: "Pat right after vacuuming" }).click();
  await page.getByRole("button", { name: "A puff of dust" }).click();
  await expect(page.getByText("Soil settles here about as fast as in most cars.")).toBeVisible();
  await expect(heading).not.toHaveText(before);
});

lookOnly.describe("on the phone", () => {
  lookOnly.use({ viewport: PHONE });

  lookOnly("the deep clean stays within the page", async ({ page, cove }) => {
    await open(page, cove, "year/deep");
    await expect(page.getByRole("heading", { name: "How the day goes" })).toBeVisible();
    const wider = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(wider).toBe(0);
  });
});

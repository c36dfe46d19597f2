import { PHONE } from "./browser.mjs";
import { expect, lookOnly, onACopy, open } from "./cove.ts";

lookOnly("the log is looked through by words, task and days", async ({ page, cove }) => {
  await open(page, cove, "log");
  const rows = page.getByRole("listitem");
  await expect(page.getByRole("heading", { name: "Thu 12 Mar" })).toBeVisible();
  await page.getByRole("searchbox", { name: "Look for" }).fill("belts");
  await expect(page.getByRole("heading", { name: "Thu 12 Mar" })).toBeHidden();
  await expect(rows.first()).toContainText("Clean the seat belts");
  await page.getByRole("button", { name: "Show all" }).click();

  await page.getByRole("button", { name: "Filter" }).click();
  await page.getByRole("combobox", { name: "Task" }).click();
  await page.getByRole("option", { name: "Clean the windscreen inside" }).click();
  await page.getByLabel("Until").fill("2025-12-31");
  await expect(rows.first()).toContainText("Clean the windscreen inside");
  await expect(page.getByText("2026", { exact: false }).first()).toBeHidden();
  await page.getByLabel("Until").fill("2020-01-01");
  await expect(page.getByText("Nothing in the log matches.")).toBeVisible();
});

lookOnly("the years add up, and the record of care prints", async ({ page, cove }) => {
  await open(page, cove, "log");
  await page.getByText("Year by year").click();
  const year = page.getByRole("row", { name: /^2026/ });
  await expect(year).toContainText("ml");
  await page.getByRole("link", { name: "Record of care" }).click();
  await expect(page.getByRole("heading", { name: "Record of care" })).toBeVisible();
  await expect(page.getByRole("row", { name: /^Vacuum the seats/ })).toBeVisible();
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("button", { name: "Print" })).toBeHidden();
  const paper = await page.pdf({ preferCSSPageSize: true });
  expect(paper.subarray(0, 5).toString()).toBe("%PDF-");
});

onACopy("the log goes out as a file and comes back", async ({ page, cove }) => {
  await open(page, cove, "log");
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "Export as CSV" }).click(),
  ]);
  await page.getByLabel("Log file").setInputFiles(await file.path());
  await expect(page.getByText(/^0 entries put on record; \d+ were there already\.$/)).toBeVisible();
  await page.getByLabel("Log file").setInputFiles({
    name: "log.csv",
    mimeType: "text/csv",
    buffer: Buffer.from("at,kind,subject\n2026-01-01T10:00Z,care,no-such-task\n"),
  });
  await expect(page.getByText(/^Line 2, subject: .* Nothing was stored\.$/)).toBeVisible();
});

lookOnly.describe("on the phone", () => {
  lookOnly.use({ viewport: PHONE });

  lookOnly("log and record stay within the page", async ({ page, cove }) => {
    for (const place of ["log", "log/record"]) {
      await open(page, cove, place);
      await expect(page.getByText("Vacuum the seats").first()).toBeVisible();
      const wider = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(wider).toBe(0);
    }
  });
});

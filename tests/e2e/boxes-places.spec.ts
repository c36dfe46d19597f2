import type { Page } from "@playwright/test";
import { expectNothingCollides } from "./boxes.ts";
import { answer, expect, lookOnly, onACopy, open } from "./cove.ts";

const WIDTHS = [390, 768, 1024, 1280, 1600];
const PARTS = "main section, main aside, main header, main footer, main nav, main table";

async function fits(page: Page, what: string): Promise<void> {
  for (const width of WIDTHS) {
    await page.setViewportSize({ width, height: width < 700 ? 844 : 800 });
    // What measures itself draws itself anew a moment after the width has changed.
    await expect(async () => {
      await expectNothingCollides(page, PARTS, `${what} at ${width}`);
      const wide = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(wide, `${what} at ${width}`).toBeLessThanOrEqual(width);
    }).toPass({ timeout: 10_000 });
  }
}

for (const place of [
  "glass",
  "shelf/matrix",
  "shelf/products",
  "shelf/kit",
  "cabin",
  "year",
  "log",
  "settings",
  "today/paper",
]) {
  lookOnly(`${place} of both cars fits at every width`, async ({ page, cove }) => {
    const cars = (await (await fetch(`${cove.url}/api/vehicles`)).json()) as { id: string }[];
    for (const car of cars.slice(0, 2)) {
      await page.goto(`${cove.url}/cars/${car.id}/${place}`);
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
      await page.waitForLoadState("networkidle");
      await fits(page, place);
    }
  });
}

onACopy("every step of a run fits at every width", async ({ page, cove }) => {
  await open(page, cove, "today");
  await page.getByRole("button", { name: /^Start \d+-minute session/ }).click();
  const finish = page.getByRole("button", { name: "Finish" });
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  while (!(await finish.isVisible())) {
    await fits(page, (await page.getByRole("heading", { level: 1 }).textContent()) ?? "step");
    await answer(page, "Done");
  }
  await finish.click();
  await expect(page.getByRole("heading", { name: "Done for today" })).toBeVisible();
  await fits(page, "the end");
});

import type { Page } from "@playwright/test";
import { answer, expect, open, test } from "./cove.ts";

/** Whether the page that is open is made of the newer files. */
const isNewer = (page: Page) =>
  page.evaluate(() => [...document.scripts].some((script) => script.src.endsWith("-newer.js")));

async function startRun(page: Page): Promise<void> {
  await page.getByRole("button", { name: /^Start \d+-minute session/ }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  // All of the run is on the device from its start.
  await page.waitForLoadState("networkidle");
}

async function toTheEnd(page: Page): Promise<void> {
  const finish = page.getByRole("button", { name: "Finish" });
  while (!(await finish.isVisible())) {
    await answer(page, "Done");
  }
  await finish.click();
  await expect(page.getByRole("heading", { name: "Done for today" })).toBeVisible();
}

test.describe("with a service worker", () => {
  test.use({ serviceWorkers: "allow" });

  test("an update waits until the run is over, over a reload in its middle", async ({
    page,
    cove,
  }) => {
    await open(page, cove, "today");
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await page.reload();
    await startRun(page);
    await answer(page, "Done");
    await cove.update();
    await answer(page, "Done");
    await page.reload();
    await expect(page.getByText(/^Step 3 of/)).toBeVisible();
    expect(await isNewer(page)).toBe(false);
    await toTheEnd(page);
    await page.goto(cove.url);
    expect(await isNewer(page)).toBe(true);
    await expect(page.getByRole("heading", { level: 1, name: "Today" })).toBeVisible();
  });
});

test("without one the open page goes on to the end, and says what a part that is gone needs", async ({
  page,
  cove,
}) => {
  await open(page, cove, "today");
  await startRun(page);
  await answer(page, "Done");
  await cove.update();
  await toTheEnd(page);

  await page.getByRole("link", { name: "See the cabin" }).click();
  await expect(page.getByRole("heading", { name: "This part could not be loaded" })).toBeVisible();
  await page.getByRole("button", { name: "Reload" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Cabin" })).toBeVisible();
  expect(await isNewer(page)).toBe(true);
});

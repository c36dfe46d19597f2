import { mkdir, writeFile } from "node:fs/promises";
import { join } from "node:path";
import { CLOCK } from "./browser.mjs";
import { expect, open, test } from "./cove.ts";

test("miles, fluid ounces and a 12-hour clock are read everywhere at once", async ({
  page,
  cove,
}) => {
  await open(page, cove, "today");
  await expect(page.getByRole("button", { name: "220 km a week" })).toBeVisible();
  await page.getByRole("link", { name: "Settings" }).click();
  await page.getByRole("radio", { name: "Miles" }).click();
  await page.getByRole("radio", { name: "US fl oz" }).click();
  await page.getByRole("radio", { name: "°F" }).click();
  await page.getByRole("radio", { name: "2:30 pm" }).click();
  await expect(page.getByText("149 mi, 3.4 fl oz, 68 °F, 2:30 pm, 12.50")).toBeVisible();

  await open(page, cove, "today");
  await expect(page.getByRole("button", { name: "137 mi a week" })).toBeVisible();
  await expect(page.getByText(/\d:\d\d am/).first()).toBeVisible();
  await page.getByRole("button", { name: "137 mi a week" }).click();
  await page.getByLabel("Miles a week").fill("200");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("button", { name: "200 mi a week" })).toBeVisible();
  const id = page.url().split("/cars/")[1]?.split("/")[0];
  const today = await (await fetch(`${cove.url}/api/vehicles/${id}/today?minutes=25`)).json();
  expect(today.kilometresAWeek).toBeCloseTo(321.8688, 3);

  await open(page, cove, "shelf/products");
  await expect(page.getByText(/of [\d.]+ fl oz/).first()).toBeVisible();
});

test.describe("at first use", () => {
  test.use({ locale: "en-US", demo: false });

  test("the region of the browser proposes miles, and a press takes kilometres", async ({
    page,
    cove,
  }) => {
    await page.goto(cove.url);
    await expect(page.getByLabel("Miles a week")).toHaveValue("150");
    await page.getByLabel("What do you call it?").fill("Own one");
    await page.getByRole("radio", { name: "Kilometres" }).click();
    await expect(page.getByLabel("Kilometres a week")).toHaveValue("241.4");
    // What was typed before stays.
    await expect(page.getByLabel("What do you call it?")).toHaveValue("Own one");
  });
});

test("photos that no car knows are named in Settings and go only when their owner says so", async ({
  page,
  cove,
}) => {
  await cove.kill();
  const photos = join(cove.data, "photos");
  await mkdir(photos, { recursive: true });
  await writeFile(join(photos, "0f6b5a1e-4a4e-4c53-9b0d-1f4f1c2f7a11.jpg"), "a picture");
  await cove.run(CLOCK);
  await open(page, cove, "settings");

  const found = page.getByRole("region", { name: "Photos set aside" });
  await expect(found).toContainText("1 picture file");
  await expect(found).toContainText("set-aside");
  await found.getByRole("button", { name: "Delete them" }).click();
  await found.getByRole("button", { name: "Keep them" }).click();
  await found.getByRole("button", { name: "Delete them" }).click();
  await found.getByRole("button", { name: "Delete for good" }).click();
  await expect(found).toBeHidden();
});

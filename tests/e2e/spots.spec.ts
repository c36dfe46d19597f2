import { PHONE } from "./browser.mjs";
import { expect, onACopy, open } from "./cove.ts";

onACopy("a spill is treated on the phone, dries and is gone", async ({ page, cove }) => {
  await page.setViewportSize(PHONE);
  await open(page, cove, "today");
  await page.getByRole("link", { name: "Spill" }).click();
  await page.getByRole("combobox", { name: "Where?" }).click();
  await page.getByRole("option", { name: "Steering wheel and lever grip" }).click();
  await page.getByRole("button", { name: "A sugary drink was spilled" }).click();

  await expect(page.getByRole("heading", { name: /A sugary drink was spilled/ })).toBeVisible();
  await expect(page.getByText("Press a dry, light towel on it")).toBeVisible();
  await expect(page.getByText(/lukewarm water/)).toBeVisible();
  const done = page.getByRole("button", { name: "Done, look again when dry" });
  await done.click();

  const first = page.getByRole("region", { name: "Before anything else" });
  await expect(first.getByText(/Look again when it is dry/)).toBeVisible();
  await first.getByRole("button", { name: "It is gone" }).click();
  await expect(first).toHaveCount(0);
});

onACopy("sickness closes a seat until it is opened", async ({ page, cove }) => {
  await open(page, cove, "cabin?surface=driver-seat");
  await page.getByRole("button", { name: "Something happened here" }).click();
  await page.getByRole("button", { name: "Someone was sick aboard, or bled" }).click();
  await expect(page.getByText(/licensed cleaners/)).toBeVisible();
  await page.getByRole("link", { name: "Back to today" }).click();

  const first = page.getByRole("region", { name: "Before anything else" });
  await expect(first.getByText("Driver's seat: closed to routine work")).toBeVisible();
  await expect(page.getByRole("region", { name: "Not this time" })).toContainText(
    "Someone was sick aboard",
  );
  await first.getByRole("button", { name: "It was dealt with: open it" }).click();
  await expect(first).toHaveCount(0);
});

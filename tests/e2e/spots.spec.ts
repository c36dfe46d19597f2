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

onACopy(
  "petrol in the boot is found by its everyday name and closes the car",
  async ({ page, cove }) => {
    await page.setViewportSize(PHONE);
    await open(page, cove, "today");
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    await page.keyboard.press("/");
    await page.getByRole("combobox", { name: "Look for" }).fill("petrol");
    await page.getByRole("option", { name: /^First aid\s*Fuel, engine oil/ }).click();
    await page.getByRole("combobox", { name: "Where?", exact: true }).click();
    await page.getByRole("option", { name: /^Boot/ }).first().click();
    await page.getByRole("button", { name: "Fuel, engine oil or thinner was spilled" }).click();

    await expect(page.getByRole("heading", { name: /No spark/ })).toBeVisible();
    await expect(
      page.getByText("No start, no switch, no vacuum, no heat, no cleaner."),
    ).toBeVisible();
    await expect(page.getByText(/doors and the tailgate wide open/)).toBeVisible();
    await page.getByRole("link", { name: "Back to today" }).click();

    const first = page.getByRole("region", { name: "Before anything else" });
    await expect(first.getByText("The whole car: closed to routine work")).toBeVisible();
    await expect(
      first.getByText("No start, no switch, no vacuum, no heat, no cleaner."),
    ).toBeVisible();
    await first.getByRole("link", { name: "What to do now" }).click();
    await expect(page.getByRole("heading", { name: /No spark/ })).toBeVisible();
    await page.getByRole("link", { name: "Back to today" }).click();
    await first.getByRole("button", { name: "It was dealt with: open it" }).click();
    await expect(first).toHaveCount(0);
  },
);

onACopy("one spill on two surfaces is treated on one after the other", async ({ page, cove }) => {
  await open(page, cove, "spill");
  await page.getByRole("combobox", { name: "Where?", exact: true }).click();
  await page.getByRole("option", { name: "Driver's seat" }).click();
  await page.getByRole("combobox", { name: "And where else?" }).click();
  await page.getByRole("option", { name: /onsole trim/ }).click();
  await page.getByRole("button", { name: "Something was spilled" }).click();

  await expect(page.getByRole("heading", { name: /Driver's seat/ })).toBeVisible();
  await page.getByRole("button", { name: /^Done, next: / }).click();
  await expect(page.getByRole("heading", { name: /onsole trim/ })).toBeVisible();
  await page.getByRole("button", { name: "Done, look again when dry" }).click();
  await expect(
    page
      .getByRole("region", { name: "Before anything else" })
      .getByText(/Look again when it is dry/),
  ).toHaveCount(2);
});

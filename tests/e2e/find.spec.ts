import { expect, open, lookOnly as test } from "./cove.ts";

test("one field finds surfaces, tasks, products, first aid, places and the log, by keys alone", async ({
  page,
  cove,
}) => {
  await open(page, cove, "today");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.keyboard.press("/");
  const field = page.getByRole("combobox", { name: "Look for" });
  await expect(field).toBeFocused();
  await field.fill("steering");
  const options = page.getByRole("option");
  await expect(options.first()).toContainText("Steering wheel");
  await page.keyboard.press("ArrowDown");
  await expect(options.nth(1)).toHaveAttribute("aria-selected", "true");
  await expect(options.nth(1)).toContainText("Do only this now");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/today\?on=/);
  await expect(page.getByRole("dialog")).toBeHidden();

  for (const [words, option, shown] of [
    ["miles", /^Place\s*Settings/, /\/settings$/],
    ["glass clea", /^Product/, /\/shelf\/products\?product=/],
    ["coffee", /^First aid/, /\/spill\?what=/],
    ["belts in", /^Log/, /\/log\?words=/],
  ] as const) {
    await page.keyboard.press("/");
    await field.fill(words);
    await page.getByRole("option", { name: option }).first().click();
    await expect(page).toHaveURL(shown);
    await expect(page.getByRole("dialog")).toBeHidden();
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  }
  // Enter that comes before what was typed has been found opens it once it has.
  await page.keyboard.press("/");
  await field.pressSequentially("boot liner");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/cabin\?surface=/);
  await page.goBack();
  await expect(page.getByRole("searchbox", { name: "Look for" })).toHaveValue("belts in");
});

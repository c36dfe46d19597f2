import type { Page } from "@playwright/test";
import { expect, haveMinutes, planned, test } from "./cove.ts";

async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole("combobox", { name: label }).click();
  await page.getByRole("option", { name: option, exact: true }).click();
}

async function pick(page: Page, label: string, option: string): Promise<void> {
  await page
    .getByRole("radiogroup", { name: label })
    .getByRole("radio", { name: option, exact: true })
    .click();
}

test.describe("a family car with an empty shelf", () => {
  test.use({ demo: false });

  test("gets a first session that can be done, and first aid on a leather seat", async ({
    page,
    cove,
  }) => {
    await haveMinutes(page, 60);
    await page.goto(`${cove.url}/welcome`);
    await page.getByLabel("What do you call it?").fill("Barge");
    await choose(page, "Body", "SUV");
    await pick(page, "Rows of seats", "3");
    await choose(page, "Seats", "Coated leather");
    await pick(page, "Child seats", "2");
    await pick(page, "A cover for an animal on the back seat", "Yes");
    await expect(page.getByText(/counts on 2 children on most drives and an animal/)).toBeVisible();
    await pick(page, "How does it look inside today?", "Overdue");
    await page.getByRole("button", { name: "Create my car" }).click();

    // What is due and can be done with water and soap from the kitchen, in an order that makes sense.
    await planned(page, 60);
    const order = page.getByRole("table", { name: /Running order/ });
    const rows = (await order.locator("tbody tr").allTextContents()).map((row) =>
      row.replace(/^\d+/, ""),
    );
    const place = (name: string) => rows.findIndex((row) => row.startsWith(name));
    expect(place("Take out 2 child seats, covers and liners")).toBeGreaterThanOrEqual(0);
    expect(place("Vacuum the seats")).toBeGreaterThan(
      place("Take out 2 child seats, covers and liners"),
    );
    expect(place("Vacuum carpets and mats")).toBeGreaterThan(place("Vacuum the seats"));
    expect(place("Bring 2 child seats, covers and liners back")).toBe(rows.length - 1);
    expect(rows.join(" ")).not.toMatch(/Protect|Foam|scent|belts|headliner/i);
    expect(rows.join(" ")).not.toMatch(/cleaner|concentrate|dressing/i);
    const notThisTime = page.getByRole("region", { name: "Not this time" });
    await expect(notThisTime).toContainText("There is nothing for it on your shelf.");
    await expect(notThisTime).toContainText("To buy: water-based dressing.");

    // Milk on the leather: what to do now, a look when it is dry, and it is gone.
    await page.getByRole("link", { name: "Spill" }).click();
    await choose(page, "Where?", "Driver's seat");
    await page.getByRole("button", { name: /^Milk or food/ }).click();
    await expect(page.getByText("Coated leather", { exact: false }).first()).toBeVisible();
    await expect(page.getByText("Do not rub.")).toBeVisible();
    await page.getByRole("button", { name: "Done, look again when dry" }).click();
    const first = page.getByRole("region", { name: "Before anything else" });
    await expect(first.getByText(/Look again when it is dry/)).toBeVisible();
    await first.getByRole("button", { name: "It is gone" }).click();
    await expect(first).toHaveCount(0);
  });
});

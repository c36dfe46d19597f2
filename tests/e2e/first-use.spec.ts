import { expect, finishRun, planned, test } from "./cove.ts";

test.use({ demo: false });

test("an empty Cove asks for a car, draws it, and leads through a first session", async ({
  page,
  cove,
}) => {
  await page.goto(cove.url);
  await expect(page.getByRole("heading", { name: "Welcome. Which car is it?" })).toBeVisible();
  await page.getByRole("button", { name: "Create my car" }).click();
  await expect(page.getByText(/characters for the name|Give the car a name/)).toBeVisible();

  await page.getByLabel("What do you call it?").fill("<i>Tub</i>");
  await page.getByRole("combobox", { name: "Body" }).click();
  await page.getByRole("option", { name: "SUV" }).click();
  await page
    .getByRole("radiogroup", { name: "Rows of seats" })
    .getByRole("radio", { name: "3" })
    .click();
  await page
    .getByRole("radiogroup", { name: "The driver sits on the" })
    .getByRole("radio", { name: "Left" })
    .click();
  await page.getByRole("combobox", { name: "Seats" }).click();
  await page.getByRole("option", { name: "Coated leather", exact: true }).click();
  await page.getByRole("button", { name: "Create my car" }).click();

  await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
  await expect(
    page.getByRole("combobox", { name: "Vehicle" }).locator("option:checked"),
  ).toHaveText("<i>Tub</i>");
  await page.getByRole("link", { name: "Log" }).click();
  await expect(page.getByRole("heading", { name: "Nothing logged yet" })).toBeVisible();
  await page.getByRole("link", { name: "Cabin" }).click();
  await expect(page.getByRole("button", { name: /^Third row seat, centre/ })).toBeVisible();

  await page.getByRole("link", { name: "Today" }).click();
  await page.getByRole("slider").press("Home");
  await planned(page, 5);
  await page.getByRole("button", { name: /^Start \d+-minute session/ }).click();
  await finishRun(page);
  await page.getByRole("link", { name: "Log and photos" }).click();
  await expect(page.getByRole("button", { name: /^Undo/ }).first()).toBeVisible();
});

test("a car just cleaned has nothing to do and says when it will", async ({ page, cove }) => {
  await page.goto(cove.url);
  await page.getByLabel("What do you call it?").fill("Pristine");
  await page.getByRole("radio", { name: "Just cleaned" }).click();
  await page.getByRole("button", { name: "Create my car" }).click();

  await expect(page.getByRole("heading", { name: "Nothing to do today" })).toBeVisible();
  await expect(page.getByText("The first task comes due on Sat 21 Mar.")).toBeVisible();
});

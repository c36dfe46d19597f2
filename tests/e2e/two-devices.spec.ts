import { PHONE } from "./browser.mjs";
import { answer, expect, onACopy, open, test } from "./cove.ts";

onACopy(
  "two devices on one form: the second is shown what the first changed and keeps its own answers",
  async ({ page, browser, cove }) => {
    const other = await (await browser.newContext()).newPage();
    await open(page, cove, "car/use");
    await open(other, cove, "car/use");
    const children = page.getByLabel("Children on a usual drive");
    await expect(children).toBeVisible();
    await other.getByLabel("Adults on a usual drive").fill("4");
    await other.getByRole("button", { name: "Apply from today" }).click();
    await expect(other.getByText("Saved. It counts from today.")).toBeVisible();

    await children.fill("3");
    const refused = page.waitForResponse((one) => one.request().method() === "PUT");
    await page.getByRole("button", { name: "Apply from today" }).click();
    expect((await refused).status()).toBe(412);
    await expect(page.getByRole("alert")).toContainText("Changed on another device meanwhile.");
    await expect(page.getByRole("alert")).toContainText("People: 2, now 4");
    await expect(children).toHaveValue("3");
    await expect(page.getByLabel("Adults on a usual drive")).toHaveValue("4");

    await page.getByRole("button", { name: "Apply from today" }).click();
    await expect(page.getByText("Saved. It counts from today.")).toBeVisible();
    await other.reload();
    await expect(other.getByLabel("Children on a usual drive")).toHaveValue("3");
    await expect(other.getByLabel("Adults on a usual drive")).toHaveValue("4");
    await other.context().close();
  },
);

test("two devices on one run: the second is told how the step was answered and where the run stands", async ({
  page,
  browser,
  cove,
}) => {
  await open(page, cove, "today");
  await page.getByRole("button", { name: /^Start/ }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  const other = await (await browser.newContext({ viewport: PHONE })).newPage();
  await other.goto(page.url());
  await expect(other.getByText(/^Step 1 of/)).toBeVisible();
  const name = await page.getByRole("heading", { level: 1 }).textContent();
  await answer(other, "Skip");

  const refused = page.waitForResponse((one) => one.request().method() === "POST");
  await page.getByRole("button", { name: "Done", exact: true }).click();
  expect((await refused).status()).toBe(409);
  await expect(page.getByRole("alert")).toContainText(
    `“${name}” was answered on another device: skipped. Now at step 2.`,
  );
  await expect(page.getByText(/^Step 2 of/)).toBeVisible();
  await answer(page, "Done");
  await expect(page.getByText(/^Step 3 of/)).toBeVisible();
  await other.context().close();
});

test("a deleted car is found in the wastebasket and comes back with its log", async ({
  page,
  cove,
}) => {
  await open(page, cove, "car/file");
  await page.getByRole("button", { name: "Delete this car" }).click();
  await page.getByRole("button", { name: "Delete it", exact: true }).click();
  const deleted = page.getByRole("region", { name: "Deleted cars" });
  await expect(deleted).toContainText("goes for good on Mon 13 Apr");
  await deleted.getByRole("button", { name: "Bring back Kestrin Marram" }).click();
  await expect(deleted).toBeHidden();
  await page.getByRole("link", { name: /^Kestrin Marram/ }).click();
  await page.getByRole("link", { name: "Log" }).click();
  await expect(page.getByRole("button", { name: /^Undo/ }).first()).toBeVisible();
});

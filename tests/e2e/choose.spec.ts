import { expect, lookOnly, onACopy, open } from "./cove.ts";

const start = /^Start \d+-minute session/;

onACopy(
  "a row is left out, another one added and put first, and the run is what is shown",
  async ({ page, cove }) => {
    await open(page, cove, "today");
    const order = page.getByRole("table", { name: /Running order/ });
    const ruler = page.getByRole("slider", { name: "Minutes at hand" });
    await ruler.focus();
    await ruler.press("Home");
    for (let minute = 5; minute < 25; minute += 5) {
      await ruler.press("Shift+ArrowRight");
    }
    await expect(ruler).toHaveAttribute("aria-valuenow", "25");
    await expect(order.getByText("Clean the windscreen inside")).toBeVisible();

    // Why it is in, and out it goes; what was in its place is said.
    await page.getByRole("button", { name: /^Clean the windscreen inside/ }).click();
    await expect(
      order.getByText(/Without it this session does \d+ % of what is due/),
    ).toBeVisible();
    await page.getByRole("checkbox", { name: "Do “Clean the windscreen inside”" }).click();
    await expect(order.getByText("Clean the windscreen inside")).toHaveCount(0);
    const notThisTime = page.getByRole("region", { name: "Not this time" });
    await expect(notThisTime.getByText("You left it out.")).toBeVisible();

    // What is not due is added, and done first.
    await notThisTime.getByText(/not due yet/).click();
    await notThisTime.getByRole("button", { name: "Add: Clean the pedals" }).click();
    await expect(order.getByText("kept in")).toBeVisible();
    await page.getByRole("button", { name: /^Clean the pedals/ }).click();
    await order.getByRole("button", { name: "Do it first" }).click();
    await expect(order.getByRole("row").filter({ hasText: "kept in" })).toContainText(/^[12]/);

    // A reload keeps it, and the run is just that.
    await page.reload();
    await expect(order.getByText("kept in")).toBeVisible();
    const rows = await order
      .getByRole("row")
      .filter({ has: page.getByRole("cell") })
      .count();
    await page.getByRole("button", { name: start }).click();
    await expect(page.getByText(`Step 1 of ${rows}`)).toBeVisible();
  },
);

lookOnly("what is left out is put back with one press", async ({ page, cove }) => {
  await open(page, cove, "today?out=windscreen");
  const notThisTime = page.getByRole("region", { name: "Not this time" });
  await notThisTime.getByRole("button", { name: "Put back: Clean the windscreen inside" }).click();
  await expect(
    page.getByRole("table", { name: /Running order/ }).getByText("Clean the windscreen inside"),
  ).toBeVisible();
  await expect(page).not.toHaveURL(/out=/);
});

lookOnly(
  "only glass is asked from Glass, and only one seat from the cabin",
  async ({ page, cove }) => {
    const order = page.getByRole("table", { name: /Running order/ });
    await open(page, cove, "glass");
    await page.getByRole("link", { name: "Do only the glass today" }).click();
    await expect(page.getByRole("button", { name: "Only glass" })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
    await expect(order.getByText(/windscreen/)).toBeVisible();
    await expect(order.getByText(/acuum/)).toHaveCount(0);

    await open(page, cove, "cabin");
    await page
      .getByRole("button", { name: /^Driver's seat/ })
      .first()
      .click();
    await page.getByRole("link", { name: "Do only this now" }).click();
    await expect(page.getByRole("button", { name: "Only driver's seat" })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
    await expect(order.getByText("Vacuum the seats")).toBeVisible();
    await expect(order.getByText(/windscreen/)).toHaveCount(0);
    await page.getByRole("button", { name: "Everything" }).click();
    await expect(order.getByText(/windscreen/)).toBeVisible();
  },
);

onACopy(
  "“I did this” for last Saturday moves the days left, and is noticed when it is said twice",
  async ({ page, cove }) => {
    await open(page, cove, "cabin");
    await page
      .getByRole("button", { name: /^Driver's seat/ })
      .first()
      .click();
    await page.getByRole("button", { name: "I did this" }).click();
    const sheet = page.getByRole("dialog", { name: "What was done?" });
    await sheet.getByLabel("Vacuum the seats").check();
    await sheet.getByLabel("Day").fill("2026-03-13");
    await sheet.getByLabel("Minutes, if you know").fill("4");
    await sheet.getByRole("button", { name: "Save" }).click();
    await expect(sheet).toBeHidden();

    await page.getByRole("link", { name: "Log" }).click();
    const entry = page.getByRole("listitem").filter({ hasText: "Vacuum the seats" }).first();
    await expect(entry).toContainText("Driver's seat");
    await page.getByRole("button", { name: "I did this" }).click();
    await sheet.getByLabel("Vacuum the seats").check();
    await sheet.getByLabel("Day").fill("2026-03-13");
    await sheet.getByRole("button", { name: "Save" }).click();
    await expect(sheet.getByRole("alert")).toContainText("on record for that day already");
    await sheet.getByRole("button", { name: "Save it anyway" }).click();
    await expect(sheet).toBeHidden();
  },
);

onACopy(
  "a session under way is shown as what it is, and is ended from Today",
  async ({ page, cove }) => {
    await open(page, cove, "today");
    await page.getByRole("button", { name: start }).click();
    await expect(page.getByText(/^Step 1 of/)).toBeVisible();
    await open(page, cove, "today");
    await expect(page.getByRole("heading", { name: "A session is under way" })).toBeVisible();
    await expect(page.getByRole("heading", { name: "What is left" })).toBeVisible();
    await expect(page.getByRole("slider")).toHaveCount(0);
    await page.getByRole("button", { name: "End it here" }).click();
    await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
  },
);

onACopy(
  "a choice is remembered: what is never wanted in a slot is planned elsewhere",
  async ({ page, cove }) => {
    await open(page, cove, "today");
    const order = page.getByRole("table", { name: /Running order/ });
    await expect(page.getByText("Below is what your routine put into it.")).toBeVisible();
    await page.getByRole("checkbox", { name: "Do “Clean the windscreen inside”" }).click();
    const notThisTime = page.getByRole("region", { name: "Not this time" });
    await notThisTime
      .getByRole("button", { name: "Never in this slot: Clean the windscreen inside" })
      .click();
    await expect(notThisTime.getByText("not planned into this slot any more")).toBeVisible();

    // Asked for nothing, the slot goes without it.
    await open(page, cove, "today");
    await expect(order.first()).toBeVisible();
    await expect(order.getByText("Clean the windscreen inside")).toHaveCount(0);
    await open(page, cove, "year");
    await page
      .getByRole("button", { name: "Allow in slot 1: Clean the windscreen inside" })
      .click();
    await page.getByRole("button", { name: "Apply from today" }).click();
    await expect(page.getByText("never in it:")).toBeHidden();
  },
);

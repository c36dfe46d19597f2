import { PHONE } from "./browser.mjs";
import { answer, expect, onACopy, open, planned, test } from "./cove.ts";

const EVENING_AFTER = "2026-03-15T19:30";

onACopy("the panes are read one by one, by mouse and by key", async ({ page, cove }) => {
  await open(page, cove, "glass");
  await expect(page.getByRole("group", { name: "The panes" }).getByRole("button")).toHaveCount(8);
  await page.getByRole("button", { name: /^Rear glass,/ }).click();
  await expect(page.getByRole("heading", { name: "Ways to clean it: rear glass" })).toBeVisible();
  const chosen = page.getByRole("row").filter({ hasText: "Chosen" });
  await expect(chosen).toContainText("mild soap");
  await expect(page.getByRole("row").filter({ hasText: "Three-step degrease" })).toContainText(
    "Ruled out",
  );
  await expect(page.locator("[data-stroke=along][data-ground=linedPane]").first()).toBeVisible();

  await page.keyboard.press("j");
  await expect(page.getByRole("heading", { name: /^Ways to clean it: load-space/ })).toBeVisible();
  await page.keyboard.press("u");
  await expect(page.getByText("Move into shade if you can")).toBeVisible();
  await expect(page.getByRole("row").filter({ hasText: "Chosen" })).toContainText(
    "Water and chamois",
  );
});

onACopy("a streak is traced to its side and noted in the log", async ({ page, cove }) => {
  await open(page, cove, "glass");
  await page.getByRole("button", { name: "Wiped, next" }).click();
  await page.getByRole("button", { name: "Wiped, next" }).click();
  await page.getByRole("button", { name: /Runs upright/ }).click();
  await expect(page.getByText("It is outside.")).toBeVisible();
  await page.getByRole("link", { name: "Log" }).click();
  await expect(page.getByText("Which side is the streak on?").first()).toBeVisible();
  await expect(page.getByText("It is outside.").first()).toBeVisible();
});

test.describe("on the phone", () => {
  test.use({ viewport: PHONE });

  test("glass is cleaned with faces counted over a reload, and the night check moves its date", async ({
    page,
    cove,
  }) => {
    await open(page, cove, "today");
    const ruler = page.getByRole("slider", { name: "Minutes at hand" });
    await ruler.focus();
    await ruler.press("End");
    await planned(page, 120);
    await page.getByRole("button", { name: /^Start \d+-minute session/ }).click();
    const windscreen = page.getByRole("heading", { name: "Clean the windscreen inside" });
    await expect(page.getByText(/^Step 1 of/)).toBeVisible();
    while (!(await windscreen.isVisible())) {
      await answer(page, "Skip");
    }

    await expect(page.locator("[data-ground=windscreen]")).toBeVisible();
    await page.getByRole("button", { name: "Next movement" }).click();
    const towels = page.getByRole("region", { name: "Towels" });
    await expect(towels).toContainText("face 1 of 8");
    await page.getByRole("button", { name: "Turn the glass, wet towel" }).click();
    await expect(towels).toContainText("face 2 of 8");
    await page.getByRole("button", { name: /^Swap the glass, dry towel/ }).click();
    await expect(towels).toContainText("Glass, dry towel 2");

    await page.reload();
    await expect(windscreen).toBeVisible();
    await expect(towels).toContainText("face 2 of 8");
    await expect(towels).toContainText("Glass, dry towel 2");
    await expect(page.getByRole("button", { name: /^2 / })).toHaveAttribute("aria-current", "step");

    await answer(page, "Done");
    await page.getByRole("button", { name: "End", exact: false }).first().click();
    await page.getByRole("button", { name: "End it here" }).click();
    await expect(page.getByRole("heading", { name: "Done for today" })).toBeVisible();
    const laundry = page.getByRole("region", { name: "Laundry" });
    await expect(laundry).toContainText("2 glass, dry");
    await expect(laundry).toContainText("no softener");

    await cove.kill();
    await cove.run(EVENING_AFTER);
    await open(page, cove, "glass");
    const pane = page.getByRole("button", { name: /^Windscreen, inside,/ });
    const before = Number((await pane.getAttribute("aria-label"))?.match(/(\d+) days? left/)?.[1]);
    await open(page, cove, "today");
    await expect(
      page.getByRole("heading", { name: "How was the glass in the dark?" }),
    ).toBeVisible();
    await page.getByRole("button", { name: "low down" }).click();
    await page.getByRole("button", { name: "Some haze" }).click();
    await expect(
      page.getByRole("heading", { name: "How was the glass in the dark?" }),
    ).toBeHidden();
    await open(page, cove, "glass");
    await expect(pane).toBeVisible();
    const after = Number((await pane.getAttribute("aria-label"))?.match(/(\d+) days? left/)?.[1]);
    expect(after).toBeLessThan(before);
    await page.getByRole("link", { name: "Log" }).click();
    await expect(page.getByText("Night check: some haze").first()).toBeVisible();
  });
});

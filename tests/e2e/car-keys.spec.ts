import { PHONE } from "./browser.mjs";
import { expect, lookOnly, onACopy, open } from "./cove.ts";

onACopy(
  "a walk round by keyboard: numbers answer, s skips, and what was seen is told",
  async ({ page, cove }) => {
    await open(page, cove, "look");
    await expect(page.getByText("Check 1 of")).toBeVisible();
    await page.keyboard.press("2");
    await expect(page.getByText("Check 2 of")).toBeVisible();
    await page.keyboard.press("s");
    await expect(page.getByText("Check 3 of")).toBeVisible();
    await page.keyboard.press("?");
    const help = page.getByRole("dialog", { name: "Keys on this page" });
    await expect(help.getByText("Skip this check")).toBeVisible();
    await page.keyboard.press("Escape");
    const end = page.getByRole("heading", { name: "Checks saved" });
    for (let look = 3; !(await end.isVisible()); look++) {
      await expect(page.getByText(`Check ${look} of`)).toBeVisible();
      await page.keyboard.press("s");
      await expect(page.getByText(`Check ${look} of`)).toBeHidden();
    }
    await expect(page.getByText("1 look corrected the levels.")).toBeVisible();
  },
);

lookOnly("zones, places and the car's pages are reached by keys", async ({ page, cove }) => {
  await open(page, cove, "cabin");
  await expect(page.getByRole("combobox", { name: "Zone" })).toContainText("Whole car");
  await page.keyboard.press("z");
  await expect(page.getByRole("combobox", { name: "Zone" })).toContainText("Driver's door");
  const first = page.locator("[data-surface][tabindex='0']");
  await first.focus();
  await page.keyboard.press("End");
  const last = await page.evaluate(() => document.activeElement?.getAttribute("data-surface"));
  await page.keyboard.press("ArrowRight");
  const round = await page.evaluate(() => document.activeElement?.getAttribute("data-surface"));
  expect(round).not.toBe(last);
  await expect(page.locator(`[data-surface='${round}']`)).toHaveAttribute("aria-pressed", "true");

  await page.keyboard.press("7");
  await expect(page.getByRole("heading", { name: "Car", exact: true })).toBeVisible();
  await page.getByRole("link", { name: "Layout" }).press("Enter");
  await expect(page.getByRole("button", { name: "Redraw the cabin" })).toBeVisible();
});

lookOnly("the chart prints with its list, without bars and buttons", async ({ page, cove }) => {
  await open(page, cove, "cabin");
  await expect(page.getByRole("button", { name: /^Windscreen, inside/ })).toBeVisible();
  await page.emulateMedia({ media: "print" });
  await expect(page.locator("svg[role=group]")).toBeVisible();
  await expect(page.getByRole("table", { name: "Surfaces, soonest due first" })).toBeVisible();
  await expect(page.getByRole("navigation", { name: "Places" })).toBeHidden();
  await expect(page.getByRole("button", { name: "Something happened here" })).toBeHidden();
  const paper = await page.pdf({ format: "A4", landscape: true });
  expect(paper.subarray(0, 5).toString()).toBe("%PDF-");
});

onACopy(
  "another layout is drawn before it is kept, and what was changed by hand stays",
  async ({ page, cove }) => {
    await open(page, cove, "car/surfaces");
    await page.getByRole("button", { name: "Driver's seat" }).click();
    await page.getByLabel("Name", { exact: true }).fill("My seat");
    await page.getByRole("button", { name: "Save" }).click();
    await expect(page.getByRole("button", { name: "My seat" })).toBeVisible();

    await page.getByRole("link", { name: "Layout" }).click();
    const sketch = page.getByRole("img", { name: /^Plan of the cabin with/ });
    const before = await sketch.getAttribute("aria-label");
    await page
      .getByRole("radiogroup", { name: "Glass in the roof" })
      .getByRole("radio", { name: "Yes" })
      .click();
    await expect(sketch).not.toHaveAttribute("aria-label", before ?? "");
    await page.getByRole("button", { name: "Redraw the cabin" }).click();
    await expect(page.getByText("Redrawn.")).toBeVisible();
    await page.getByRole("link", { name: "Surfaces" }).click();
    await expect(page.getByRole("button", { name: "Sunroof, inside" })).toBeVisible();
    await expect(page.getByRole("button", { name: "My seat" })).toBeVisible();
  },
);

onACopy(
  "a surface is added, and one that was changed elsewhere is not overwritten",
  async ({ page, cove }) => {
    await open(page, cove, "car/surfaces");
    await page.getByRole("button", { name: "Add a surface" }).click();
    await page.getByRole("button", { name: "Add it" }).click();
    await expect(page.getByText(/Use 1 to 60 characters for the name/).first()).toBeVisible();
    await page.getByLabel("Name", { exact: true }).fill("Hive shelf");
    await page.getByRole("combobox", { name: "Reached from" }).click();
    await page.getByRole("option", { name: "Boot" }).click();
    await page.getByRole("button", { name: "Add it" }).click();
    await expect(page.getByRole("button", { name: "Hive shelf" })).toBeVisible();

    await page.getByRole("button", { name: "Hive shelf" }).click();
    const vehicle = new URL(page.url()).pathname.split("/")[2];
    const elsewhere = await fetch(`${cove.url}/api/vehicles/${vehicle}/surfaces/dash/split`, {
      method: "POST",
      headers: { "content-type": "application/json", "if-match": '"1"' },
      body: JSON.stringify({ names: ["Left", "Right"] }),
    });
    expect(elsewhere.status).toBe(200);
    await page.getByRole("button", { name: "Take it away" }).click();
    await expect(page.getByRole("alert")).toContainText("changed elsewhere");
  },
);

onACopy("what was learnt is shown with its band and can be forgotten", async ({ page, cove }) => {
  await open(page, cove, "car/learnt");
  await expect(page.getByRole("heading", { name: /^This car soils/ })).toBeVisible();
  await expect(page.getByRole("row").filter({ hasText: "Vacuum carpets and mats" })).toContainText(
    /\d\.\d\d\.\d to \d\.\d/,
  );
  await page.getByRole("button", { name: "Start over", exact: true }).click();
  await page.getByRole("button", { name: "Yes, start over" }).click();
  await expect(page.getByRole("heading", { name: /^No checks of this car yet/ })).toBeVisible();
  await expect(page.getByRole("table", { name: "How fast each task comes due" })).toHaveCount(0);
});

onACopy(
  "on a phone the decision about use stays in sight, and answers have room for a thumb",
  async ({ page, cove }) => {
    await page.setViewportSize(PHONE);
    await open(page, cove, "car/use");
    await page.getByRole("radiogroup", { name: "Pets" }).getByText("Most days").click();
    await expect(page.getByText(/^\d+ dates sooner$/).last()).toBeVisible();
    const button = page.getByRole("button", { name: "Apply", exact: true });
    await expect(button).toBeInViewport();
    await button.click();
    await expect(button).toBeHidden();

    await open(page, cove, "look");
    const answers = page.getByRole("main").getByRole("list").getByRole("button");
    await expect(answers.first()).toBeVisible();
    for (const answer of await answers.all()) {
      const box = await answer.boundingBox();
      expect(box?.height).toBeGreaterThanOrEqual(44);
      expect((box?.y ?? 999) + (box?.height ?? 0)).toBeLessThanOrEqual(844);
    }
  },
);

import type { Locator } from "@playwright/test";
import { expect, lookOnly, open, planned, test } from "./cove.ts";

test("a whole session by keyboard alone", async ({ page, cove }) => {
  await open(page, cove, "today");
  await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
  await page.keyboard.press("m");
  const ruler = page.getByRole("slider", { name: "Minutes at hand" });
  await expect(ruler).toBeFocused();
  await page.keyboard.press("Home");
  await page.keyboard.press("ArrowRight");
  await expect(ruler).toHaveAttribute("aria-valuenow", "6");
  await page.keyboard.press("End");
  await expect(ruler).toHaveAttribute("aria-valuenow", "120");
  await page.keyboard.press("Home");
  await planned(page, 5);
  await expect(page.getByRole("button", { name: /^Start \d+-minute session/ })).toBeEnabled();
  await page.keyboard.press("s");

  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Done", exact: true })).toBeEnabled();
  await page.keyboard.press("d");
  await expect(page.getByText(/^Step 2 of|All steps answered/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^(Done|Finish)$/ })).toBeEnabled();
  await page.keyboard.press("e");
  await expect(page.getByRole("dialog", { name: "End or pause?" })).toBeVisible();
  await page.keyboard.press("Tab");
  await page.keyboard.press("Tab");
  await page.keyboard.press("Tab");
  await expect(page.getByRole("button", { name: "End it here" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Done for today" })).toBeVisible();
});

test.describe("from nothing", () => {
  test.use({ demo: false });

  test("by keyboard alone, from first use to the end of a run", async ({ page, cove }) => {
    const tabTo = async (target: Locator) => {
      await expect(target).toBeVisible();
      for (let presses = 0; presses < 80; presses++) {
        if (await target.evaluate((element) => element === document.activeElement)) {
          return;
        }
        await page.keyboard.press("Tab");
      }
      throw new Error("No number of presses of the tab key leads there.");
    };
    await page.goto(cove.url);
    await tabTo(page.getByLabel("What do you call it?"));
    await page.keyboard.type("Kestrin Tern");
    await tabTo(page.getByRole("combobox", { name: "Body" }));
    await page.keyboard.press("Enter");
    await expect(page.getByRole("option", { name: "SUV" })).toBeVisible();
    await page.keyboard.type("SUV");
    await page.keyboard.press("Enter");
    await tabTo(page.getByRole("button", { name: "Create my car" }));
    await page.keyboard.press("Enter");

    await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
    await page.keyboard.press("m");
    await page.keyboard.press("Home");
    await planned(page, 5);
    await expect(page.getByRole("button", { name: /^Start \d+-minute session/ })).toBeEnabled();
    await page.keyboard.press("s");
    await expect(page.getByText(/^Step 1 of/)).toBeVisible();
    const finish = page.getByRole("button", { name: "Finish" });
    const done = page.getByRole("button", { name: "Done", exact: true });
    for (let step = 2; !(await finish.isVisible()); step++) {
      await expect(done).toBeEnabled();
      await page.keyboard.press("d");
      await expect(page.getByText(new RegExp(`^Step ${step} of|All steps answered`))).toBeVisible();
    }
    await expect(finish).toBeEnabled();
    await tabTo(finish);
    await page.keyboard.press("Enter");
    await expect(page.getByRole("heading", { name: "Done for today" })).toBeVisible();
    await tabTo(page.getByRole("link", { name: "Back to today" }));
    await page.keyboard.press("Enter");
    await expect(page.getByRole("heading", { level: 1, name: "Today" })).toBeVisible();
  });
});

lookOnly("places, help and the chart are reached by keys", async ({ page, cove }) => {
  await open(page, cove, "today");
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
  await page.keyboard.press("?");
  const help = page.getByRole("dialog", { name: "Keys on this page" });
  await expect(help.getByText("Start the session")).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(help).toBeHidden();

  await page.keyboard.press("2");
  await expect(page.getByRole("heading", { name: "Cabin", exact: true })).toBeVisible();
  await page.getByRole("button", { name: /^Windscreen, inside/ }).focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("button", { name: /^Dashboard/ })).toBeFocused();
  await expect(page.getByRole("heading", { name: "Dashboard" })).toBeVisible();
  await page.keyboard.press("v");
  await expect(page.getByRole("table", { name: "Surfaces, soonest due first" })).toBeVisible();
  await page.keyboard.press("4");
  await expect(page.getByRole("heading", { name: "Glass", exact: true })).toBeVisible();
  await page.keyboard.press("5");
  await expect(page.getByRole("heading", { name: "Year", exact: true })).toBeVisible();
  await page.keyboard.press("6");
  await expect(page.getByRole("heading", { name: "Log" })).toBeVisible();
  await page.keyboard.press("1");
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
});

lookOnly("every stop of the tab key can be seen", async ({ page, cove }) => {
  await open(page, cove, "today");
  await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
  const seen = new Set<string>();
  for (let stop = 0; stop < 60; stop++) {
    await page.keyboard.press("Tab");
    const focus = await page.evaluate(() => {
      const element = document.activeElement;
      if (!(element instanceof HTMLElement) || element === document.body) {
        return null;
      }
      const style = getComputedStyle(element);
      const ring = style.outlineStyle !== "none" && Number.parseFloat(style.outlineWidth) >= 2;
      // The marker of the ruler is drawn beside the range that has the focus.
      const house = element.matches("#minutes") && element.parentElement?.querySelector(".house");
      const marker = house && Number.parseFloat(getComputedStyle(house).strokeWidth) > 3;
      return {
        name: element.getAttribute("aria-label") ?? element.textContent,
        visible: Boolean(ring || marker),
      };
    });
    if (focus) {
      seen.add(focus.name ?? "");
      expect(focus.visible, `focus on ${focus.name}`).toBe(true);
    }
  }
  expect([...seen].join(" ")).toContain("Minutes at hand");
  expect([...seen].join(" ")).toMatch(/Start \d+-minute session/);
});

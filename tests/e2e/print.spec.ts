import { expect, open, lookOnly as test } from "./cove.ts";

/** What is left of A4 between margins of 12 mm, in CSS pixels. */
const PAPER = { width: 703, height: 1031 };

for (const [place, title] of [
  ["today/paper", "Session"],
  ["glass", "Glass"],
  ["cabin", "Cabin"],
  ["shelf/matrix", "Shelf"],
  ["year/card", "Routine card"],
  ["log/record", "Record of care"],
] as const) {
  test(`${place} goes onto A4, in day colours and without what is only for screens`, async ({
    page,
    cove,
  }) => {
    await page.emulateMedia({ colorScheme: "dark" });
    await open(page, cove, place);
    await expect(page.getByRole("heading", { level: 1, name: title })).toBeVisible();
    await expect(page.getByText(/^Loading/)).toHaveCount(0);
    await page.setViewportSize(PAPER);
    await page.emulateMedia({ media: "print", colorScheme: "dark" });
    await expect(page.getByRole("navigation", { name: "Places" })).toBeHidden();
    await expect(page.getByRole("button", { name: /^Print/ })).toHaveCount(0);
    const found = await page.evaluate(() => ({
      paper: getComputedStyle(document.documentElement).backgroundColor,
      wide: [...document.querySelectorAll("main *")]
        .filter((part) => part.getBoundingClientRect().right > window.innerWidth + 1)
        .filter((part) => !part.closest(".sr-only"))
        .map((part) => `${part.tagName} ${part.textContent?.slice(0, 40)}`),
    }));
    expect(found).toEqual({ paper: "rgb(255, 255, 255)", wide: [] });
  });
}

test("the session on paper has a box, the product with its amount and the caution for each step", async ({
  page,
  cove,
}) => {
  await open(page, cove, "today");
  await page.getByRole("link", { name: "On paper, to tick off" }).click();
  const steps = page.locator("article > ol > li");
  await expect(steps.first()).toBeVisible();
  const written = (await steps.allTextContents()).join("\n");
  expect(written).toMatch(/Streak-free glass cleaner.*· \d+ ml/);
  expect(written).toMatch(/Product on the towel, never at the glass/);
  await expect(page.getByText("Product labels, makers' instructions")).toBeVisible();
  await page.getByRole("link", { name: "Back to today" }).click();
  await expect(page.getByRole("heading", { name: "How long have you got?" })).toBeVisible();
});

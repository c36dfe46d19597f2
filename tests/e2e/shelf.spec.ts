import type { Page } from "@playwright/test";
import { PHONE } from "./browser.mjs";
import { answer, expect, lookOnly, onACopy, open, planned, skipTo, test } from "./cove.ts";

const APC = "00000000-0000-4000-9000-000000000002";
const GLASS = "00000000-0000-4000-9000-000000000003";

async function choose(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole("combobox", { name: label, exact: true }).click();
  await page.getByRole("option", { name: option, exact: true }).click();
}

lookOnly(
  "the chart of verdicts is walked by keys and narrowed by place and work",
  async ({ page, cove }) => {
    await open(page, cove, "shelf");
    const why = page.getByRole("complementary", { name: "Why" });
    await page
      .getByRole("button", { name: "Interior cleaner on Windscreen, inside: With care" })
      .focus();
    await page.keyboard.press("ArrowRight");
    await expect(why.getByRole("status")).toHaveText("Good");
    await expect(why.getByText("Dashboard")).toBeVisible();
    for (let step = 0; step < 7; step++) {
      await page.keyboard.press("ArrowDown");
    }
    await expect(why.getByRole("heading", { name: "Gloss dressing" })).toBeVisible();
    await expect(why.getByRole("status")).toHaveText("Keep off");
    await expect(why.getByText(/mirrors in the windscreen/)).toBeVisible();
    await expect(why.getByText(/nothing overrides it/).first()).toBeVisible();
    await page.keyboard.press("End");
    await expect(page.getByRole("button", { name: /^Gloss dressing on Cabin air/ })).toBeFocused();

    await choose(page, "Task", "Clean the other panes inside");
    await expect(page.getByRole("button", { name: /^Plain water on/ })).toHaveCount(3);
    await expect(
      page.getByRole("button", {
        name: "Window cleaner with ammonia on Side and rear glass, tinted: Keep off",
      }),
    ).toBeVisible();
    await choose(page, "Task", "Any work");
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: "As a list" }).click();
    await choose(page, "Product", "Melamine sponges");
    await page.getByRole("button", { name: /^Console trim, gloss black/ }).click();
    await expect(why.getByRole("status")).toHaveText("Keep off");
    await expect(why.getByText(/Gloss trim scratches/)).toBeVisible();
  },
);

lookOnly("a question put otherwise gets another answer", async ({ page, cove }) => {
  await open(page, cove, `shelf/matrix?product=${GLASS}&surface=windscreen`);
  const why = page.getByRole("complementary", { name: "Why" });
  await expect(why.getByRole("status")).toHaveText("Good");
  await why.getByLabel("Hot, or in the sun").check();
  await expect(why.getByRole("status")).toHaveText("With care");
  await expect(why.getByText(/Work in shade/)).toBeVisible();
  await why.getByLabel("Hot, or in the sun").uncheck();
  await choose(page, "How it is put on", "Poured on");
  await expect(why.getByRole("status")).toHaveText("Keep off");
  await expect(why.getByText("On the towel, not on the glass.")).toBeVisible();
});

onACopy(
  "a spot test lifts the verdict, stands in the log, and a failed one keeps off",
  async ({ page, cove }) => {
    await open(page, cove, `shelf/matrix?product=${GLASS}&surface=armrest`);
    const why = page.getByRole("complementary", { name: "Why" });
    await expect(why.getByRole("status")).toHaveText("Test first");
    await why.getByRole("button", { name: "Record a spot test" }).click();
    const dialog = page.getByRole("dialog");
    await dialog.getByLabel(/^Where, and what you saw/).fill("below the lid");
    await dialog.getByRole("button", { name: /^Passed/ }).click();
    await expect(why.getByRole("status")).toHaveText("Good");
    await expect(why.getByText(/Does not apply: Your spot test/)).toBeVisible();
    await expect(why.getByText(/Passed a spot test at neat, Sat 14 Mar/)).toBeVisible();

    await why.getByRole("button", { name: "Record a spot test" }).click();
    await page.getByRole("button", { name: /^Failed/ }).click();
    await expect(why.getByRole("status")).toHaveText("Keep off");
    await page.getByRole("link", { name: "Log" }).click();
    await expect(page.getByText("Spot test, Streak-free glass cleaner neat: passed")).toBeVisible();
    await expect(page.getByText("below the lid")).toBeVisible();
  },
);

onACopy(
  "a maker's word overrides harm to the surface and can be taken back",
  async ({ page, cove }) => {
    await open(page, cove, `shelf/matrix?product=${APC}&surface=screen`);
    const why = page.getByRole("complementary", { name: "Why" });
    await expect(why.getByRole("status")).toHaveText("Keep off");
    await why.getByRole("button", { name: "The maker says otherwise" }).click();
    await page.getByLabel("Where it stands and what it says").fill("Leaflet: 1:50 on a cloth.");
    await page.getByRole("button", { name: "Save" }).click();
    await expect(why.getByRole("status")).toHaveText("Good");
    await why.getByRole("button", { name: "Take back" }).click();
    await expect(why.getByRole("status")).toHaveText("Keep off");
  },
);

test("a product comes from its label onto the shelf, and goes again", async ({ page, cove }) => {
  await open(page, cove, "shelf/products");
  await page.getByRole("button", { name: "Put a product on the shelf" }).click();
  const form = page.getByRole("complementary", { name: "New product" });
  await choose(page, "Class", "Isopropyl alcohol");
  await form.getByLabel("Name").fill("Spirit");
  await expect(form.getByLabel("Alcohol, %")).toHaveValue("70");
  await expect(form.getByText("Highly flammable liquid and vapour")).toBeVisible();
  await form.getByLabel("Find a statement").fill("children");
  await form.getByRole("button", { name: /^P102/ }).click();
  await expect(form.getByText("Keep out of reach of children.")).toBeVisible();
  await form.getByLabel("Usual").fill("sort of");
  await form.getByRole("button", { name: "Add a bottle" }).click();
  await form.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(form.getByText(/Write the strength as parts/)).toBeVisible();
  await form.getByLabel("Usual").fill("1:1");
  await form.getByRole("button", { name: "Put it on the shelf" }).click();
  const row = page.getByRole("button", { name: /^Spirit/ });
  await expect(row).toBeVisible();
  await row.click();
  const sheet = page.getByRole("complementary", { name: "Product" });
  await sheet.getByLabel("Left, ml").fill("123");
  await sheet.getByRole("button", { name: "Save" }).click();
  await expect(sheet.getByText("Saved.")).toBeVisible();
  await expect(page.getByRole("row", { name: /Spirit/ })).toContainText("123 of 500 ml");

  await page.getByRole("link", { name: "What is safe where" }).click();
  await expect(
    page.getByRole("button", { name: "Spirit on Side and rear glass, tinted: Keep off" }),
  ).toBeVisible();
  await page.getByRole("link", { name: "Products", exact: true }).click();
  await expect(page.getByRole("button", { name: "Put a product on the shelf" })).toBeVisible();
  await page.getByRole("button", { name: /^Spirit/ }).click();
  await page.getByRole("button", { name: "Take it off the shelf" }).click();
  await expect(page.getByRole("button", { name: /^Spirit/ })).toHaveCount(0);
});

test("the bench reads both notations alike, measures by hand, and refuses what cannot be", async ({
  page,
  cove,
}) => {
  await open(page, cove, "shelf/bench");
  await choose(page, "What is mixed", "Fabric cleaner concentrate");
  const strength = page.getByLabel("Strength", { exact: true });
  await expect(strength).toHaveValue("1:8");
  const words = page.getByText("1 part product to 8 parts water (11.1 %)").first();
  await expect(words).toBeVisible();
  await strength.fill("8:1");
  await expect(words).toBeVisible();
  await expect(page.getByText("55 ml product")).toBeVisible();
  await expect(page.getByRole("row", { name: /^Product/ })).toContainText("55.6");
  await expect(
    page.getByRole("img", { name: "Water up to 445 ml, Product up to 500 ml" }),
  ).toBeVisible();
  await page.getByRole("button", { name: "Put this bottle on the shelf" }).click();
  await expect(page.getByText(/^It stands with Fabric cleaner concentrate/)).toBeVisible();
  await strength.fill("1:1");
  await expect(page.getByText(/stronger than this product is used/)).toBeVisible();

  await page.getByRole("radio", { name: "Part full" }).click();
  await page.getByLabel("Holds now, ml").fill("200");
  await page.getByLabel("How strong that is").fill("5 %");
  await page.getByLabel("Strength wanted").fill("10 %");
  await expect(page.getByText("40 ml product")).toBeVisible();
  await page.getByLabel("How strong that is").fill("25 %");
  await expect(page.getByText("No more product, 300 ml water")).toBeVisible();
  await page.getByLabel("How strong that is").fill("50 %");
  await expect(page.getByText(/too strong for that/)).toBeVisible();

  await page.getByRole("radio", { name: "Empty" }).click();
  await choose(page, "What is mixed", "Something else");
  await choose(page, "Unit", "drops");
  await expect(page.getByText(/20 drops to the millilitre/)).toBeVisible();
});

test("a CSV with a wrong row changes nothing and says which; mended, it comes in", async ({
  page,
  cove,
}) => {
  await open(page, cove, "shelf/products");
  const file = page.getByLabel("Shelf file");
  const csv = (ph: string) => ({
    name: "shelf.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(
      `name,class,ph,size,left\r\n"Soap, mild",soapWater,7.5,500,400\r\nOther,interiorCleaner,${ph},500,900\r\n`,
    ),
  });
  await file.setInputFiles(csv("acid"));
  const alert = page.getByRole("alert");
  await expect(alert).toContainText("Line 3, ph: Give a number");
  await expect(alert).toContainText("Nothing was stored.");
  await file.setInputFiles(csv("8"));
  await expect(alert).toContainText("Line 3, left: Say how much is left");
  await expect(page.getByRole("button", { name: /^Soap, mild/ })).toHaveCount(0);
  const good = csv("8");
  await file.setInputFiles({
    ...good,
    buffer: Buffer.from(good.buffer.toString().replace("900", "90")),
  });
  await expect(page.getByText("2 products put on the shelf.")).toBeVisible();
  await expect(page.getByRole("button", { name: /^Soap, mild/ })).toBeVisible();

  const saved = page.waitForEvent("download");
  await page.getByRole("link", { name: "Export as CSV" }).click();
  expect((await saved).suggestedFilename()).toBe("cove-shelf.csv");
});

test("the smallest shelf says what is needed and what is not, and its school is that of all pages", async ({
  page,
  cove,
}) => {
  await open(page, cove, "shelf/smallest");
  await expect(page.getByRole("heading", { name: "6 products do what can be done" })).toBeVisible();
  await expect(page.getByText("Workshop degreaser")).toBeVisible();
  await page.getByRole("radio", { name: "The gentlest for each" }).click();
  await expect(page.getByRole("radio", { name: "The gentlest for each" })).toBeChecked();
  await open(page, cove, "car/schools");
  await expect(page.getByRole("radio", { name: /^One per material/ })).toBeChecked();
});

test("a pasted label fills the form, and bleach saved beside acid is told apart from it", async ({
  page,
  cove,
}) => {
  await open(page, cove, "shelf/products?add");
  await choose(page, "Class", "Interior cleaner");
  await page.getByRole("button", { name: "Paste the label" }).click();
  await page
    .getByLabel("Text of the label")
    .fill("Contains no ammonia. pH 9.5. Causes serious eye irritation. Dilute 1:20 to 1:5.");
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.locator("mark").filter({ hasText: "ammonia" })).toHaveCSS(
    "text-decoration-line",
    "line-through",
  );
  await expect(page.getByText(/does not speak of:.*flash point/)).toBeVisible();
  await page.getByRole("button", { name: "Fill the form with this" }).click();
  await expect(page.getByLabel(/^pH/)).toHaveValue("9.5");

  await choose(page, "Class", "Chlorine bleach");
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(page.getByText(/Never together with Descaling vinegar/)).toBeVisible();
  await expect(page.getByText(/chlorine gas/)).toBeVisible();
  await page.getByRole("button", { name: "Back to the shelf" }).click();
  await expect(page.getByRole("button", { name: /^Chlorine bleach/ })).toBeVisible();
});

test("buying says by when, and tools are kept by count and colour", async ({ page, cove }) => {
  await open(page, cove, "shelf/buying");
  await expect(page.getByRole("row", { name: /Runs out/ }).first()).toBeVisible();
  await expect(page.getByText("A year of the routine")).toBeVisible();
  await page.getByRole("link", { name: "Tools and towels" }).click();
  await page.getByLabel("Steamer").check();
  await page.getByLabel("Mats, colour").fill("Brown");
  await page.getByLabel("Mats, how many").fill("2");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText("Saved.")).toBeVisible();
  await page.reload();
  await expect(page.getByLabel("Steamer, how many")).toHaveValue("1");
  await expect(page.getByLabel("Mats, colour")).toHaveValue("Brown");
});

test.describe("on a phone", () => {
  test.use({ viewport: PHONE });

  test("a run shows product, application and cautions, and the log keeps them", async ({
    page,
    cove,
  }) => {
    await open(page, cove, "today");
    for (let fives = 0; fives < 4; fives++) {
      await page.locator("#minutes").press("Shift+ArrowRight");
    }
    await planned(page, 45);
    await page.getByRole("button", { name: /^Start \d+-minute session/ }).click();
    await skipTo(page, "Wash the rubber mats");
    const product = page.getByRole("region", { name: "Product" });
    await expect(product).toContainText("All-purpose concentrate");
    await expect(product).toContainText("Sprayed on the surface, stiff brush");
    await expect(page.getByText(/not into a street drain/)).toBeVisible();
    await answer(page, "Done");
    await page.goto(page.url().replace(/\/runs\/.*/, "/"));
    await page.getByRole("link", { name: "Log" }).click();
    await expect(page.getByText(/all-purpose concentrate/i).first()).toBeVisible();
  });

  lookOnly("the verdicts are a list, and the answer opens over it", async ({ page, cove }) => {
    await open(page, cove, "shelf");
    await choose(page, "Product", "Gloss dressing");
    await page.getByRole("button", { name: /^Pedals Keep off/ }).click();
    const dialog = page.getByRole("dialog", { name: "May it touch?" });
    await expect(dialog.getByRole("status")).toHaveText("Keep off");
    await expect(dialog.getByText(/stays bare/)).toBeVisible();
    await dialog.getByRole("button", { name: "Close" }).click();
    await expect(dialog).toHaveCount(0);
  });
});

test.describe("with nothing on the shelf", () => {
  test.use({ demo: false });

  test("Today says so and leads to the first product", async ({ page, cove }) => {
    await page.goto(`${cove.url}/welcome`);
    await page.getByLabel("What do you call it?").fill("Skiff");
    await page.getByRole("button", { name: "Create my car" }).click();
    await expect(page.getByText("Nothing is on your shelf yet,")).toBeVisible();
    await page.getByRole("link", { name: "List your bottles" }).click();
    await choose(page, "Class", "Interior cleaner");
    await page.getByRole("button", { name: "Put it on the shelf" }).click();
    await expect(page.getByRole("button", { name: /^Interior cleaner/ })).toBeVisible();
    await page.getByRole("link", { name: "Today" }).click();
    await expect(page.getByText("Nothing is on your shelf yet,")).toHaveCount(0);
    await page.getByRole("slider", { name: "Minutes at hand" }).press("End");
    await expect(page.getByRole("region", { name: "Not this time" })).toContainText("Fabric mats");
  });
});

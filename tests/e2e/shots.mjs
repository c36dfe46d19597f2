// Remakes the pictures of every main view from the demo data at a pinned clock.
import { mkdir } from "node:fs/promises";
import { chromium } from "@playwright/test";
import { BROWSER, CLOCK, DESK, PHONE } from "./browser.mjs";
import { Cove } from "./server.mjs";

const folder = new URL("../../docs/screenshots/", import.meta.url).pathname;
await mkdir(folder, { recursive: true });

const browser = await chromium.launch(BROWSER);
/** The pictures to make; all of them when none is named. */
const wanted = process.argv.slice(2);

/**
 * @param {string} name
 * @param {{ viewport?: { width: number, height: number }, dark?: boolean, demo?: boolean }} options
 * @param {(page: import("@playwright/test").Page, place: (name: string) => string, cove: Cove) => Promise<void>} story
 */
async function shot(name, options, story) {
  if (wanted.length > 0 && !wanted.includes(name)) {
    return;
  }
  const cove = await Cove.start({ demo: options.demo ?? true, clock: CLOCK });
  const page = await browser.newPage({
    viewport: options.viewport ?? DESK,
    colorScheme: options.dark ? "dark" : "light",
    reducedMotion: "reduce",
    locale: "en-IE",
    timezoneId: "UTC",
  });
  try {
    const vehicles = await (await fetch(`${cove.url}/api/vehicles`)).json();
    await story(page, (place) => `${cove.url}/cars/${vehicles[0]?.id}/${place}`, cove);
    await page.locator("h1").first().waitFor();
    await page.locator("[data-waiting]").waitFor({ state: "detached" });
    await page.waitForLoadState("networkidle");
    await page.evaluate(() => document.fonts.ready);
    await page.locator("button.act:disabled").waitFor({ state: "detached" });
    await page.mouse.move(0, 0);
    await page.screenshot({ path: `${folder}${name}.png` });
    console.log(name);
  } finally {
    await page.close();
    await cove.stop();
  }
}

/** @param {import("@playwright/test").Page} page */
async function start(page) {
  await page.getByRole("button", { name: /^Start/ }).click();
  await page.getByText(/^Step 1 of/).waitFor();
}

/**
 * @param {import("@playwright/test").Page} page
 * @param {number} count
 */
async function answer(page, count) {
  for (let step = 1; step <= count; step++) {
    await page.getByRole("button", { name: "Done", exact: true }).click();
    await page.getByText(new RegExp(`^Step ${step + 1} of|^All steps`)).waitFor();
  }
}

await shot("today", {}, async (page, place) => void (await page.goto(place("today"))));
await shot(
  "today-phone",
  { viewport: PHONE },
  async (page, place) => void (await page.goto(place("today"))),
);
await shot(
  "cabin",
  {},
  async (page, place) => void (await page.goto(place("cabin?surface=driver-seat"))),
);
await shot(
  "cabin-phone",
  { viewport: PHONE },
  async (page, place) => void (await page.goto(place("cabin"))),
);
await shot(
  "look-phone",
  { viewport: PHONE },
  async (page, place) => void (await page.goto(place("look"))),
);
await shot(
  "shelf",
  {},
  async (page, place) =>
    void (await page.goto(
      place("shelf/matrix?product=00000000-0000-4000-9000-000000000004&surface=rear-glass"),
    )),
);
await shot("shelf-bench", {}, async (page, place) => {
  await page.goto(place("shelf/bench"));
  await page.getByRole("combobox", { name: "What is mixed" }).click();
  await page.getByRole("option", { name: "Fabric cleaner concentrate" }).click();
  await page.getByText("55 ml product").waitFor();
});
await shot("car-use", {}, async (page, place) => {
  await page.goto(place("car/use"));
  await page.getByLabel("Children on a usual drive").fill("1");
  await page
    .getByText(/dates? sooner/)
    .first()
    .waitFor();
});
await shot("year", {}, async (page, place) => {
  await page.goto(place("year"));
  await page.getByRole("button", { name: /^Best value/ }).waitFor({ timeout: 120_000 });
});
await shot("outlook", {}, async (page, place) => void (await page.goto(place("year/outlook"))));
await shot("deep-clean", {}, async (page, place) => void (await page.goto(place("year/deep"))));
await shot("card", {}, async (page, place) => void (await page.goto(place("year/card"))));
await shot(
  "glass",
  {},
  async (page, place) => void (await page.goto(place("glass?pane=rear-glass"))),
);
await shot(
  "techniques",
  {},
  async (page, place) => void (await page.goto(place("methods/clean-wheel"))),
);
await shot("run-phone", { viewport: PHONE }, async (page, place) => {
  await page.goto(place("today"));
  await start(page);
  const windscreen = page.getByRole("heading", { name: "Clean the windscreen inside" });
  for (let step = 1; !(await windscreen.isVisible()); step++) {
    await page.getByRole("button", { name: "Done", exact: true }).click();
    await page.getByText(`Step ${step + 1} of`).waitFor();
  }
  await page.getByRole("button", { name: "Next movement" }).click();
  await page.getByRole("button", { name: "Turn the glass, wet towel" }).click();
  await page.getByText("face 2 of 8").waitFor();
  await page.evaluate(() => window.scrollTo(0, 0));
});
await shot("run-phone-night", { viewport: PHONE, dark: true }, async (page, place) => {
  await page.goto(place("today"));
  for (let fives = 0; fives < 7; fives++) {
    await page.locator("#minutes").press("Shift+ArrowRight");
  }
  await page.locator("[data-minutes='60']").waitFor();
  await start(page);
  await answer(page, 9);
});
await shot("spot-phone", { viewport: PHONE }, async (page, place) => {
  await page.goto(place("spill"));
  await page.getByRole("combobox", { name: "Where?" }).click();
  await page.getByRole("option", { name: "Rear seat, driver's side" }).click();
  await page.getByRole("button", { name: "A sugary drink was spilled" }).click();
  await page.getByRole("button", { name: "Done, look again when dry" }).waitFor();
  await page.evaluate(() => window.scrollTo(0, 0));
});
await shot("log", {}, async (page, place) => void (await page.goto(place("log"))));
await shot("welcome", { demo: false }, async (page, _, cove) => void (await page.goto(cove.url)));
await browser.close();

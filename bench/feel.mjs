// Opens a running Cove in the browser and reports how it feels: what the first load weighs, how long after a press the
// screen shows it (interaction to next paint, as the browser's event timing has it), and how soon Cove opens offline.
// Usage: node bench/feel.mjs APP_FOLDER
import { spawn } from "node:child_process";
import { mkdtemp, rm } from "node:fs/promises";
import { createRequire } from "node:module";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import { BROWSER, CLOCK, DESK, PHONE } from "../tests/e2e/browser.mjs";

const { chromium } = createRequire(new URL("../tests/e2e/package.json", import.meta.url))("playwright-core");

const PORT = 5921;
const url = `http://127.0.0.1:${PORT}`;
const ROUNDS = 8;

const data = await mkdtemp(join(tmpdir(), "cove-bench-"));
const server = spawn("dotnet", [
  join(process.argv[2], "Cove.Web.dll"),
  "--port", String(PORT), "--data", data, "--demo", "true", "--clock", CLOCK,
], { stdio: "ignore" });

async function up() {
  for (const deadline = Date.now() + 60_000; Date.now() < deadline;) {
    try {
      return await (await fetch(`${url}/api/vehicles`)).json();
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  throw new Error("The server did not come up.");
}

/** Keeps the longest of the events that the browser times between two calls of `worst`. */
function watch() {
  window.worstPress = 0;
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) {
      if (entry.interactionId > 0) {
        window.worstPress = Math.max(window.worstPress, entry.duration);
      }
    }
  }).observe({ type: "event", durationThreshold: 16, buffered: false });
}

async function worst(page) {
  // The browser reports an event after the frame that shows it.
  await page.waitForTimeout(120);
  return page.evaluate(() => {
    const found = window.worstPress;
    window.worstPress = 0;
    return found;
  });
}

async function pressing(browser, name, viewport, path, prepare, press) {
  const page = await (await browser.newContext({ viewport, serviceWorkers: "block" })).newPage();
  await page.addInitScript(watch);
  await page.goto(url + path);
  await page.waitForLoadState("networkidle");
  await prepare?.(page);
  await worst(page);
  const times = [];
  for (let round = 0; round < ROUNDS; round++) {
    await press(page, round);
    times.push(await worst(page));
  }
  times.sort((a, b) => a - b);
  console.log(`${name.padEnd(34)}${String(times[ROUNDS / 2]).padStart(10)}${String(times.at(-1)).padStart(10)}`);
  await page.context().close();
}

/** What the scripts weigh when they are packed with gzip: those the page itself names and imports, and all that are loaded within moments. */
async function firstLoad(browser, path) {
  const page = await (await browser.newContext({ viewport: DESK, serviceWorkers: "block" })).newPage();
  const weights = [];
  page.on("response", (response) => {
    if (response.request().resourceType() === "script") {
      weights.push(response.body().then((body) => ({ url: response.url(), bytes: gzipSync(body, { level: 9 }).length })));
    }
  });
  await page.goto(url + path);
  await page.getByRole("button", { name: /^Start/ }).waitFor();
  await page.waitForLoadState("networkidle");
  await page.waitForTimeout(1500);
  const named = await page.evaluate(() => [...document.querySelectorAll("head script[src], head link[rel=modulepreload]")]
    .map((part) => part.src || part.href));
  const html = await (await fetch(url + path)).text();
  const scripts = await Promise.all(weights);
  const sum = (some) => some.reduce((all, { bytes }) => all + bytes, 0) / 1000;
  await page.context().close();
  return {
    view: sum(scripts.filter((script) => named.includes(script.url) && html.includes(script.url.split("/").at(-1)))),
    all: sum(scripts),
  };
}

async function offlineStart(browser, path) {
  const context = await browser.newContext({ viewport: PHONE });
  const page = await context.newPage();
  await page.goto(url + path);
  await page.evaluate(async () => { await navigator.serviceWorker.ready; });
  await page.reload();
  await page.getByRole("heading", { level: 1, name: "Today" }).waitFor();
  await page.waitForLoadState("networkidle");
  await context.setOffline(true);
  const times = [];
  for (let round = 0; round < 5; round++) {
    const begun = Date.now();
    await page.reload({ waitUntil: "commit" });
    await page.getByRole("heading", { level: 1, name: "Today" }).waitFor();
    times.push(Date.now() - begun);
  }
  await context.close();
  times.sort((a, b) => a - b);
  return { middle: times[2], worst: times[4] };
}

const browser = await chromium.launch(BROWSER);
try {
  const car = `/cars/${(await up())[0].id}`;
  const { view, all } = await firstLoad(browser, `${car}/today`);
  console.log(`Script of Today's first view ${view.toFixed(0)} kB with gzip, ${all.toFixed(0)} kB with what is loaded right after it`);
  console.log("press                              middle ms  worst ms");
  await pressing(browser, "Today, a minute more", DESK, `${car}/today`, (page) => page.getByRole("slider").focus(), (page) => page.keyboard.press("ArrowRight"));
  await pressing(browser, "Today, a row left out or kept", DESK, `${car}/today`, null, (page) => page.getByRole("checkbox").first().click());
  await pressing(browser, "Cabin, another surface", DESK, `${car}/cabin`, (page) => page.locator("svg [tabindex=\"0\"]").first().focus(), (page) => page.keyboard.press("ArrowRight"));
  await pressing(browser, "Glass, another pane", DESK, `${car}/glass`, null, (page) => page.keyboard.press("j"));
  await pressing(browser, "Shelf, another cell", DESK, `${car}/shelf/matrix`, async (page) => { await page.locator("[data-cell]").first().click(); }, (page) => page.keyboard.press("ArrowRight"));
  await pressing(browser, "Find, a letter", DESK, `${car}/today`, async (page) => { await page.keyboard.press("/"); await page.getByRole("combobox", { name: "Look for" }).waitFor(); }, (page, round) => page.keyboard.press("windscreen"[round]));
  await pressing(browser, "Log, a letter", DESK, `${car}/log`, (page) => page.getByRole("searchbox").focus(), (page, round) => page.keyboard.press("windscreen"[round]));
  await pressing(browser, "Run, Done on a phone", PHONE, `${car}/today`, async (page) => {
    await page.getByRole("slider").press("End");
    await page.waitForLoadState("networkidle");
    await page.getByRole("button", { name: /^Start/ }).click();
    await page.getByText(/^Step 1 of/).waitFor();
    await page.waitForLoadState("networkidle");
  }, async (page) => {
    await page.waitForTimeout(500);
    await page.getByRole("button", { name: "Done", exact: true }).click();
  });
  const offline = await offlineStart(browser, `${car}/today`);
  console.log(`Opens without a network in ${offline.middle} ms, at worst ${offline.worst} ms`);
} finally {
  await browser.close();
  server.kill();
  await rm(data, { recursive: true, force: true });
}

import { defineConfig } from "@playwright/test";
import { BROWSER } from "./browser.mjs";

export default defineConfig({
  testDir: ".",
  testMatch: "*.spec.ts",
  workers: 2,
  fullyParallel: true,
  // Long enough for a machine that is busy with other things: a test that passes takes no longer for it.
  timeout: 240_000,
  expect: { timeout: 40_000 },
  globalSetup: "./global-setup.mjs",
  reporter: "list",
  forbidOnly: true,
  use: {
    browserName: "chromium",
    viewport: { width: 1280, height: 800 },
    timezoneId: "UTC",
    locale: "en-IE",
    launchOptions: BROWSER,
    trace: "off",
    // What a worker has kept would hide what the server says; the tests of it let it in.
    serviceWorkers: "block",
  },
});

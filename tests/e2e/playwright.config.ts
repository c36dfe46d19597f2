import { defineConfig } from "@playwright/test";
import { BROWSER } from "./browser.mjs";

export default defineConfig({
  testDir: ".",
  testMatch: "*.spec.ts",
  workers: 2,
  fullyParallel: true,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: "list",
  forbidOnly: true,
  use: {
    browserName: "chromium",
    viewport: { width: 1280, height: 800 },
    timezoneId: "UTC",
    locale: "en-GB",
    launchOptions: BROWSER,
    trace: "off",
  },
});

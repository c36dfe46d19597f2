import { rm } from "node:fs/promises";
import { CLOCK } from "./browser.mjs";
import { DEMO_DATA, layDown } from "./server.mjs";

/** Lives through the demo's half a year once; every test begins from a copy of it. */
export default async function globalSetup() {
  const data = await layDown(CLOCK);
  process.env[DEMO_DATA] = data;
  return () => rm(data, { recursive: true, force: true });
}

import { spawn } from "node:child_process";
import { once } from "node:events";
import { rmSync } from "node:fs";
import { cp, mkdtemp, readdir, readFile, rename, rm, writeFile } from "node:fs/promises";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { CLOCK } from "./browser.mjs";

/** A machine that is busy with other things starts slowly, but it starts. */
const START_LIMIT_MS = 120_000;
/**
 * A server that lives for seconds is not worth compiling a second time, which took as long as the test itself.
 * (The threshold is in hexadecimal; see "Runtime configuration options for compilation" of .NET.)
 */
const COMPILE_ONCE = { DOTNET_TieredPGO: "0", DOTNET_TC_CallCountThreshold: "1000" };
/** Names the folder of the demo's data once it was laid down. */
export const DEMO_DATA = "COVE_DEMO_DATA";

/** The built application: the folder that `./cove` publishes to. */
function appFolder() {
  const folder = process.env.COVE_APP;
  if (!folder) {
    throw new Error("Run the browser tests with ./cove test, which builds the application first.");
  }
  return folder;
}

async function freePort() {
  const probe = createServer();
  probe.listen(0, "127.0.0.1");
  await once(probe, "listening");
  const address = probe.address();
  probe.close();
  await once(probe, "close");
  if (address === null || typeof address === "string") {
    throw new Error("No free port was found.");
  }
  return address.port;
}

/** @param {string} url */
async function answers(url) {
  try {
    return (await fetch(`${url}/api/health`)).ok;
  } catch {
    return false;
  }
}

/** @type {Map<string | undefined, Promise<string>>} */
const laidDown = new Map();

/**
 * The data of the demo as it stands after a first start. Living through half a year takes seconds, so each
 * process does it once and every test begins from a copy.
 * @param {string | undefined} clock
 */
function demoData(clock) {
  const ready = process.env[DEMO_DATA];
  if (ready && clock === CLOCK) {
    return ready;
  }
  let folder = laidDown.get(clock);
  if (!folder) {
    folder = layDown(clock);
    laidDown.set(clock, folder);
  }
  return folder;
}

/** @param {string | undefined} clock */
export async function layDown(clock) {
  const data = await mkdtemp(join(tmpdir(), "cove-e2e-demo-"));
  const cove = new Cove({ demo: true, clock }, data, await freePort());
  try {
    await cove.run(clock);
  } finally {
    await cove.kill();
  }
  process.once("exit", () => rmSync(data, { recursive: true, force: true }));
  return data;
}

/** @typedef {{ demo: boolean, clock?: string, arguments?: string[] }} Start */

/**
 * Gives every script of the client another name, as a change in it would, and every file that names it the new one.
 * @param {string} root
 */
async function renameAssets(root) {
  const assets = join(root, "assets");
  const scripts = (await readdir(assets)).filter((name) => name.endsWith(".js"));
  const newer = (/** @type {string} */ text) =>
    scripts.reduce((sum, name) => sum.replaceAll(name, name.replace(/\.js$/, "-newer.js")), text);
  for (const file of [
    join(root, "index.html"),
    join(root, "sw.js"),
    ...scripts.map((name) => join(assets, name)),
  ]) {
    await writeFile(file, newer(await readFile(file, "utf8")));
  }
  // The list of what a worker keeps tells a changed page by its revision.
  const worker = join(root, "sw.js");
  const list = await readFile(worker, "utf8");
  await writeFile(worker, list.replace(/(url:"index\.html",revision:")/, "$1newer"));
  for (const name of scripts) {
    await rename(join(assets, name), join(assets, name.replace(/\.js$/, "-newer.js")));
  }
}

/** A running Cove of its own data. Stopping it the hard way and starting it again keeps address and data. */
export class Cove {
  /**
   * @param {Start} options
   * @param {string} data
   * @param {number} port
   */
  constructor(options, data, port) {
    this.options = options;
    this.data = data;
    this.port = port;
    this.url = `http://127.0.0.1:${port}`;
    /** @type {import("node:child_process").ChildProcess | undefined} */
    this.process = undefined;
    /** @type {string | undefined} The application, where it is not the built one. */
    this.app = undefined;
    /** @type {string | undefined} The car that a test is about, where it is not simply the first. */
    this.car = undefined;
  }

  /** @param {Start} options */
  static async start(options) {
    const data = await mkdtemp(join(tmpdir(), "cove-e2e-"));
    if (options.demo) {
      await cp(await demoData(options.clock), data, { recursive: true });
    }
    const cove = new Cove(options, data, await freePort());
    try {
      await cove.run(options.clock);
    } catch (failed) {
      await cove.stop();
      throw failed;
    }
    return cove;
  }

  /** @param {string | undefined} clock */
  async run(clock) {
    const args = [
      join(this.app ?? appFolder(), "Cove.Web.dll"),
      "--port",
      String(this.port),
      "--data",
      this.data,
    ];
    args.push("--demo", String(this.options.demo), ...(this.options.arguments ?? []));
    if (clock) {
      args.push("--clock", clock);
    }
    this.process = spawn("dotnet", args, {
      stdio: "ignore",
      env: { ...process.env, ...COMPILE_ONCE, TZ: "UTC" },
    });
    const deadline = Date.now() + START_LIMIT_MS;
    while (!(await answers(this.url))) {
      if (Date.now() > deadline || this.process.exitCode !== null) {
        throw new Error("The server did not come up.");
      }
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }

  async kill() {
    const running = this.process;
    if (running && running.exitCode === null && running.signalCode === null) {
      running.kill("SIGKILL");
      await once(running, "exit");
    }
  }

  /** Holds it as it is: it takes requests, and answers none. */
  stall() {
    this.process?.kill("SIGSTOP");
  }

  /** Lets it go on. */
  goOn() {
    this.process?.kill("SIGCONT");
  }

  async restart(clock = this.options.clock) {
    await this.kill();
    await this.run(clock);
  }

  /** Puts a newer Cove in the place of this one, with the same data and address: what it is made of has other names. */
  async update() {
    this.app = await mkdtemp(join(tmpdir(), "cove-e2e-newer-"));
    await cp(appFolder(), this.app, { recursive: true });
    await renameAssets(join(this.app, "wwwroot"));
    await this.restart();
  }

  async stop() {
    await this.kill();
    await rm(this.data, { recursive: true, force: true });
    if (this.app) {
      await rm(this.app, { recursive: true, force: true });
    }
  }
}

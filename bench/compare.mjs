// Asks two builds of Cove everything they can be asked and says where their answers differ.
// Usage: node bench/compare.mjs APP_BEFORE APP_AFTER [DATABASE.sql]...
// Both see copies of the same data, laid down by the first build, at the same pinned time. Needs python3, to read
// and write databases beside Cove.
import { execFileSync, spawn } from "node:child_process";
import { cp, mkdir, mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";

const PORT = 5920;
const url = `http://127.0.0.1:${PORT}`;
const LENGTHS = [5, 12, 25, 45, 60, 90, 120];
const DEMO_CLOCK = "2026-03-14T10:20";
const DATABASE_CLOCK = "2025-12-20T09:10";
/** The clock goes on while one asks: levels rise a little in these seconds, and instants move along. */
const SAME = 5e-5;
const SAME_INSTANT_MS = 90_000;
const INSTANT = /^\d{4}-\d\d-\d\dT/;

const [before, after, ...databases] = process.argv.slice(2).map((path) => resolve(path));
if (!after) {
  console.error("Usage: node bench/compare.mjs APP_BEFORE APP_AFTER [DATABASE.sql]...");
  process.exit(2);
}

async function serve(app, data, clock, demo, work) {
  const server = spawn(
    "dotnet",
    [join(app, "Cove.Web.dll"), "--port", `${PORT}`, "--data", data, "--clock", clock, "--demo", `${demo}`],
    { stdio: "ignore", env: { ...process.env, TZ: "UTC" } },
  );
  const ended = new Promise((over) => server.once("exit", over));
  try {
    const deadline = Date.now() + 60_000;
    while (!(await fetch(`${url}/api/health`).then((answer) => answer.ok, () => false))) {
      if (Date.now() > deadline || server.exitCode !== null) {
        throw new Error(`${app} did not come up.`);
      }
      await new Promise((later) => setTimeout(later, 100));
    }
    return await work();
  } finally {
    server.kill();
    await ended;
  }
}

function sql(program, ...given) {
  return execFileSync("python3", ["-c", `import sqlite3, sys; ${program}`, ...given], { encoding: "utf8" });
}

/** The answer to each question, by its path. */
async function answers(runs) {
  const found = new Map();
  const ask = async (path) => {
    const answer = await fetch(`${url}/api/${path}`);
    const text = await answer.text();
    const json = answer.headers.get("content-type")?.includes("json");
    const body = json ? JSON.parse(text) : text;
    found.set(path, { status: answer.status, body });
    return body;
  };
  for (const path of ["shelf", "shelf/stock", "shelf/choices", "shelf/products.csv", "schools", "events", "wastebasket", "vehicles/choices", "schemas/vehicle"]) {
    await ask(path);
  }
  for (const { id } of await ask("vehicles")) {
    const car = `vehicles/${id}`;
    await ask(car);
    for (const place of ["use", "learnt", "walk-round", "reminders", "verdicts", "smallest-shelf", "file"]) {
      await ask(`${car}/${place}`);
    }
    for (const minutes of LENGTHS) {
      await ask(`${car}/today?minutes=${minutes}`);
    }
    for (const query of ["", "?sun=true", "?damp=true"]) {
      await ask(`${car}/glass${query}`);
    }
    const { surfaces } = await ask(`${car}/cabin`);
    for (const surface of surfaces) {
      await ask(`${car}/surfaces/${surface.id}`);
    }
    const { tasks, chores } = await ask(`${car}/methods`);
    for (const { taskId } of [...tasks, ...chores]) {
      await ask(`${car}/methods/${taskId}`);
    }
    let skip = 0;
    for (let told = 1; told > 0; skip += told) {
      told = (await ask(`${car}/log?skip=${skip}`)).entries.length;
    }
  }
  for (const run of runs) {
    await ask(`runs/${run}`);
  }
  return found;
}

/** What the second build says beside what the first one did. */
const added = new Set();

/** Where two values differ, as paths with both. */
function differences(one, other, path = "") {
  if (typeof one === "number" && typeof other === "number") {
    const scale = Math.max(1, Math.abs(one), Math.abs(other));
    return Math.abs(one - other) <= SAME * scale ? [] : [`${path}: ${one} -> ${other}`];
  }
  if (INSTANT.test(one) && INSTANT.test(other) && Math.abs(Date.parse(one) - Date.parse(other)) < SAME_INSTANT_MS) {
    return [];
  }
  if (one === undefined) {
    added.add(path.replace(/\.\d+/g, ".*"));
    return [];
  }
  if (one === null || other === null || typeof one !== "object" || typeof other !== "object") {
    return one === other ? [] : [`${path}: ${JSON.stringify(one)} -> ${JSON.stringify(other)}`];
  }
  if (Array.isArray(one) && path.endsWith(".later")) {
    // The client sorted these before; the server does now.
    const byTask = (list) => [...list].sort((a, b) => (a.taskId < b.taskId ? -1 : 1));
    [one, other] = [byTask(one), byTask(other)];
  }
  if (Array.isArray(one) && /preventions\.\d+\.tasks$/.test(path)) {
    // In the order of the table of tasks since each task says what holds it back.
    [one, other] = [[...one].sort(), [...other].sort()];
  }
  return [...new Set([...Object.keys(one), ...Object.keys(other)])]
    .filter((key) => key !== "traceId")
    .flatMap((key) => differences(one[key], other[key], `${path}.${key}`));
}

const work = await mkdtemp(join(tmpdir(), "cove-compare-"));
let asked = 0;
let different = 0;
try {
  for (const database of ["demo", ...databases]) {
    const demo = database === "demo";
    const clock = demo ? DEMO_CLOCK : DATABASE_CLOCK;
    const laid = join(work, "laid");
    await mkdir(laid);
    if (demo) {
      await serve(before, laid, clock, true, async () => {});
    } else {
      sql("sqlite3.connect(sys.argv[1]).executescript(open(sys.argv[2]).read())", join(laid, "cove.db"), database);
    }
    const runs = sql("print(*[id for (id,) in sqlite3.connect(sys.argv[1]).execute('SELECT Id FROM Runs')])", join(laid, "cove.db")).split(/\s+/).filter(Boolean);
    const told = [];
    for (const app of [before, after]) {
      const data = join(work, "data");
      await cp(laid, data, { recursive: true });
      told.push(await serve(app, data, clock, demo, () => answers(runs)));
      await rm(data, { recursive: true });
    }
    await rm(laid, { recursive: true });
    for (const path of new Set([...told[0].keys(), ...told[1].keys()])) {
      asked++;
      const found = differences(told[0].get(path) ?? null, told[1].get(path) ?? null);
      if (found.length > 0) {
        different++;
        console.log(`${path}\n${found.slice(0, 12).map((line) => `  ${line}`).join("\n")}${found.length > 12 ? `\n  and ${found.length - 12} more` : ""}`);
      }
    }
  }
} finally {
  await rm(work, { recursive: true, force: true });
}
console.log(`New beside what was said before:${[...added].sort().map((path) => `\n  ${path}`).join("") || " nothing"}`);
console.log(`${asked} answers compared, ${different} differ.`);
process.exit(different === 0 ? 0 : 1);

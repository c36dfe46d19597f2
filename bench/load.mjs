// Asks a running Cove for its views and reports how long the server worked on them.
// Usage: node bench/load.mjs APP_FOLDER
import { spawn } from "node:child_process";
import { mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";

const PORT = 5919;
const ROUNDS = 200;
const WARM_UP = 40;
const url = `http://127.0.0.1:${PORT}`;

const data = await mkdtemp(join(tmpdir(), "cove-bench-"));
const server = spawn("dotnet", [
  join(process.argv[2], "Cove.Web.dll"),
  "--port", String(PORT), "--data", data, "--demo", "true",
], { stdio: "ignore" });

async function up() {
  const deadline = Date.now() + 30_000;
  while (Date.now() < deadline) {
    try {
      return await (await fetch(`${url}/api/vehicles`)).json();
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  throw new Error("The server did not come up.");
}

function serverTime(answer) {
  return Number(/dur=([\d.]+)/.exec(answer.headers.get("server-timing") ?? "")?.[1]);
}

function queries(answer) {
  return Number(/queries;desc="(\d+)"/.exec(answer.headers.get("server-timing") ?? "")?.[1]);
}

async function measure(path) {
  const times = [];
  let first = 0;
  let asked = 0;
  for (let round = 0; round < ROUNDS + WARM_UP; round++) {
    const answer = await fetch(url + path(round));
    await answer.arrayBuffer();
    if (round === 0) {
      first = queries(answer);
    }
    asked = queries(answer);
    if (round >= WARM_UP) {
      times.push(serverTime(answer));
    }
  }
  times.sort((a, b) => a - b);
  return { p50: times[Math.floor(times.length * 0.5)], p95: times[Math.floor(times.length * 0.95)], first, asked };
}

const CHANGES = 40;

/** How long a read takes just after something was stored, when nothing that was kept may be used. */
async function measureAfterChange(path, change) {
  const times = [];
  for (let round = 0; round < CHANGES; round++) {
    await change(round);
    const answer = await fetch(url + path(round));
    await answer.arrayBuffer();
    times.push(serverTime(answer));
  }
  times.sort((a, b) => a - b);
  return { p50: times[Math.floor(CHANGES * 0.5)], p95: times[Math.floor(CHANGES * 0.95)] };
}

const TWENTY = 20;

/** Fills the server with twenty cars of ten years of weekly sessions each, and gives the id of the last. */
async function tenYears(demo) {
  const file = await (await fetch(`${url}/api/vehicles/${demo}/file`)).json();
  const now = Date.now();
  const week = 7 * 86_400_000;
  const start = new Date(now - 521 * week).toISOString();
  const tasks = [
    "vacuum-seats", "vacuum-carpets", "wipe-dash", "wipe-screens", "wipe-gloss-trim",
    "brush-vents", "clean-wheel", "windscreen", "other-glass", "cup-holders",
  ];
  const log = Array.from({ length: 520 }, (_, at) => {
    const slot = now - (520 - at) * week;
    const done = [...tasks.slice(0, 5), tasks[5 + (at % 5)], tasks[5 + ((at + 2) % 5)]].map((subject, index) => ({
      at: new Date(slot + index * 180_000).toISOString(),
      kind: "care", subject, plannedSeconds: 120, takenSeconds: 130, removed: at % 20 === 7 ? 0.5 : 1,
    }));
    const look = { at: new Date(slot - 43_200_000).toISOString(), kind: "look", subject: "pat", surfaces: ["front-carpet"], result: "puff" };
    return at % 4 === 0 ? [look, ...done] : done;
  }).flat();
  const old = {
    ...file, id: null, addedAt: start, log,
    use: file.use.map((entry) => ({ ...entry, from: start })),
    levels: file.levels.map((level) => ({ ...level, from: start })),
  };
  let id = demo;
  for (let car = 0; car < TWENTY; car++) {
    const answer = await fetch(`${url}/api/vehicles/import`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({ ...old, name: `Ten years, ${car + 1}` }),
    });
    id = (await answer.json()).id;
  }
  return id;
}

try {
  const demo = (await up())[0].id;
  const vehicle = `/api/vehicles/${await tenYears(demo)}`;
  const archive = async (round) => {
    const answer = await fetch(`${url}/api/vehicles/${demo}/${round % 2 === 0 ? "archive" : "unarchive"}`, { method: "POST" });
    if (!answer.ok) {
      throw new Error(`The change was refused with ${answer.status}.`);
    }
  };
  const health = await measure(() => "/api/health");
  const views = {
    health: () => "/api/health",
    today: (round) => `${vehicle}/today?minutes=${5 + (round % 116)}`,
    cabin: () => `${vehicle}/cabin`,
    surface: () => `${vehicle}/surfaces/driver-seat`,
    log: () => `${vehicle}/log`,
    use: () => `${vehicle}/use`,
    learnt: () => `${vehicle}/learnt`,
    "walk round": () => `${vehicle}/walk-round`,
    vehicle: () => vehicle,
    shelf: () => "/api/shelf",
    stock: () => "/api/shelf/stock",
    glass: () => `${vehicle}/glass`,
    methods: () => `${vehicle}/methods`,
    technique: () => `${vehicle}/methods/clean-fabric-seats`,
    reminders: () => `${vehicle}/reminders`,
    verdicts: () => `${vehicle}/verdicts`,
    smallest: () => `${vehicle}/smallest-shelf`,
  };
  console.log("view          p50 ms   p95 ms   p95 beside health   queries, first and again   after a change p50   p95");
  for (const [name, path] of Object.entries(views)) {
    const { p50, p95, first, asked } = await measure(path);
    const after = await measureAfterChange(path, archive);
    console.log(`${name.padEnd(12)}${p50.toFixed(1).padStart(8)}${p95.toFixed(1).padStart(9)}${(p95 / health.p95).toFixed(0).padStart(12)} x${String(first).padStart(14)}${String(asked).padStart(7)}${after.p50.toFixed(1).padStart(21)}${after.p95.toFixed(1).padStart(8)}`);
  }
} finally {
  server.kill();
  await rm(data, { recursive: true, force: true });
}

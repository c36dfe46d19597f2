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

async function measure(path) {
  const times = [];
  for (let round = 0; round < ROUNDS + WARM_UP; round++) {
    const answer = await fetch(url + path(round));
    await answer.arrayBuffer();
    if (round >= WARM_UP) {
      times.push(serverTime(answer));
    }
  }
  times.sort((a, b) => a - b);
  return { p50: times[Math.floor(times.length * 0.5)], p95: times[Math.floor(times.length * 0.95)] };
}

try {
  const vehicle = `/api/vehicles/${(await up())[0].id}`;
  const health = await measure(() => "/api/health");
  const views = {
    health: () => "/api/health",
    today: (round) => `${vehicle}/today?minutes=${5 + (round % 116)}`,
    cabin: () => `${vehicle}/cabin`,
    surface: () => `${vehicle}/surfaces/driver-seat`,
    log: () => `${vehicle}/log`,
  };
  console.log("view      p50 ms   p95 ms   p95 beside health");
  for (const [name, path] of Object.entries(views)) {
    const { p50, p95 } = await measure(path);
    console.log(`${name.padEnd(8)}${p50.toFixed(1).padStart(8)}${p95.toFixed(1).padStart(9)}${(p95 / health.p95).toFixed(0).padStart(12)} x`);
  }
} finally {
  server.kill();
  await rm(data, { recursive: true, force: true });
}

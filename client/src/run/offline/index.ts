import { api, ask, Problem, type Run } from "../../api/client";
import { deviceStore } from "./device";
import { Outbox, type Reply, type Waiting } from "./outbox";

export const device = deviceStore();

/** The answers of all runs on this device that the server has not taken yet. */
export const outbox = new Outbox(device, send);

async function send({ runId, key, ...said }: Waiting): Promise<Reply> {
  try {
    const run = await ask(
      api.POST("/api/runs/{runId}/events", {
        params: { path: { runId } },
        headers: { "Idempotency-Key": key },
        body: said,
      }),
    );
    await device.keepRun(run);
    return { kind: "taken", run };
  } catch (problem) {
    if (!(problem instanceof Problem) || problem.isLostServer || isPassing(problem.status)) {
      return { kind: "lost" };
    }
    return { kind: "refused", run: await readRun(runId), why: problem.message };
  }
}

/** What a server says while it starts, is overrun or is being replaced passes by itself. */
function isPassing(status: number | null): boolean {
  return status !== null && (status >= 500 || status === 429);
}

async function readRun(runId: string): Promise<Run | null> {
  try {
    return await ask(api.GET("/api/runs/{runId}", { params: { path: { runId } } }));
  } catch {
    return null;
  }
}

/** Reads a run from the server; from the device where the server cannot be reached. */
export async function findRun(runId: string, signal: AbortSignal): Promise<Run> {
  try {
    const run = await ask(api.GET("/api/runs/{runId}", { params: { path: { runId } }, signal }));
    await device.keepRun(run);
    return run;
  } catch (problem) {
    const isLost =
      problem instanceof Problem && (problem.isLostServer || isPassing(problem.status));
    const kept = isLost ? (await device.runs()).find((run) => run.id === runId) : undefined;
    if (kept) {
      return kept;
    }
    throw problem;
  }
}

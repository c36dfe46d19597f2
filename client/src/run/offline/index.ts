import { api, ask, Problem, type Run } from "../../api/client";
import { SOON_MS, within } from "../../api/within";
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
    if (!(problem instanceof Problem)) {
      return { kind: "held", by: "silence" };
    }
    // Only Cove itself can refuse an answer; whatever stands between may say what it likes.
    if (!problem.isFromCove) {
      return { kind: "held", by: "stranger" };
    }
    if (problem.isLostServer) {
      return { kind: "held", by: "silence" };
    }
    return isPassing(problem.status)
      ? { kind: "held", by: "cove" }
      : { kind: "refused", run: await readRun(runId), why: problem.message };
  }
}

/** What Cove says while it starts, is overrun or does not know who asks passes by itself. */
function isPassing(status: number | null): boolean {
  return status !== null && (status >= 500 || [401, 403, 408, 425, 429].includes(status));
}

async function readRun(runId: string): Promise<Run | null> {
  try {
    return await readFromServer(runId, null);
  } catch {
    return null;
  }
}

function readFromServer(runId: string, signal: AbortSignal | null): Promise<Run> {
  return ask(api.GET("/api/runs/{runId}", { params: { path: { runId } }, signal }));
}

/** Reads a run from the server; from the device where the server cannot be reached, or does not answer soon. */
export async function findRun(runId: string, signal: AbortSignal): Promise<Run> {
  const kept = (await device.runs()).find((run) => run.id === runId);
  try {
    const asked = readFromServer(runId, signal);
    const run = kept ? await within(SOON_MS, asked) : await asked;
    await device.keepRun(run);
    return run;
  } catch (problem) {
    const isAnswered =
      problem instanceof Problem &&
      problem.isFromCove &&
      !problem.isLostServer &&
      !isPassing(problem.status);
    if (kept && !isAnswered) {
      return kept;
    }
    throw problem;
  }
}

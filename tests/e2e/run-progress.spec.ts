import { progressOf } from "../../client/src/run/progress.ts";
import { expect, test } from "./cove.ts";

type Run = Parameters<typeof progressOf>[0];

/** A small generator of numbers that are the same each time. */
function numbers(seed: number) {
  let state = seed;
  return (below: number) => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return Math.floor((state / 2_147_483_648) * below);
  };
}

// The client works out by itself how far a run has come, because a run goes on without a network. Whatever is said, it
// must come to what the server says.
test("the device reckons a run as the server does, whatever is said in it", async ({ cove }) => {
  const [car] = (await (await fetch(`${cove.url}/api/vehicles`)).json()) as { id: string }[];
  const call = async (path: string, body?: object) => {
    const reply = await fetch(`${cove.url}${path}`, {
      method: body ? "POST" : "GET",
      headers: { "Content-Type": "application/json", "Idempotency-Key": crypto.randomUUID() },
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    return { status: reply.status, data: await reply.json() };
  };
  const random = numbers(16);
  let compared = 0;
  for (let round = 0; round < 3; round++) {
    const { data: today } = await call(`/api/vehicles/${car?.id}/today?minutes=45`);
    const started = await call(`/api/vehicles/${car?.id}/runs`, {
      minutes: 45,
      plan: today.plan,
    });
    expect(started.status).toBe(201);
    const planned = started.data as Run;
    const steps = planned.steps.length;
    let run = planned;
    let at = Date.parse(run.startedAt) - 3_600_000;
    for (let said = 0; said < 60 && !run.finishedAt; said++) {
      at += random(90) * 1000;
      const towels = run.steps[run.current]?.towels ?? [];
      const kind =
        said === 59
          ? "finished"
          : (
              [
                "done",
                "notClean",
                "skipped",
                "again",
                "undone",
                "undone",
                "paused",
                "resumed",
                "faceTurned",
                "towelRetired",
              ] as const
            )[random(10)];
      const reply = await call(`/api/runs/${planned.id}/events`, {
        kind,
        step: kind === "undone" ? (run.undoable ?? 0) : Math.min(run.current, steps - 1),
        at: new Date(at).toISOString(),
        towel:
          kind === "faceTurned" || kind === "towelRetired" ? (towels[0]?.role ?? "glassWet") : null,
      });
      if (reply.status === 409) {
        continue;
      }
      expect(reply.status, JSON.stringify(reply.data)).toBe(200);
      run = reply.data as Run;
      const reckoned = progressOf(planned, run.events);
      expect(like(reckoned)).toEqual(like(run));
      compared++;
    }
    await call(`/api/runs/${planned.id}/events`, { kind: "finished", step: 0 });
  }
  expect(compared).toBeGreaterThan(60);
});

/** What stands in a run of how far it has come, with instants as numbers. */
function like(run: Run) {
  const at = (text: string | null) => (text === null ? null : Date.parse(text));
  return {
    current: run.current,
    rounds: run.rounds,
    undoable: run.undoable,
    stepStartedAt: at(run.stepStartedAt),
    pausedAt: at(run.pausedAt),
    pausedSeconds: run.pausedSeconds,
    finishedAt: at(run.finishedAt),
    steps: run.steps.map(({ outcome, takenSeconds, towels }) => ({
      outcome,
      takenSeconds,
      towels,
    })),
    drying: run.drying.map(({ what, dryAt }) => ({ what, dryAt: at(dryAt) })),
    laundry: run.laundry,
  };
}

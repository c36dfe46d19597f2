// The extension lets the browser tests read this file as it is.
import type { components } from "../api/schema.js";

type Run = components["schemas"]["RunView"];

export type RunEvent = components["schemas"]["RunEventView"];

type Step = Run["steps"][number];
type Towel = Step["towels"][number];

const ANSWERS = new Set<RunEvent["kind"]>(["done", "notClean", "skipped", "again"]);

/**
 * How far a run has come, worked out from its steps and what was said in it.
 *
 * The server does this too, and its word counts. It is done here once more because a run goes on where there is no
 * network; a test holds the two to the same result.
 */
export function progressOf(run: Run, events: readonly RunEvent[]): Run {
  const state = new Progress(run);
  for (const event of events) {
    state.take(event);
  }
  return state.read(run, events);
}

type Counted = { event: RunEvent; stepStartedAt: number; rounds: number; paused: number };

class Progress {
  private readonly outcomes: (RunEvent | null)[];
  private readonly taken: number[];
  private readonly turns = new Map<string, number[]>();
  private counted: Counted[] = [];
  private stepStartedAt: number;
  private rounds = 0;
  private paused = 0;
  private pausedAt: number | null = null;
  private finishedAt: number | null = null;
  private readonly longestStep: number;

  constructor(private readonly run: Run) {
    this.outcomes = run.steps.map(() => null);
    this.taken = run.steps.map(() => 0);
    this.stepStartedAt = Date.parse(run.startedAt);
    this.longestStep = run.longestStepSeconds * 1000;
  }

  take(event: RunEvent) {
    if (event.kind === "undone") {
      this.takeBack();
      return;
    }
    const at = Date.parse(event.at);
    if (this.pausedAt !== null && event.kind !== "paused" && event.kind !== "resumed") {
      this.resume(at);
    }
    this.counted.push({
      event,
      stepStartedAt: this.stepStartedAt,
      rounds: this.rounds,
      paused: this.paused,
    });
    switch (event.kind) {
      case "finished":
        this.finishedAt = at;
        return;
      case "again":
        this.rounds++;
        return;
      case "faceTurned":
      case "towelRetired":
        this.turn(event);
        return;
      case "paused":
        this.pausedAt = at;
        return;
      case "resumed":
        this.resume(at);
        return;
      case "replanned":
        for (let step = 0; step < event.step; step++) {
          this.outcomes[step] ??= event;
        }
        this.rounds = 0;
        return;
      default:
        this.conclude(event, at);
    }
  }

  private conclude(event: RunEvent, at: number) {
    this.outcomes[event.step] = event;
    if (event.kind === "skipped") {
      // What was never taken out need not be put back.
      this.run.steps.forEach((step, index) => {
        if (index > event.step && step.putsBack && step.taskId === this.step(event.step)?.taskId) {
          this.outcomes[index] = event;
        }
      });
    } else {
      this.taken[event.step] = Math.min(Math.max(0, at - this.stepStartedAt), this.longestStep);
    }
    this.stepStartedAt = Math.max(at, this.stepStartedAt);
    this.rounds = 0;
  }

  private takeBack() {
    const last = this.counted.findLastIndex(({ event }) => ANSWERS.has(event.kind));
    const before = this.counted[last];
    if (!before) {
      return;
    }
    this.stepStartedAt = before.stepStartedAt + this.paused - before.paused;
    this.rounds = before.rounds;
    this.counted.splice(last, 1);
    if (before.event.kind === "again") {
      return;
    }
    this.outcomes.forEach((outcome, step) => {
      if (outcome === before.event) {
        this.outcomes[step] = null;
        this.taken[step] = 0;
      }
    });
  }

  private resume(at: number) {
    const rest = Math.max(0, at - (this.pausedAt ?? at));
    this.stepStartedAt += rest;
    this.paused += rest;
    this.pausedAt = null;
  }

  private turn({ kind, towel }: RunEvent) {
    if (!towel) {
      return;
    }
    const since = this.turns.get(towel) ?? [0];
    const last = since.at(-1) ?? 0;
    this.turns.set(
      towel,
      kind === "towelRetired" ? [...since, 0] : [...since.slice(0, -1), last + 1],
    );
  }

  private step(index: number): Step | undefined {
    return this.run.steps[index];
  }

  private get current(): number {
    const open = this.outcomes.indexOf(null);
    return open < 0 ? this.run.steps.length : open;
  }

  private inHand(towel: Towel): Towel {
    const since = this.turns.get(towel.role) ?? [0];
    const turned = since.at(-1) ?? 0;
    return {
      ...towel,
      number: since.length + since.reduce((sum, one) => sum + Math.floor(one / towel.faces), 0),
      face: (turned % towel.faces) + 1,
    };
  }

  private get undoable(): number | null {
    if (this.finishedAt !== null) {
      return null;
    }
    const last = this.counted.findLast(
      ({ event }) => ANSWERS.has(event.kind) || event.kind === "replanned",
    );
    return last && ANSWERS.has(last.event.kind) ? last.event.step : null;
  }

  read(run: Run, events: readonly RunEvent[]): Run {
    const wall = (at: number) => wallTime(at, run.startedAt);
    const current = this.current;
    const worked = (index: number) => {
      const kind = this.outcomes[index]?.kind;
      return kind === "done" || kind === "notClean";
    };
    return {
      ...run,
      events: [...events],
      stepStartedAt: wall(this.stepStartedAt),
      finishedAt: this.finishedAt === null ? null : wall(this.finishedAt),
      pausedAt: this.pausedAt === null ? null : wall(this.pausedAt),
      pausedSeconds: this.paused / 1000,
      undoable: this.undoable,
      current,
      rounds: this.rounds,
      steps: run.steps.map((step, index) => ({
        ...step,
        outcome: this.outcomes[index]?.kind ?? null,
        takenSeconds: Math.floor((this.taken[index] ?? 0) / 1000),
        towels: step.towels.map((towel) => this.inHand(towel)),
      })),
      drying: run.steps.flatMap((step, index) => {
        const from = Date.parse(this.outcomes[index]?.at ?? "");
        return step.dryingSeconds > 0 && worked(index)
          ? [
              {
                taskId: step.taskId,
                what: step.dryingWhat,
                from: wall(from),
                dryAt: wall(from + step.dryingSeconds * 1000),
              },
            ]
          : [];
      }),
      laundry: current === run.steps.length || this.finishedAt !== null ? this.laundry(worked) : [],
    };
  }

  /** The towels that were taken up, by load of washing. */
  private laundry(worked: (index: number) => boolean): Run["laundry"] {
    const used = new Map<string, Towel>();
    this.run.steps.forEach((step, index) => {
      if (worked(index) || (index === this.current && this.finishedAt === null)) {
        for (const towel of step.towels) {
          used.set(towel.role, this.inHand(towel));
        }
      }
    });
    for (const role of this.turns.keys()) {
      const towel = this.run.steps.flatMap((step) => step.towels).find((one) => one.role === role);
      if (towel) {
        used.set(role, this.inHand(towel));
      }
    }
    const loads = new Map<string, Run["laundry"][number]>();
    for (const { role, name, load, how } of this.run.washing) {
      const towel = used.get(role);
      if (towel) {
        const known = loads.get(load) ?? { name: load, how, towels: [] };
        loads.set(load, {
          ...known,
          towels: [...known.towels, { role, name, count: towel.number }],
        });
      }
    }
    return [...loads.values()];
  }
}

/** An instant as the server writes it: the owner's wall clock, with the offset that a time of theirs has. */
export function wallTime(at: number, like: string): string {
  const offset = /([+-])(\d\d):(\d\d)$/.exec(like);
  const minutes = offset
    ? (Number(offset[2]) * 60 + Number(offset[3])) * (offset[1] === "-" ? -1 : 1)
    : 0;
  const wall = new Date(at + minutes * 60_000).toISOString().slice(0, -1);
  return `${wall}${offset ? offset[0] : "Z"}`;
}

import type { Run } from "../../api/client";
import type { RunEvent } from "../progress";

/** An answer that is on its way: what was said, in which run. */
export type Waiting = RunEvent & { runId: string };

/** Where runs and answers are kept on the device. */
export type Store = {
  runs: () => Promise<Run[]>;
  keepRun: (run: Run) => Promise<void>;
  waiting: () => Promise<Waiting[]>;
  add: (answer: Waiting) => Promise<void>;
  remove: (key: string) => Promise<void>;
};

/** How the server took an answer. */
export type Reply =
  | { kind: "taken"; run: Run }
  | { kind: "lost" }
  | { kind: "refused"; run: Run | null; why: string };

/** What became of a run while answers to it waited. */
export type Notice = { runId: string; answer: Waiting; run: Run | null; why: string };

type Listener = () => void;

const TRY_AGAIN_MS = 3000;

/**
 * Keeps answers on the device until the server has taken them: in the order they were given, each under its own key,
 * so that one sent twice counts once. What the server refuses, because another device was first, is dropped and said.
 */
export class Outbox {
  private all: Waiting[] = [];
  private readonly listeners = new Set<Listener>();
  private sending = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private taken: (run: Run) => void = () => {};
  private readonly runs = new Map<string, Run>();
  private last: Notice | null = null;
  private missed = 0;
  readonly ready: Promise<void>;

  constructor(
    private readonly store: Store,
    private readonly send: (answer: Waiting) => Promise<Reply>,
  ) {
    this.ready = store.waiting().then((kept) => {
      this.all = [...kept, ...this.all];
      this.tell();
      void this.flush();
    });
  }

  /** Says whom to give the runs to that the server answers with. */
  onTaken(taken: (run: Run) => void) {
    this.taken = taken;
  }

  subscribe = (listener: Listener) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  /** The answers that wait, oldest first. */
  waiting = (): readonly Waiting[] => this.all;

  /** How often in a row the server was not reached. */
  failures = (): number => this.missed;

  notice = (): Notice | null => this.last;

  /** A run as the server last answered with it; undefined while none of its answers was sent from here. */
  latest = (runId: string): Run | undefined => this.runs.get(runId);

  /** Takes an answer. It is on the device before it shows: what one sees is not lost by a reload. */
  async add(answer: Waiting) {
    await this.store.add(answer);
    this.last = null;
    this.all = [...this.all, answer];
    this.tell();
    await this.flush();
  }

  /** Sends what waits, one after the other, until it is all taken or the server is lost. */
  async flush(): Promise<void> {
    if (this.sending) {
      return;
    }
    this.sending = true;
    clearTimeout(this.timer);
    try {
      for (let answer = this.all[0]; answer; answer = this.all[0]) {
        const reply = await this.send(answer);
        if (reply.kind === "lost") {
          this.missed++;
          this.timer = setTimeout(() => void this.flush(), TRY_AGAIN_MS);
          break;
        }
        await this.store.remove(answer.key);
        if (reply.kind === "refused") {
          this.last = { runId: answer.runId, answer, run: reply.run, why: reply.why };
        }
        // The run that has the answer comes in the moment in which the answer goes: in between it must not be missing.
        if (reply.run) {
          this.runs.set(answer.runId, reply.run);
          this.taken(reply.run);
        }
        this.all = this.all.filter((other) => other !== answer);
        this.tell();
      }
      if (this.all.length === 0) {
        this.missed = 0;
      }
    } finally {
      this.sending = false;
      this.tell();
    }
  }

  private tell() {
    for (const listener of this.listeners) {
      listener();
    }
  }
}

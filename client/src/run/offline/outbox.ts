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
  refused: () => Promise<Refused[]>;
  /** Moves an answer from those that wait to those that were refused, in one step. */
  refuse: (refused: Refused) => Promise<void>;
  forgetRefused: (runId: string) => Promise<void>;
};

/** Why an answer still waits: nobody answered, something between here and Cove did, or Cove could not store it just now. */
export type HeldBy = "silence" | "stranger" | "cove";

/** How the server took an answer. */
export type Reply =
  | { kind: "taken"; run: Run }
  | { kind: "held"; by: HeldBy }
  | { kind: "refused"; run: Run | null; why: string };

/** An answer that Cove did not take, kept until its owner has read it. */
export type Refused = { key: string; answer: Waiting; why: string };

type Listener = () => void;

const TRY_AGAIN_MS = 3000;

/**
 * Keeps answers on the device until the server has taken them: in the order they were given, each under its own key,
 * so that one sent twice counts once. What Cove itself refuses, because another device was first, keeps nothing else
 * back and is kept apart until it was read; what anybody else says on the way is no refusal.
 */
export class Outbox {
  private all: Waiting[] = [];
  private readonly listeners = new Set<Listener>();
  private sending = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private taken: (run: Run) => void = () => {};
  private readonly runs = new Map<string, Run>();
  private notTaken: Refused[] = [];
  private held: HeldBy | null = null;
  private readonly mine = new Set<string>();
  readonly ready: Promise<void>;

  constructor(
    private readonly store: Store,
    private readonly send: (answer: Waiting) => Promise<Reply>,
  ) {
    this.ready = Promise.all([store.waiting(), store.refused()]).then(([kept, refused]) => {
      this.all = [...kept, ...this.all];
      this.notTaken = refused;
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

  /** Whether the answer of a key was given here, as long as this page is open. */
  isMine = (key: string): boolean => this.mine.has(key);

  /** Why the oldest waits; null while it is only on its way. */
  heldBy = (): HeldBy | null => this.held;

  /** The answers that Cove did not take, oldest first. */
  refused = (): readonly Refused[] => this.notTaken;

  /** Lets go of the answers of a run that Cove did not take: their owner has read them. */
  async forgetRefused(runId: string) {
    await this.store.forgetRefused(runId);
    this.notTaken = this.notTaken.filter(({ answer }) => answer.runId !== runId);
    this.tell();
  }

  /** A run as the server last answered with it; undefined while none of its answers was sent from here. */
  latest = (runId: string): Run | undefined => this.runs.get(runId);

  /** Takes an answer. It is on the device before it shows: what one sees is not lost by a reload. */
  async add(answer: Waiting) {
    this.mine.add(answer.key);
    await this.store.add(answer);
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
        if (reply.kind === "held") {
          this.held = reply.by;
          this.timer = setTimeout(() => void this.flush(), TRY_AGAIN_MS);
          break;
        }
        if (reply.kind === "refused") {
          const refused = { key: answer.key, answer, why: reply.why };
          await this.store.refuse(refused);
          this.notTaken = [...this.notTaken, refused];
        } else {
          await this.store.remove(answer.key);
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
        this.held = null;
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

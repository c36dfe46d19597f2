import { useEffect, useMemo, useRef, useState, useSyncExternalStore } from "react";
import type { Run, RunEventKind, TowelInHand } from "../api/client";
import { newKey } from "../api/key";
import { whyNotTaken } from "./notTaken";
import { outbox } from "./offline";
import { progressOf, wallTime } from "./progress";

/** A second tap this soon after a step appeared was meant for the step before. */
const SETTLE_MS = 350;

export type Role = TowelInHand["role"];

/**
 * A run as it stands on this device: what the server knows of it, and on top what was said since. Every answer counts
 * at once and is sent when it can be.
 * @param known The run as the server last gave it.
 * @param now The clock of the server, carried on by the device.
 */
export function useAnswers(known: Run, now: number) {
  const all = useSyncExternalStore(outbox.subscribe, outbox.waiting);
  const heldBy = useSyncExternalStore(outbox.subscribe, outbox.heldBy);
  const notTaken = useSyncExternalStore(outbox.subscribe, outbox.refused);
  const taken = useSyncExternalStore(outbox.subscribe, () => outbox.latest(known.id));
  const base = taken && taken.events.length > known.events.length ? taken : known;
  const run = useMemo(() => {
    const arrived = new Set(base.events.map((event) => event.key));
    const waiting = all.filter((answer) => answer.runId === base.id && !arrived.has(answer.key));
    return waiting.length > 0
      ? progressOf(base, [...base.events, ...waiting.map(({ runId: _, ...event }) => event)])
      : base;
  }, [base, all]);
  const settled = useSettled(`${run.current} ${run.rounds}`);
  // A second tap before the first has been put on the device was meant for the same step.
  const given = useRef<Run | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: whatever comes of an answer, the next one may be given
  useEffect(() => {
    given.current = null;
  }, [run]);
  const say = (kind: RunEventKind, step: number, towel: Role | null = null) => {
    if (given.current === run) {
      return;
    }
    given.current = run;
    // No answer is older than the one before it, whatever the clock of the device has done meanwhile.
    const last = Date.parse(run.events.at(-1)?.at ?? run.startedAt);
    const at = wallTime(Math.max(now, last), run.startedAt);
    void outbox.add({ runId: run.id, key: newKey(), kind, step, at, towel });
  };
  const waiting = all.filter((answer) => answer.runId === known.id).length;
  return {
    run,
    busy: !settled,
    /** How many answers the server has not taken yet. */
    onTheirWay: waiting,
    /** How many answers wait, and why; null while they are only on their way. */
    waiting: heldBy && waiting > 0 ? { count: waiting, heldBy } : null,
    /** What became of the answers that Cove did not take, a sentence each. */
    notTaken: notTaken
      .filter((refused) => refused.answer.runId === known.id)
      .map((refused) => ({
        key: refused.key,
        sentence: whyNotTaken(base, refused, outbox.isMine),
      })),
    forgetNotTaken: () => void outbox.forgetRefused(known.id),
    answer: (kind: RunEventKind) => say(kind, run.current),
    takeBack: () => run.undoable !== null && say("undone", run.undoable),
    turn: (kind: "faceTurned" | "towelRetired", towel: Role) => say(kind, run.current, towel),
  };
}

/** False for a moment whenever the key changes. */
function useSettled(key: string): boolean {
  const [settledKey, setSettledKey] = useState<string | null>(null);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettledKey(key), SETTLE_MS);
    return () => window.clearTimeout(timer);
  }, [key]);
  return settledKey === key;
}

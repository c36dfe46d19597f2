import type { Run } from "../api/client";
import type { Refused } from "./offline/outbox";
import { numberOf, OUTCOMES } from "./steps";

/**
 * What became of an answer that Cove did not take: that the step had its answer from another device, or Cove's own
 * reason.
 * @param run The run as the server has it.
 * @param isMine Whether this device sent the answer of a key.
 */
export function whyNotTaken(
  run: Run,
  { answer, why }: Refused,
  isMine: (key: string) => boolean,
): string {
  const step = run.steps[answer.step];
  const outcome = step?.outcome ? OUTCOMES[step.outcome] : undefined;
  const given = run.events.findLast(
    (event) => event.step === answer.step && event.kind === step?.outcome,
  );
  if (step && outcome && given && !isMine(given.key)) {
    const next = run.steps[run.current];
    return `“${step.name}” was answered on another device: ${outcome}. ${
      next ? `Now at step ${numberOf(run, run.current)}.` : "That was the last step."
    }`;
  }
  return step
    ? `Cove did not take your answer to “${step.name}”. ${why}`
    : `Cove did not take an answer. ${why}`;
}

import type { Run } from "../api/client";
import { numberOf, OUTCOMES } from "./steps";

/** What to say when a step was answered on another device in the meantime. */
export function answeredElsewhere(run: Run, step: number): string {
  const answered = run.steps[step];
  const outcome = answered?.outcome ? OUTCOMES[answered.outcome] : undefined;
  if (!answered || !outcome) {
    return "This session went on on another device. Here is where it stands now.";
  }
  const next = run.steps[run.current];
  return `“${answered.name}” was answered on another device: ${outcome}. ${
    next ? `Now at step ${numberOf(run, run.current)}.` : "That was the last step."
  }`;
}

import type { Run } from "../api/client";

const SAID: Record<string, string> = {
  done: "done",
  notClean: "not clean yet",
  skipped: "skipped",
};

/** What to say when a step was answered on another device in the meantime. */
export function answeredElsewhere(run: Run, step: number): string {
  const answered = run.steps[step];
  const outcome = answered?.outcome ? SAID[answered.outcome] : undefined;
  if (!answered || !outcome) {
    return "This session went on on another device. Here is where it stands now.";
  }
  const next = run.steps[run.current];
  return `“${answered.name}” was answered on another device: ${outcome}. ${
    next ? `Now at step ${run.current + 1}.` : "That was the last step."
  }`;
}

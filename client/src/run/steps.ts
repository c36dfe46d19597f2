import type { Run, RunStep } from "../api/client";

/** The steps of a run as its owner counts them: what a new plan has replaced is not among them. */
export function stepsShown(run: Run): { step: RunStep; index: number }[] {
  return run.steps
    .map((step, index) => ({ step, index }))
    .filter(({ step }) => step.outcome !== "replanned");
}

/** The place of a step among those, from 1. */
export function numberOf(run: Run, index: number): number {
  return stepsShown(run).filter((shown) => shown.index <= index).length;
}

/** How a step came out, in a word. */
export const OUTCOMES: Record<string, string> = {
  done: "done",
  notClean: "not clean yet",
  skipped: "skipped",
};

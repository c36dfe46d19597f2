import type { MethodStep, RunStep } from "../api/client";

/** One thing to do within a step of a run: a step of one of its methods, with where it is done. */
export type Part = {
  step: MethodStep;
  method: RunStep["methods"][number];
  /** Whether it begins another method than the part before. */
  opens: boolean;
};

/** Everything to do within a step of a run, in order. */
export function partsOf(step: RunStep): Part[] {
  return step.methods.flatMap((method) =>
    method.method.steps.map((one, index) => ({ step: one, method, opens: index === 0 })),
  );
}

const KEY = "cove.part";

/** The part a run stands at, kept on the device: a reload goes on where the hands are. */
export function keptPart(id: string): number {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? "null") as {
      id: string;
      part: number;
    } | null;
    return kept?.id === id ? kept.part : 0;
  } catch {
    return 0;
  }
}

export function keepPart(id: string, part: number) {
  localStorage.setItem(KEY, JSON.stringify({ id, part }));
}

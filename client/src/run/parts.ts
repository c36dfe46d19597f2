import type { MethodStep, RunStep } from "../api/client";
import { keep, kept } from "../shared/kept";

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
    method.method.steps.map((step, index) => ({ step: step, method, opens: index === 0 })),
  );
}

const KEY = "cove.part";

/** The part a run stands at, kept on the device: a reload goes on where the hands are. */
export function keptPart(id: string): number {
  try {
    const last = JSON.parse(kept(KEY) ?? "null") as {
      id: string;
      part: number;
    } | null;
    return last?.id === id ? last.part : 0;
  } catch {
    return 0;
  }
}

export function keepPart(id: string, part: number) {
  keep(KEY, JSON.stringify({ id, part }));
}

import { useState } from "react";
import type { RunStep } from "../api/client";
import { keepPart, keptPart, type Part, partsOf } from "./parts";

export type Parts = {
  all: Part[];
  at: number;
  part: Part | undefined;
  go: (next: number) => void;
};

/** The movements of a step, and at which of them the hands are. */
export function useParts(id: string, step: RunStep | undefined): Parts {
  const all = step ? partsOf(step) : [];
  const [stood, setStood] = useState({ id, at: keptPart(id) });
  const at = Math.min(stood.id === id ? stood.at : keptPart(id), Math.max(0, all.length - 1));
  return {
    all,
    at,
    part: all[at],
    go: (next) => {
      keepPart(id, next);
      setStood({ id, at: next });
    },
  };
}

import { useState } from "react";
import { type Difference, rebase, same } from "./rebase";

/**
 * The answers of a form before they are saved, and the version they are based on. When someone else saves the
 * same thing meanwhile, the owner's own answers are kept and the differences are told.
 */
export function useDraft<T extends object>(saved: T, version: number) {
  const [base, setBase] = useState({ saved, version });
  const [draft, setDraft] = useState(saved);
  const [elsewhere, setElsewhere] = useState<Difference[]>([]);
  if (version !== base.version) {
    const next = rebase(base.saved, draft, saved);
    setBase({ saved, version });
    setDraft(next.draft);
    setElsewhere(same(base.saved, draft) ? [] : next.differences);
  }
  return {
    draft,
    version: base.version,
    changed: !same(draft, base.saved),
    elsewhere,
    change: (next: Partial<T>) => setDraft((old) => ({ ...old, ...next })),
    discard: () => {
      setDraft(base.saved);
      setElsewhere([]);
    },
    settle: () => setElsewhere([]),
  };
}

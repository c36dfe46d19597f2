import { useState } from "react";
import type { Routine, Use } from "../../api/client";
import { useSingleChanges } from "../../api/routine";
import { count } from "../../shared/format";

type Props = { vehicleId: string; onTry: (asked: { use: Use; routine: Routine }) => void };

/** So many are shown; the rest helps less. */
const SHOWN = 6;

/** What helps most, each thing tried alone. */
export function SingleChanges({ vehicleId, onTry }: Props) {
  const [open, setOpen] = useState(false);
  const changes = useSingleChanges(vehicleId, open);
  if (!open) {
    return (
      <button type="button" className="act2 mt-4" onClick={() => setOpen(true)}>
        What helps most?
      </button>
    );
  }
  return (
    <section aria-labelledby="helps" className="mt-4">
      <h3 id="helps" className="text-17">
        What helps most
      </h3>
      {changes.isError && (
        <p role="alert" className="mt-1 text-14 text-coral">
          {changes.error.message}
        </p>
      )}
      {!changes.data ? (
        <p className="mt-1 text-14 text-soft">Trying one thing after the other…</p>
      ) : (
        <ul>
          {changes.data
            .filter((change) => change.savedDays > 0)
            .slice(0, SHOWN)
            .map((change) => (
              <li key={change.name}>
                <button
                  type="button"
                  className="flex min-h-11 w-full items-center justify-between gap-3 border-b border-hairline text-left text-14 hover:bg-deep"
                  onClick={() =>
                    onTry({ use: change.use as Use, routine: change.routine as Routine })
                  }
                >
                  <span>{change.name}</span>
                  <span className="flex-none text-right">
                    <b className="font-semibold">{count(change.savedDays, "day")}</b>
                    <span className="block text-13 text-soft">
                      {change.moreMinutes > 0
                        ? `for ${Math.round(change.moreMinutes)} min a week`
                        : "for no minutes"}
                    </span>
                  </span>
                </button>
              </li>
            ))}
        </ul>
      )}
    </section>
  );
}

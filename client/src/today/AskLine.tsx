import type { Cabin } from "../api/client";
import { count } from "../shared/format";
import { type Ask, isAsked, onlyNarrowed } from "./ask";

type Props = { ask: Ask; onAsk: (ask: Ask) => void; cabin: Cabin | undefined };

/** What the session is narrowed to, and what the owner has changed of it. */
export function AskLine({ ask, onAsk, cabin }: Props) {
  const all = !ask.onlyGlass && !ask.withoutWater && ask.surfaces.length === 0;
  const named = ask.surfaces
    .map((id) => cabin?.surfaces.find((surface) => surface.id === id)?.name.toLowerCase())
    .join(", ");
  const changed = ask.leftOut.length + ask.keptIn.length + (ask.first ? 1 : 0) + (ask.last ? 1 : 0);
  const wide = { ...ask, onlyGlass: false, withoutWater: false, surfaces: [] };
  return (
    <fieldset className="no-print flex flex-wrap items-baseline gap-x-4 gap-y-1 text-13 max-desk:text-16">
      <legend className="sr-only">What to do</legend>
      <Only label="Everything" on={all} onClick={() => onAsk(wide)} />
      <Only
        label="Only glass"
        on={ask.onlyGlass}
        onClick={() => onAsk({ ...wide, onlyGlass: true })}
      />
      <Only
        label="Without water"
        on={ask.withoutWater}
        onClick={() => onAsk({ ...wide, withoutWater: true })}
      />
      {ask.surfaces.length > 0 && <Only label={`Only ${named}`} on onClick={() => onAsk(wide)} />}
      {changed > 0 && (
        <span>
          {count(changed, "change")} by you.{" "}
          <button type="button" className="lnk" onClick={() => onAsk(onlyNarrowed(ask))}>
            Undo them
          </button>
        </span>
      )}
      {isAsked(ask) && changed === 0 && <span className="sr-only">The session is narrowed.</span>}
    </fieldset>
  );
}

function Only({ label, on, onClick }: { label: string; on: boolean; onClick: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className={`min-h-6 max-desk:min-h-11 ${on ? "border-b-2 border-ink font-semibold" : "text-soft hover:text-ink"}`}
      onClick={onClick}
    >
      {label}
    </button>
  );
}

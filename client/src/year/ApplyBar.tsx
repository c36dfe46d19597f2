import type { RoutinePlan } from "../api/client";

type Props = {
  changed: boolean;
  busy: boolean;
  now: RoutinePlan | undefined;
  next: RoutinePlan | undefined;
  error: Error | null;
  saved: boolean;
  onKeep: () => void;
  onDiscard: () => void;
};

/** What a change comes to, and the decision. */
export function ApplyBar({ changed, busy, now, next, error, saved, onKeep, onDiscard }: Props) {
  if (!changed && !error) {
    return saved ? (
      <p role="status" className="px-4 pb-4 text-14 text-kelp desk:px-[26px]">
        Saved. The plan follows from today.
      </p>
    ) : null;
  }
  return (
    <footer className="sticky bottom-0 flex flex-wrap items-center gap-x-6 gap-y-2 border-t-[1.5px] border-ink bg-deep px-4 py-3 max-desk:bottom-[calc(64px+env(safe-area-inset-bottom))] desk:px-[26px]">
      <button type="button" className="act" disabled={busy} onClick={onKeep}>
        Apply from today
      </button>
      <button type="button" className="act2" onClick={onDiscard}>
        Discard changes
      </button>
      {now && next && (
        <dl className="flex gap-6">
          <Compared label="Minutes a week" now={now.minutesAWeek} next={next.minutesAWeek} />
          <Compared
            label="Days overdue in the year"
            now={now.overdueDays}
            next={next.overdueDays}
          />
        </dl>
      )}
      {next?.difference && <p className="max-w-[60ch] text-14 text-soft">{next.difference}</p>}
      {error && (
        <p role="alert" className="text-14 text-coral">
          {error.message}
        </p>
      )}
    </footer>
  );
}

function Compared({ label, now, next }: { label: string; now: number; next: number }) {
  return (
    <div>
      <dt className="cap">{label}</dt>
      <dd className="text-[15px]">
        {Math.round(now)} now, <b className="text-t5">{Math.round(next)}</b>
      </dd>
    </div>
  );
}

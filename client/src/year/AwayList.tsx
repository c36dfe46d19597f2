import type { Routine } from "../api/client";

type Props = {
  draft: Routine;
  errors: Record<string, string[]>;
  today: string;
  onChange: (next: Partial<Routine>) => void;
};

/** When the owner is away: no session takes place then. What is over is not shown. */
export function AwayList({ draft, errors, today, onChange }: Props) {
  const set = (at: number, next: Partial<Routine["away"][number]>) =>
    onChange({ away: draft.away.map((away, i) => (i === at ? { ...away, ...next } : away)) });
  return (
    <ul>
      {draft.away.map((away, at) =>
        away.last < today ? null : (
          <li
            key={`${at} of ${draft.away.length}`}
            className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-hairline py-1.5 text-16"
          >
            <b className="font-semibold">Away</b>
            <label className="flex items-center gap-2">
              <span className="text-14 text-soft">from</span>
              <input
                type="date"
                aria-label={`Time away ${at + 1}: first day`}
                className="slim"
                value={away.first}
                onChange={(event) => event.target.value && set(at, { first: event.target.value })}
              />
            </label>
            <label className="flex items-center gap-2">
              <span className="text-14 text-soft">to</span>
              <input
                type="date"
                aria-label={`Time away ${at + 1}: last day`}
                className="slim"
                value={away.last}
                onChange={(event) => event.target.value && set(at, { last: event.target.value })}
              />
            </label>
            <button
              type="button"
              className="ml-auto min-h-11 px-2 text-14 underline underline-offset-4"
              aria-label={`Remove time away ${at + 1}`}
              onClick={() => onChange({ away: draft.away.filter((_, i) => i !== at) })}
            >
              Remove
            </button>
            {errors[`away[${at}].last`] && (
              <p role="alert" className="basis-full text-14 text-coral">
                {errors[`away[${at}].last`]?.join(" ")}
              </p>
            )}
          </li>
        ),
      )}
    </ul>
  );
}

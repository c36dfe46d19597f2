import type { Routine } from "../../api/client";
import { Choice } from "../../shared/Choice";
import { shortMonth } from "../../shared/format";

type Props = {
  asked: Routine;
  kept: Routine;
  words: string[];
  today: string;
  onChange: (next: Partial<Routine>) => void;
};

const NONE = "none";
const PROTECTOR = "protect-fabric";

/** What else the routine could be: a slot less, a month away, no protector. */
export function MoreRoutine({ asked, kept, words, today, onChange }: Props) {
  const months = comingMonths(today);
  const skipped = asked.away.find((away) => !kept.away.some((own) => own.first === away.first));
  const pinned = asked.pins.some((pin) => pin.task === PROTECTOR && pin.kind === "never");
  return (
    <details className="border-b border-hairline">
      <summary className="min-h-11 cursor-pointer py-2.5 text-14">More about the routine</summary>
      {kept.slots.map((slot, at) => (
        <label key={slot.id} className="flex min-h-9 items-center gap-2.5 text-14">
          <input
            type="checkbox"
            className="size-4.5 flex-none accent-[var(--ink)]"
            checked={asked.slots.some((other) => other.id === slot.id)}
            disabled={asked.slots.length === 1 && asked.slots[0]?.id === slot.id}
            onChange={(event) =>
              onChange({
                slots: kept.slots.flatMap((own) =>
                  (
                    own.id === slot.id
                      ? event.target.checked
                      : asked.slots.some((other) => other.id === own.id)
                  )
                    ? [asked.slots.find((other) => other.id === own.id) ?? own]
                    : [],
                ),
              })
            }
          />
          Slot: {(words[at] ?? "").toLowerCase()}
        </label>
      ))}
      <label className="flex min-h-9 items-center gap-2.5 text-14">
        <input
          type="checkbox"
          className="size-4.5 flex-none accent-[var(--ink)]"
          checked={!pinned}
          onChange={(event) => {
            const others = asked.pins.filter((pin) => pin.task !== PROTECTOR);
            const own = kept.pins.filter((pin) => pin.task === PROTECTOR && pin.kind !== "never");
            onChange({
              pins: event.target.checked
                ? [...others, ...own]
                : [...others, { task: PROTECTOR, kind: "never", weeks: 0, months: [] }],
            });
          }}
        />
        Fabric protector
      </label>
      <div className="flex min-h-11 items-center justify-between gap-3 text-14">
        <span>Away for a month</span>
        <Choice
          plain
          label="Away for a month"
          value={skipped?.first ?? NONE}
          options={[
            { value: NONE, label: "Not" },
            ...months.map((month) => ({ value: month.first, label: month.name })),
          ]}
          onChange={(first) => {
            const month = months.find((known) => known.first === first);
            onChange({
              away: month ? [...kept.away, { first: month.first, last: month.last }] : kept.away,
            });
          }}
        />
      </div>
    </details>
  );
}

/** The twelve whole months after this one. */
function comingMonths(today: string): { first: string; last: string; name: string }[] {
  const year = Number(today.slice(0, 4));
  const month = Number(today.slice(5, 7));
  return Array.from({ length: 12 }, (_, at) => {
    const first = new Date(Date.UTC(year, month + at, 1));
    const last = new Date(Date.UTC(year, month + at + 1, 0));
    return {
      first: first.toISOString().slice(0, 10),
      last: last.toISOString().slice(0, 10),
      name: `${shortMonth(first.getUTCMonth() + 1)} ${first.getUTCFullYear()}`,
    };
  });
}

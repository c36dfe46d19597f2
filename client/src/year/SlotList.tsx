import type { Routine, RoutineOfCar, Slot } from "../api/client";
import { newId } from "../api/key";
import { within } from "../shared/format";
import { AwayList } from "./AwayList";
import { SlotRow } from "./SlotRow";

type Props = {
  routine: RoutineOfCar;
  draft: Routine;
  errors: Record<string, string[]>;
  onChange: (next: Partial<Routine>) => void;
};

/** The slots, changed in place. */
export function SlotList({ routine, draft, errors, onChange }: Props) {
  const set = (at: number, next: Partial<Slot>) =>
    onChange({ slots: draft.slots.map((slot, i) => (i === at ? { ...slot, ...next } : slot)) });
  const pattern = draft.slots.at(-1) ?? routine.first.slots?.[0];
  return (
    <section aria-labelledby="when" className="min-w-0 px-4 pt-1 pb-4 desk:px-[26px]">
      <h2 id="when" className="mb-2 text-20">
        When you clean
      </h2>
      <ul>
        {draft.slots.map((slot, at) => (
          <SlotRow
            key={slot.id}
            slot={slot}
            number={at + 1}
            routine={routine}
            errors={within(errors, `slots[${at}].`)}
            onChange={(next) => set(at, next)}
            onRemove={() => onChange({ slots: draft.slots.filter((other) => other !== slot) })}
          />
        ))}
      </ul>
      {errors.slots && <p className="mt-2 text-14 text-coral">{errors.slots.join(" ")}</p>}
      <AwayList draft={draft} errors={errors} today={routine.today} onChange={onChange} />
      <button
        type="button"
        className="act2 mt-3"
        disabled={!pattern}
        onClick={() =>
          pattern &&
          onChange({
            slots: [
              ...draft.slots,
              {
                ...pattern,
                id: newId(),
                from: routine.first.slots?.[0]?.from ?? pattern.from,
                changes: [],
              },
            ],
          })
        }
      >
        Add a slot
      </button>{" "}
      <button
        type="button"
        className="act2 mt-3"
        onClick={() =>
          onChange({ away: [...draft.away, { first: routine.today, last: routine.today }] })
        }
      >
        Add a time away
      </button>
    </section>
  );
}

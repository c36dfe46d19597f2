import { useState } from "react";
import type { PlannedSlot, Routine, Schemas } from "../api/client";
import { Field } from "../shared/Field";
import { longDay } from "../shared/format";
import { UsedProducts } from "../shared/UsedProducts";

type Change = Schemas["SlotChangeDocument"];
type Props = {
  slot: PlannedSlot;
  draft: Routine;
  onChange: (next: Partial<Routine>) => void;
};

/** One session: what it holds, and what can be changed about this day alone. */
export function SlotDayPanel({ slot, draft, onChange }: Props) {
  const [to, setTo] = useState(slot.day);
  const [time, setTime] = useState(slot.time.slice(0, 5));
  const [minutes, setMinutes] = useState(slot.minutes);
  const put = (change: Change | undefined) =>
    onChange({
      slots: draft.slots.map((known) =>
        known.id === slot.slotId
          ? {
              ...known,
              changes: [
                ...(known.changes ?? []).filter((other) => other.day !== slot.ruleDay),
                ...(change ? [change] : []),
              ],
            }
          : known,
      ),
    });
  const name = longDay(slot.day);
  const isChanged = draft.slots.some(
    (known) =>
      known.id === slot.slotId && known.changes?.some((change) => change.day === slot.ruleDay),
  );
  return (
    <section aria-label={name} className="grid gap-6 px-4 pt-4 desk:grid-cols-2 desk:px-[26px]">
      <div>
        <h3 className="text-17">{name}</h3>
        <p className="mt-1 text-14 text-soft">
          {slot.kits.length > 0
            ? `Fetch: ${slot.kits.join(", ").toLowerCase()}.`
            : "Nothing to do."}
        </p>
        <table className="mt-2 w-full max-w-[460px] text-14">
          <caption className="sr-only">What it holds</caption>
          <tbody>
            {slot.tasks.map((task) => (
              <tr key={task.taskId} className="border-b border-hairline">
                <th scope="row" className="py-1 text-left font-normal">
                  {task.name}
                  <div className="text-13">
                    <UsedProducts products={task.products} />
                  </div>
                </th>
                <td className="py-1 pl-3 text-right whitespace-nowrap">{task.minutes} min</td>
                <td className={`w-24 py-1 pl-3 ${task.overdue ? "text-coral" : "text-soft"}`}>
                  {task.overdue ? "overdue" : task.pinned ? "pinned" : ""}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          put({
            day: slot.ruleDay,
            kind: to === slot.day && time === slot.time.slice(0, 5) ? "resized" : "moved",
            to,
            time: `${time}:00`,
            minutes,
          });
        }}
      >
        <h3 className="mb-2 text-17">This day only</h3>
        <div className="grid gap-x-3 desk:grid-cols-3">
          <Field label="Day">
            <input
              className="field"
              type="date"
              required
              value={to}
              onChange={(event) => setTo(event.target.value)}
            />
          </Field>
          <Field label="Begins at">
            <input
              className="field"
              type="time"
              required
              value={time}
              onChange={(event) => setTime(event.target.value)}
            />
          </Field>
          <Field label="Minutes">
            <input
              className="field"
              type="number"
              min={5}
              max={120}
              required
              value={minutes}
              onChange={(event) => setMinutes(Number(event.target.value))}
            />
          </Field>
        </div>
        <div className="flex flex-wrap gap-3">
          <button type="submit" className="act2">
            Change this day
          </button>
          <button
            type="button"
            className="act2"
            onClick={() =>
              put({ day: slot.ruleDay, kind: "skipped", to: null, time: null, minutes: null })
            }
          >
            Skip this day
          </button>
          {isChanged && (
            <button type="button" className="act2" onClick={() => put(undefined)}>
              As the slot has it
            </button>
          )}
        </div>
      </form>
    </section>
  );
}

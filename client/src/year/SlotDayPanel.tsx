import { useState } from "react";
import type { PlannedSlot, Routine, Schemas } from "../api/client";
import { Field } from "../shared/Field";
import { clock, hours, shortDay } from "../shared/format";
import { SessionOrder } from "./SessionOrder";

type Change = Schemas["SlotChangeDocument"];
type Props = {
  vehicleId: string;
  slot: PlannedSlot;
  others: PlannedSlot[];
  isToday: boolean;
  draft: Routine;
  onMove: (task: string, from: PlannedSlot, to: PlannedSlot) => void;
  onChange: (next: Partial<Routine>) => void;
};

/** One session: what it holds, and what can be changed about this day alone. */
export function SlotDayPanel(props: Props) {
  const { vehicleId, slot, others, isToday, draft, onMove, onChange } = props;
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
  const name = shortDay(slot.day);
  const isChanged = draft.slots.some(
    (known) =>
      known.id === slot.slotId && known.changes?.some((change) => change.day === slot.ruleDay),
  );
  return (
    <section aria-label={name} className="grid gap-6 px-4 pt-4 desk:grid-cols-2 desk:px-[26px]">
      <div className="min-w-0">
        <h3 className="text-17">{name}</h3>
        {slot.collision && (
          <p className="mt-1 text-14">
            <span className="over">
              You are busy from {clock(slot.collision.from)} to {clock(slot.collision.to)}.
            </span>{" "}
            {slot.collision.freeDay && slot.collision.freeTime ? (
              <button
                type="button"
                className="act2 mt-1"
                onClick={() =>
                  put({
                    day: slot.ruleDay,
                    kind: "moved",
                    to: slot.collision?.freeDay ?? null,
                    time: slot.collision?.freeTime ?? null,
                    minutes: slot.minutes,
                  })
                }
              >
                Move to {shortDay(slot.collision.freeDay)}, {hours(slot.collision.freeTime)}
              </button>
            ) : (
              "No free time within three days."
            )}
          </p>
        )}
        <SessionOrder
          vehicleId={vehicleId}
          slot={slot}
          place={draft.slots.find((known) => known.id === slot.slotId)}
          others={others}
          isToday={isToday}
          onMove={onMove}
        />
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

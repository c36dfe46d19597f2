import { useState } from "react";
import type { Routine, Schemas } from "../api/client";
import { Field } from "../shared/Field";
import { shortDay } from "../shared/format";

type Props = {
  first: Routine;
  hosts: Schemas["SharedView"][];
  busy: boolean;
  error: Error | null;
  onKeep: (routine: Routine) => void;
};

/** Two questions, and a routine to begin with. */
export function FirstSteps({ first, hosts, busy, error, onKeep }: Props) {
  const [quick, long] = first.slots;
  const [from, setFrom] = useState(quick?.from ?? "");
  const [time, setTime] = useState(quick?.time.slice(0, 5) ?? "");
  const [minutes, setMinutes] = useState(quick?.minutes ?? 25);
  const [withLong, setWithLong] = useState(true);
  const keep = () =>
    quick &&
    onKeep({
      ...first,
      slots: [{ ...quick, from, time: `${time}:00`, minutes }, ...(withLong && long ? [long] : [])],
    });
  return (
    <form
      className="max-w-[640px] px-4 pt-6 pb-10 desk:px-[26px]"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <h2 className="text-26">When would you clean?</h2>
      <p className="mt-2 mb-6 text-16 text-soft">
        Pick a time that comes round, such as Saturday morning. Cove puts into it what the car needs
        then, and tells you what it cannot fit. You can change everything later, or leave it: Today
        works without a routine.
      </p>
      <div className="grid gap-x-5 desk:grid-cols-3">
        <Field label="First time" hint="and every week from then on">
          <input
            className="field"
            type="date"
            required
            value={from}
            onChange={(event) => setFrom(event.target.value)}
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
        <Field label="Minutes" hint="5 to 120">
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
      {long && (
        <label className="mb-5 flex min-h-11 items-start gap-3 text-16">
          <input
            type="checkbox"
            className="mt-1 size-5 flex-none accent-[var(--ink)]"
            checked={withLong}
            onChange={(event) => setWithLong(event.target.checked)}
          />
          <span>
            And {long.minutes} minutes every eighth week, first on {shortDay(long.from)}, with the
            car left standing until the next day. Carpets, belts and leather need that.
          </span>
        </label>
      )}
      {error && (
        <p role="alert" className="mb-3 text-16 text-coral">
          {error.message}
        </p>
      )}
      <button type="submit" className="act" disabled={busy || !quick}>
        Plan the year
      </button>
      {hosts.map((host) => (
        <p key={host.vehicleId} className="mt-5 text-16">
          Or share the slots of {host.name}: each session goes to the car that needs it more, or is
          split.{" "}
          <button
            type="button"
            className="act2 mt-2"
            disabled={busy}
            onClick={() => onKeep({ ...first, slots: [], slotsOf: host.vehicleId })}
          >
            Share the slots of {host.name}
          </button>
        </p>
      ))}
    </form>
  );
}

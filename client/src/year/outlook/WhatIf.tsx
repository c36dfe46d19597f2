import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useChoices } from "../../api/car";
import {
  api,
  ask,
  type Outlook,
  type OutlookBand,
  type Routine,
  type RoutineOfCar,
  type Schemas,
  type Use,
} from "../../api/client";
import { keys } from "../../api/keys";
import { refresh } from "../../api/refresh";
import { Choice } from "../../shared/Choice";
import { volumeNumber, volumeSign } from "../../shared/units";
import { MoreRoutine } from "./MoreRoutine";
import { MoreUse } from "./MoreUse";
import { MoreWays } from "./MoreWays";
import { SingleChanges } from "./SingleChanges";
import { Slide } from "./Slide";

/** What is asked: another use, another routine, another answer of a school. */
export type Asked = { use: Use; routine: Routine; school: Schemas["SchoolTrial"] | null };
type Props = {
  vehicleId: string;
  now: Outlook;
  then: Outlook | undefined;
  band: OutlookBand | undefined;
  thenBand: OutlookBand | undefined;
  error: Error | null;
  used: Schemas["UseView"];
  routine: RoutineOfCar;
  asked: Asked;
  changed: boolean;
  onAsk: (next: Partial<Asked>) => void;
  onPutBack: () => void;
};

const OFTEN = [
  { value: "never", label: "Never" },
  { value: "sometimes", label: "Now and then" },
  { value: "daily", label: "Most days" },
];

/** What would change the year: moved under the finger, compared at once, taken over where it is the owner's to change. */
export function WhatIf(props: Props) {
  const {
    vehicleId,
    now,
    then,
    band,
    thenBand,
    error,
    used,
    routine,
    asked,
    changed,
    onAsk,
    onPutBack,
  } = props;
  const queries = useQueryClient();
  const preventions = useChoices().data?.preventions ?? [];
  const use = used.use as Use;
  const kept = routine.routine as Routine;
  const path = { params: { path: { vehicleId } } };
  const otherMinutes = JSON.stringify(asked.routine) !== JSON.stringify(kept);
  const otherPreventions =
    JSON.stringify(asked.use.preventions) !== JSON.stringify(use.preventions);
  const take = useMutation({
    // One request: all of it is kept, or nothing.
    mutationFn: async () =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/outlook/apply", {
          ...path,
          body: {
            routine: otherMinutes ? { version: routine.version, routine: asked.routine } : null,
            preventions: otherPreventions
              ? { version: used.version, preventions: asked.use.preventions }
              : null,
            school: asked.school && {
              version: (await ask(api.GET("/api/schools"))).version,
              ...asked.school,
            },
          },
        }),
      ),
    onSuccess: async () => {
      onAsk({ school: null });
      await refresh(queries, keys.schools);
      await refresh(queries, keys.car(vehicleId));
    },
  });
  const mine = otherMinutes || otherPreventions || asked.school !== null;
  const setUse = (next: Partial<Use>) => onAsk({ use: { ...asked.use, ...next } });
  const often = (label: string, field: "pets" | "eating" | "openWindows") => (
    <div className="flex min-h-11 items-center justify-between gap-3 border-b border-hairline text-14">
      <span>{label}</span>
      <Choice
        plain
        label={label}
        value={asked.use[field]}
        options={OFTEN}
        onChange={(value) => setUse({ [field]: value as Use["pets"] })}
      />
    </div>
  );
  return (
    <aside
      aria-labelledby="what-if"
      className="no-print border-ink px-4 pt-3 pb-6 max-desk:border-t-[1.5px] desk:border-l desk:px-5"
    >
      <h2 id="what-if" className="text-26">
        What if
      </h2>
      <Slide
        label="Kilometres a week"
        now={use.kilometresAWeek}
        value={asked.use.kilometresAWeek}
        max={Math.max(500, use.kilometresAWeek * 2)}
        step={10}
        onChange={(kilometresAWeek) => setUse({ kilometresAWeek })}
      />
      {asked.routine.slots.map((slot, at) => (
        <Slide
          key={slot.id}
          label={`Minutes, ${(routine.words[at]?.repeats ?? "slot").toLowerCase()}`}
          now={kept.slots[at]?.minutes ?? slot.minutes}
          value={slot.minutes}
          min={5}
          max={120}
          step={5}
          onChange={(minutes) =>
            onAsk({
              routine: {
                ...asked.routine,
                slots: asked.routine.slots.map((other, i) =>
                  i === at ? { ...other, minutes } : other,
                ),
              },
            })
          }
        />
      ))}
      <Slide
        label="Parked in the sun, %"
        now={Math.round(use.parkedInSun * 100)}
        value={Math.round(asked.use.parkedInSun * 100)}
        max={100}
        step={5}
        onChange={(share) => setUse({ parkedInSun: share / 100 })}
      />
      <Slide
        label="Children in the car"
        now={use.children}
        value={asked.use.children}
        max={6}
        step={1}
        onChange={(children) => setUse({ children })}
      />
      {often("Pets", "pets")}
      {often("Eating in the car", "eating")}
      {often("Windows open in dust", "openWindows")}
      <MoreUse asked={asked.use} now={use} setUse={setUse} />
      <MoreRoutine
        asked={asked.routine}
        kept={kept}
        words={routine.words.map((word) => word.repeats)}
        today={routine.today}
        onChange={(next) => onAsk({ routine: { ...asked.routine, ...next } })}
      />
      <MoreWays asked={asked.school} onChange={(school) => onAsk({ school })} />
      <details className="border-b border-hairline">
        <summary className="min-h-11 cursor-pointer py-2.5 text-14">
          What keeps soil out: {asked.use.preventions.length}
        </summary>
        {preventions.map((prevention) => (
          <label key={prevention.prevention} className="flex min-h-9 items-center gap-2.5 text-14">
            <input
              type="checkbox"
              className="size-4.5 flex-none accent-[var(--ink)]"
              checked={asked.use.preventions.includes(prevention.prevention)}
              onChange={(event) =>
                setUse({
                  preventions: preventions
                    .map((other) => other.prevention)
                    .filter((other) =>
                      other === prevention.prevention
                        ? event.target.checked
                        : asked.use.preventions.includes(other),
                    ),
                })
              }
            />
            {prevention.name}
          </label>
        ))}
      </details>
      <table className="mt-4 w-full text-14">
        <thead>
          <tr className="border-b border-ink">
            <th scope="col" className="cap py-1">
              In the year
            </th>
            <th scope="col" className="cap py-1 text-right">
              Now
            </th>
            <th scope="col" className="cap py-1 text-right">
              What if
            </th>
          </tr>
        </thead>
        <tbody>
          <Row label="Minutes of work" now={now.minutes} then={then?.minutes} />
          <Row
            label={`Products, ${volumeSign()}`}
            now={now.millilitres}
            then={then?.millilitres}
            say={volumeNumber}
          />
          <Row
            label={now.currency ? `Products, ${now.currency}` : "Products, cost"}
            now={now.cost}
            then={then?.cost}
          />
          <Row label="Days overdue" now={now.overdueDays} then={then?.overdueDays} />
          {band && (
            <tr className="border-b border-hairline text-soft">
              <th scope="row" className="py-1 font-normal">
                likely range
              </th>
              <td className="py-1 pl-4 text-right">{range(band)}</td>
              <td className="py-1 pl-4 text-right">{changed && thenBand ? range(thenBand) : ""}</td>
            </tr>
          )}
        </tbody>
      </table>
      {band && band.missed > 0 && (
        <p className="mt-2 text-13 text-soft">
          {band.missed} of your last {band.slots} slots passed without a session. The range reckons
          with as many; the other numbers with none.
        </p>
      )}
      {error && (
        <p role="alert" className="mt-2 text-14 text-coral">
          {error.message}
        </p>
      )}
      {then?.difference && (
        <p role="status" className="mt-3 text-14">
          {then.difference}
        </p>
      )}
      {changed && (
        <div className="mt-4 flex flex-wrap gap-3">
          {mine && (
            <button
              type="button"
              className="act"
              disabled={take.isPending}
              onClick={() => take.mutate()}
            >
              Use this
            </button>
          )}
          <button type="button" className="act2" onClick={onPutBack}>
            Put back
          </button>
          <p className="basis-full text-13 text-soft">
            {mine
              ? "Takes over the routine, what keeps soil away and how you work; how the car is used stays as it is."
              : "How the car is used is not changed from here."}
          </p>
        </div>
      )}
      <SingleChanges vehicleId={vehicleId} currency={now.currency} onTry={onAsk} />
      {take.error && (
        <p role="alert" className="mt-2 text-14 text-coral">
          {take.error.message}
        </p>
      )}
    </aside>
  );
}

function whole(value: number): string {
  return Math.round(value).toLocaleString("en-GB");
}

/** "400 to 3,200" */
function range({ overdueDays }: OutlookBand): string {
  return `${overdueDays.low.toLocaleString("en-GB")} to ${overdueDays.high.toLocaleString("en-GB")}`;
}

type RowProps = {
  label: string;
  now: number;
  then: number | undefined;
  say?: (value: number) => string;
};

function Row({ label, now, then, say = whole }: RowProps) {
  return (
    <tr className="border-b border-hairline">
      <th scope="row" className="py-1 font-normal">
        {label}
      </th>
      <td className="py-1 text-right">{say(now)}</td>
      <td className="py-1 text-right font-semibold">{then === undefined ? "" : say(then)}</td>
    </tr>
  );
}

import { useEffect, useState } from "react";
import type { Frontier as Found, FrontierPoint, Routine, RoutinePlan } from "../api/client";
import { useFrontier, useFrontierTurn } from "../api/routine";
import { CHART_HEIGHT, FrontierChart } from "./FrontierChart";
import { coastOf, type Measure, namesOf, overdueOf } from "./frontierScale";

type Props = {
  vehicleId: string;
  /** What the routine on the page comes to where it is not the one that is kept. */
  changed: RoutinePlan | undefined;
  onChange: (next: Partial<Routine>) => void;
};

/** How much is enough: minutes a week against days overdue, for sixty patterns of slots. */
export function Frontier({ vehicleId, changed, onChange }: Props) {
  const frontier = useFrontier(vehicleId);
  const { begin, cancel } = useFrontierTurn(vehicleId);
  const [measure, setMeasure] = useState<Measure>("days");
  const [chosen, setChosen] = useState<FrontierPoint>();
  const found = frontier.data;
  const isNew = found?.total === 0;
  const { mutate } = begin;
  useEffect(() => {
    if (isNew) {
      mutate();
    }
  }, [isNew, mutate]);
  const coast = coastOf(found?.points ?? [], measure);
  const named = found ? namesOf(found) : [];
  const error = frontier.error ?? begin.error;
  return (
    <section aria-labelledby="enough" className="min-w-0 px-4 pt-1 pb-4 desk:px-5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id="enough" className="text-20">
          How much is enough?
        </h2>
        <span className="text-14">
          {(["days", "weighted"] as const).map((one) => (
            <label key={one} className="ml-4 inline-flex min-h-9 items-center gap-1.5">
              <input
                type="radio"
                name="measure"
                className="accent-[var(--ink)]"
                checked={measure === one}
                onChange={() => setMeasure(one)}
              />
              {one === "days" ? "days overdue" : "what matters counts more"}
            </label>
          ))}
        </span>
      </div>
      {error ? (
        <p role="alert" className="mt-2 text-14 text-coral">
          {error.message}
        </p>
      ) : !found || coast.length === 0 ? (
        // As tall as what comes, so that nothing below moves away from under a hand.
        <p className="mt-1 pt-2 text-14 text-soft" style={{ minHeight: CHART_HEIGHT }}>
          Comparing ways to give time to this car…
        </p>
      ) : (
        <FrontierChart
          coast={coast}
          named={named}
          own={found.own}
          lately={found.lately}
          changed={changed}
          chosen={chosen && coast.includes(chosen) ? chosen : undefined}
          measure={measure}
          onChoose={setChosen}
        />
      )}
      {found && found.total > 0 && (
        <Progress found={found} onCancel={() => cancel.mutate()} onBegin={() => begin.mutate()} />
      )}
      {found && !found.running && (
        <Names
          named={named}
          measure={measure}
          chosen={chosen}
          lately={found.lately}
          onChoose={setChosen}
        />
      )}
      {chosen && (
        <div className="mt-2 border-l-[3px] border-t4 pl-3 text-14" role="status">
          <p>
            <b className="font-semibold">{capital(chosen.words)}</b>:{" "}
            {Math.round(chosen.minutesAWeek)} min a week, {Math.round(overdueOf(chosen, measure))}{" "}
            {measure === "days" ? "days overdue in the year" : "weighted days overdue"}.
          </p>
          {chosen.difference && <p className="mt-0.5 text-soft">{chosen.difference}</p>}
          <button
            type="button"
            className="act2 mt-2"
            onClick={() => onChange({ slots: chosen.slots as Routine["slots"] })}
          >
            Try this routine
          </button>
        </div>
      )}
    </section>
  );
}

type ProgressProps = { found: Found; onCancel: () => void; onBegin: () => void };

function Progress({ found, onCancel, onBegin }: ProgressProps) {
  const done = found.points.length;
  if (found.running) {
    return (
      <p className="mt-1 flex items-center gap-3 text-13 text-soft">
        <span
          role="progressbar"
          aria-label="Patterns compared"
          aria-valuemin={0}
          aria-valuemax={found.total}
          aria-valuenow={done}
          className="block h-1.5 w-32 border border-ink"
        >
          <span
            className="block h-full bg-t4"
            style={{ width: `${(100 * done) / found.total}%` }}
          />
        </span>
        {done} of {found.total} patterns compared
        <button type="button" className="lnk min-h-6" onClick={onCancel}>
          Stop
        </button>
      </p>
    );
  }
  return done < found.total ? (
    <p className="mt-1 text-13 text-soft">
      Stopped after {done} of {found.total}.{" "}
      <button type="button" className="lnk min-h-6" onClick={onBegin}>
        Compare all
      </button>
    </p>
  ) : null;
}

type NamesProps = {
  named: { name: string; point: FrontierPoint }[];
  measure: Measure;
  chosen: FrontierPoint | undefined;
  lately: Found["lately"];
  onChoose: (point: FrontierPoint) => void;
};

/** The points with a name, as words and as buttons. */
function Names({ named, measure, chosen, lately, onChoose }: NamesProps) {
  return (
    <ul className="mt-1 flex flex-wrap gap-2 text-14" aria-label="Points with a name">
      {named.map(({ name, point }) => (
        <li key={name}>
          <button
            type="button"
            aria-pressed={point === chosen}
            className="min-h-11 border border-line px-3 text-left leading-tight aria-pressed:border-ink aria-pressed:bg-t1"
            onClick={() => onChoose(point)}
          >
            <b className="font-semibold">{name}</b>
            <span className="block text-13 text-soft">
              {Math.round(point.minutesAWeek)} min a week, {Math.round(overdueOf(point, measure))}{" "}
              {measure === "days" ? "days" : "weighted"}
            </span>
          </button>
        </li>
      ))}
      {lately && (
        <li className="min-h-11 px-1 leading-tight">
          <b className="font-semibold">As you did lately</b>
          <span className="block text-13 text-soft">
            {Math.round(lately.minutesAWeek)} min a week, {Math.round(lately.overdueDays)} days
          </span>
        </li>
      )}
      {named.every(({ name }) => name !== "All kept up") && (
        <li className="basis-full text-13 text-soft">
          None of these keeps up with everything on this car. Longer slots, more of them, or less
          soil would: mats, covers, a shade.
        </li>
      )}
    </ul>
  );
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

import { useState } from "react";
import { Link } from "react-router";
import { useSurface } from "../api/car";
import type { SurfaceTask } from "../api/client";
import { DidThis } from "../log/DidThis";
import { Caution } from "../shared/Caution";
import { Choice } from "../shared/Choice";
import { days, daysSaid, minutes, shortDay } from "../shared/format";
import { MethodSteps } from "../shared/MethodSteps";
import { Failed, Loading } from "../shared/States";
import { inUnits } from "../shared/units";
import { HappeningButton } from "./HappeningButton";
import { LevelHistory } from "./LevelHistory";
import { LookHere } from "./LookHere";
import { With } from "./With";
import { WornButton } from "./WornButton";

/** Everything about the chosen surface: how its level came about, when it is due and why then, and how it is cared for. */
export function SurfaceSheet({ vehicleId, surfaceId }: { vehicleId: string; surfaceId: string }) {
  const surface = useSurface(vehicleId, surfaceId);
  const [picked, setPicked] = useState<string | null>(null);
  if (surface.isError) {
    return <Failed error={surface.error} again={() => surface.refetch()} />;
  }
  if (!surface.data) {
    return <Loading what="Loading" />;
  }
  const { name, about, zone, partOf, wear, tasks } = surface.data;
  const task = tasks.find((offered) => offered.taskId === picked) ?? tasks[0];
  return (
    <div className="flex flex-1 flex-col px-[22px] pt-4 pb-5">
      <h2 className="text-[24px]">{name}</h2>
      <p className="mt-1 mb-2 text-14 text-soft">
        {[...about, zone, partOf && `part of ${partOf.toLowerCase()}`].filter(Boolean).join(" · ")}
      </p>
      {wear && <p className="note mb-2 !text-[15px]">Worn, not dirty: {wear}</p>}
      {task && (
        <>
          {tasks.length > 1 && (
            <div className="mb-2 [&_button]:text-14">
              <Choice
                label="Task"
                value={task.taskId}
                options={tasks.map((offered) => ({
                  value: offered.taskId,
                  label: `${offered.name}, ${daysSaid(offered.daysLeft)}`,
                }))}
                onChange={setPicked}
              />
            </div>
          )}
          <LevelHistory task={task} />
          <Why task={task} single={tasks.length === 1} />
          <p className="border-t border-hairline py-2 text-13">{task.learnt}</p>
          <LookHere vehicleId={vehicleId} surface={surface.data} />
          <How vehicleId={vehicleId} task={task} />
        </>
      )}
      <div className="mt-auto grid gap-2">
        <Link
          className="act2 text-center"
          to={`/cars/${vehicleId}/today?on=${encodeURIComponent(surfaceId)}`}
        >
          Do only this now
        </Link>
        <DidThis vehicleId={vehicleId} surfaceId={surfaceId} />
        <WornButton vehicleId={vehicleId} surface={surface.data} />
        <HappeningButton vehicleId={vehicleId} surfaceId={surfaceId} surfaceName={name} />
      </div>
    </div>
  );
}

function Why({ task, single }: { task: SurfaceTask; single: boolean }) {
  const over = (task.daysLeft ?? 1) < 0;
  let reached = task.baselineDays;
  const rows = task.effects.map((effect) => {
    const from = reached;
    reached += effect.days;
    return { ...effect, from, to: reached };
  });
  const ends = [task.baselineDays, ...rows.map((row) => row.to)];
  const low = Math.min(...ends);
  const wide = Math.max(...ends) - low || 1;
  const place = (at: number) => ((at - low) / wide) * 88 + 2;
  return (
    <section className="mt-2 border-t border-hairline pt-2 pb-2">
      <div className="flex items-baseline justify-between gap-3">
        <h3 className="text-17">
          {task.dueDate
            ? `${over ? "Was due" : "Due"} ${shortDay(task.dueDate)}`
            : "Never comes due"}
        </h3>
        <b className={`font-semibold ${over ? "over" : ""}`}>{daysSaid(task.daysLeft)}</b>
      </div>
      {single && <p className="text-13 text-soft">{task.name}</p>}
      <dl className="mt-1 text-13 leading-[1.6]">
        <div className="flex justify-between">
          <dt className="text-soft">Usual interval</dt>
          <dd className="font-semibold">{dayCount(task.baselineDays)}</dd>
        </div>
        {rows.map((row) => (
          <div key={row.cause} className="grid grid-cols-[1fr_92px_34px] items-center gap-2">
            <dt>{inUnits(row.cause)}</dt>
            <dd className="contents">
              <svg width="92" height="14" aria-hidden="true">
                <path d="M0 13.500H92" stroke="var(--hairline)" />
                <rect
                  x={Math.min(place(row.from), place(row.to))}
                  y="2"
                  width={Math.max(1.5, Math.abs(place(row.to) - place(row.from)))}
                  height="9"
                  fill="var(--t4)"
                />
                <path d={`M${place(row.from)} 0v14`} stroke="var(--ink)" />
              </svg>
              <b className="text-right font-semibold">
                {row.days > 0 ? "+" : "−"}
                {trim(Math.abs(row.days))}
              </b>
            </dd>
          </div>
        ))}
        <div className="mt-0.5 flex justify-between border-t border-hairline pt-0.5">
          <dt className="font-bold">Interval on this car, in days</dt>
          <dd className="font-bold">
            {task.intervalDays === null ? "for ever" : trim(task.intervalDays)}
          </dd>
        </div>
      </dl>
    </section>
  );
}

function dayCount(value: number): string {
  return days(Math.round(value));
}

function trim(value: number): string {
  return value >= 10 ? String(Math.round(value)) : String(Math.round(value * 10) / 10);
}

function How({ vehicleId, task }: { vehicleId: string; task: SurfaceTask }) {
  return (
    <section className="border-t border-hairline pt-2 pb-3">
      <h3 className="mb-1 text-17">Method, {minutes(task.minutes)} min</h3>
      <p className="mb-2 text-14">
        <b className="font-semibold">{task.method.name}</b>
        {task.rounds > 1 && `, ${task.rounds} rounds`} ·{" "}
        <Link className="lnk" to={`/cars/${vehicleId}/methods/${task.taskId}`}>
          all ways
        </Link>
      </p>
      <MethodSteps method={task.method} narrow />
      <With choice={task.choice} />
      {task.alsoTends.length > 0 && (
        <p className="mb-2 text-13 text-soft">Done together with {task.alsoTends.length} more.</p>
      )}
      <div className="grid gap-1.5">
        {task.method.cautions.map((caution) => (
          <Caution key={caution}>{caution}</Caution>
        ))}
      </div>
    </section>
  );
}

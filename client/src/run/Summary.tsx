import { Link } from "react-router";
import type { LogEntry, Run } from "../api/client";
import { useLog } from "../api/log";
import { useNextSlot } from "../api/queries";
import { NO_FILTER } from "../log/filter";
import { AddPhoto } from "../log/photos/AddPhoto";
import { clockOrDay, count, daysSaid, shortDay } from "../shared/format";
import { Mark } from "../shared/icons";
import { Reminders } from "../shared/Reminders";
import { ThingsOut } from "../shared/ThingsOut";
import { NotTaken, WaitingLine } from "./Answers";
import { stepsShown } from "./steps";
import type { useAnswers } from "./useAnswers";

const OUTCOMES: Record<string, string> = {
  done: "clean",
  notClean: "not clean yet",
  skipped: "left out",
};

/** The towels that were used, by load of washing. */
export function Laundry({ run }: { run: Run }) {
  return run.laundry.length > 0 ? (
    <section aria-label="Laundry" className="mt-4">
      <h2 className="text-20">Laundry</h2>
      <ul className="text-16">
        {run.laundry.map((load) => (
          <li key={load.name} className="border-t border-hairline py-2">
            <b className="font-semibold">{load.name}:</b>{" "}
            {load.towels.map((towel) => `${towel.count} ${towel.name.toLowerCase()}`).join("; ")}.
            <span className="block text-soft">{load.how}</span>
          </li>
        ))}
      </ul>
    </section>
  ) : null;
}

/** "as planned", "3 min more than planned" */
function besidePlan(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  return minutes === 0
    ? "as planned"
    : `${Math.abs(minutes)} min ${minutes > 0 ? "more" : "less"} than planned`;
}

/** One tap takes the photo that is held against the one from before. */
function PhotoAfter({ entry, vehicleId }: { entry: LogEntry | undefined; vehicleId: string }) {
  return entry ? (
    <span className="block">
      <AddPhoto
        entryId={entry.id}
        vehicleId={vehicleId}
        side="after"
        label={`Photo after: ${entry.name}`}
        button={
          entry.photos.some((photo) => photo.side === "after") ? "Another photo" : "Photo after"
        }
        className="lnk min-h-9 text-16"
      />
    </span>
  ) : null;
}

/** The end of a run: what was done, how long it took, and when it comes due again. */
export function Summary({ run, answers }: { run: Run; answers: ReturnType<typeof useAnswers> }) {
  const shown = stepsShown(run).map(({ step }) => step);
  const tasks = shown.filter((step) => !step.putsBack && !step.isChore);
  const done = tasks.filter((step) => step.outcome === "done" || step.outcome === "notClean");
  const left = tasks.filter((step) => !step.outcome || step.outcome === "skipped");
  const taken = shown.reduce((sum, step) => sum + step.takenSeconds, 0);
  const planned = shown
    .filter((step) => step.outcome === "done" || step.outcome === "notClean")
    .reduce((sum, step) => sum + step.plannedSeconds, 0);
  const next = new Map(run.next.map((task) => [task.taskId, task]));
  const slot = useNextSlot(run.vehicleId).data?.slot;
  const log = useLog(run.vehicleId, NO_FILTER).data?.pages[0];
  const written = new Map(
    log?.entries
      .filter((entry) => entry.runId === run.id && !entry.undone)
      .map((entry) => [entry.name, entry]),
  );
  const wet = run.drying.filter((drying) => Date.parse(drying.dryAt) > Date.parse(run.now));
  return (
    <main className="mx-auto flex min-h-dvh max-w-[560px] flex-col px-5 pt-5 pb-6">
      <Mark size={34} />
      <h1 className="mt-4 text-31">{done.length > 0 ? "Done for today" : "Nothing done today"}</h1>
      <p className="mt-2 mb-4 text-17">
        {done.length > 0
          ? `${count(done.length, "task")} in ${Math.max(1, Math.round(taken / 60))} min, ${besidePlan(taken - planned)}.`
          : "No task was finished, so no level has changed."}
      </p>
      <div className="-mx-5 mb-4 empty:hidden">
        <ThingsOut vehicleId={run.vehicleId} />
        <Reminders vehicleId={run.vehicleId} now={run.now} />
      </div>
      {wet.length > 0 && (
        <p className="mb-4 text-17">
          Still drying:{" "}
          {wet.map((drying, at) => (
            <span key={drying.taskId}>
              {at > 0 && ", "}
              <b>{drying.what.toLowerCase()}</b> until {clockOrDay(drying.dryAt, run.now)}
            </span>
          ))}
          .
        </p>
      )}
      <NotTaken answers={answers} />
      <WaitingLine waiting={answers.waiting} />
      {answers.waiting && (
        <p className="mb-3 text-16 text-soft">
          When each comes due again is worked out once they have arrived.
        </p>
      )}
      <ul className="text-17">
        {done.map((step) => {
          const due = next.get(step.taskId);
          return (
            <li
              key={step.taskId}
              className="flex items-baseline justify-between gap-4 border-t border-hairline py-2"
            >
              <span>
                {step.name}
                {step.outcome === "notClean" && (
                  <span className="block text-16 text-brass">
                    {OUTCOMES.notClean}: comes back sooner
                  </span>
                )}
                <PhotoAfter entry={written.get(step.name)} vehicleId={run.vehicleId} />
              </span>
              <span className="flex-none text-right">
                {due?.dueDate && <b className="block font-semibold">{shortDay(due.dueDate)}</b>}
                <span className="text-16 text-soft">{due ? daysSaid(due.daysLeft) : ""}</span>
              </span>
            </li>
          );
        })}
        {left.map((step) => (
          <li
            key={step.taskId}
            className="flex justify-between gap-4 border-t border-hairline py-2 text-soft"
          >
            <span>{step.name}</span>
            <span>{OUTCOMES.skipped}</span>
          </li>
        ))}
      </ul>
      {left.length > 0 && slot && (
        <p className="mt-3 text-17">
          What was left out goes into your next slot as far as it fits:{" "}
          <b>
            {shortDay(slot.day)}, {slot.minutes} min
          </b>
          .
        </p>
      )}
      <Laundry run={run} />
      <div className="mt-auto grid gap-2.5 pt-6">
        <Link className="act min-h-[74px] !text-[22px]" to={`/cars/${run.vehicleId}/cabin`}>
          See the cabin
        </Link>
        <div className="grid grid-cols-2 gap-2.5">
          <Link className="act2 min-h-[54px] text-17" to={`/cars/${run.vehicleId}/log`}>
            Log and photos
          </Link>
          <Link className="act2 min-h-[54px] text-17" to={`/cars/${run.vehicleId}/today`}>
            Back to today
          </Link>
        </div>
      </div>
    </main>
  );
}

import { Link } from "react-router";
import { count, daysSaid } from "../shared/format";
import type { Found } from "./found";

/** What a walk round brought: levels before and after, new dates, and what was learnt. */
export function Findings({ vehicleId, found }: { vehicleId: string; found: Found[] }) {
  return (
    <main className="mx-auto w-full max-w-[640px] flex-1 px-5 pt-6 pb-8">
      <h1 className="text-31">{found.length > 0 ? "Checks saved" : "Nothing checked"}</h1>
      <p className="mt-2 mb-5 text-17 text-soft">
        {found.length > 0
          ? `${count(found.length, "look")} corrected the levels. Each stands in the log, where you can undo it.`
          : "Nothing was checked, so nothing has changed."}
      </p>
      <ul>
        {found.flatMap(({ look, result, said }) =>
          said.tasks.map((task) => (
            <li key={said.entryId + task.taskId} className="border-t border-hairline py-3 text-16">
              <div className="flex items-baseline justify-between gap-4">
                <b className="font-semibold">
                  {look.surface}: {task.name.charAt(0).toLowerCase() + task.name.slice(1)}
                </b>
                <b
                  className={`whitespace-nowrap ${(task.daysLeft ?? 0) < 0 ? "over" : "font-semibold"}`}
                >
                  {daysSaid(task.daysLeft)}
                </b>
              </div>
              <p className="text-soft">
                {look.inspection.results.find((known) => known.id === result)?.words}. Level{" "}
                {task.before.toFixed(2)} was expected, {task.after.toFixed(2)} it is.
              </p>
              <p className="note !text-[15px]">{task.learnt}</p>
            </li>
          )),
        )}
      </ul>
      <div className="mt-6 grid gap-3 desk:grid-cols-2">
        <Link to={`/cars/${vehicleId}/today`} className="act min-h-[54px]">
          See today's session
        </Link>
        <Link to={`/cars/${vehicleId}/cabin`} className="act2 min-h-[54px]">
          Back to the chart
        </Link>
      </div>
    </main>
  );
}

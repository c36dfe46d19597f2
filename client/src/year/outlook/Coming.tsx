import type { ReactNode } from "react";
import { Link } from "react-router";
import { useComingUp } from "../../api/routine";
import { shortDay } from "../../shared/format";

/** What the year brings beside its sessions: coats that fade, bottles that run out, what the seasons ask for. */
export function Coming({ vehicleId }: { vehicleId: string }) {
  const coming = useComingUp(vehicleId);
  if (coming.isError) {
    return (
      <p role="alert" className="px-4 text-14 text-coral desk:px-[26px]">
        {coming.error.message}
      </p>
    );
  }
  if (!coming.data) {
    return null;
  }
  const { coats, runOuts, turns } = coming.data;
  return (
    <section
      aria-label="Coming up"
      className="grid gap-x-8 gap-y-5 border-t border-hairline px-4 py-4 desk:grid-cols-3 desk:px-[26px] print:grid-cols-3"
    >
      <Part title="Protection" none="No protectant is on this car now.">
        {coats.map((coat) => (
          <li key={coat.name} className="border-b border-hairline py-1.5">
            <span className="flex justify-between gap-3">
              <span>{coat.name}</span>
              <b className="font-semibold">{Math.round(coat.left * 100)} % left</b>
            </span>
            <span className="mt-1 block h-1.5 border border-ink" aria-hidden="true">
              <span
                className="block h-full bg-t4"
                style={{ width: `${Math.round(coat.left * 100)}%` }}
              />
            </span>
            <span className="text-13 text-soft">
              faded {shortDay(coat.fades)}
              {coat.next ? `, next coat ${shortDay(coat.next)}` : ", no next coat planned"}
            </span>
          </li>
        ))}
      </Part>
      <Part title="Running out" none="Nothing runs out in this year.">
        {runOuts.map((out) => (
          <li key={out.productId} className="border-b border-hairline py-1.5">
            <span className="flex justify-between gap-3">
              <Link
                className="hover:underline"
                to={`/cars/${vehicleId}/shelf?product=${out.productId}`}
              >
                {out.name}
              </Link>
              <b className="font-semibold whitespace-nowrap">{shortDay(out.day)}</b>
            </span>
            <span className="text-13 text-soft">buy by {shortDay(out.buy)}</span>
          </li>
        ))}
      </Part>
      <Part title="Seasons" none="Say under Car in which months there is salt or sun cream.">
        {turns.map((turn) => (
          <li key={turn.day + turn.name} className="border-b border-hairline py-1.5">
            <span className="flex justify-between gap-3">
              <span>{turn.name}</span>
              <b className="font-semibold whitespace-nowrap">{shortDay(turn.day)}</b>
            </span>
            <ul className="text-13">
              {turn.tasks.map((task) => (
                <li key={task.name} className="mt-0.5">
                  {task.name}: <span className="text-soft">{task.reason}</span>
                </li>
              ))}
            </ul>
          </li>
        ))}
      </Part>
    </section>
  );
}

function Part({ title, none, children }: { title: string; none: string; children: ReactNode[] }) {
  return (
    <div className="min-w-0">
      <h3 className="mb-1 text-20">{title}</h3>
      {children.length === 0 ? (
        <p className="text-14 text-soft">{none}</p>
      ) : (
        <ul className="text-14">{children}</ul>
      )}
    </div>
  );
}

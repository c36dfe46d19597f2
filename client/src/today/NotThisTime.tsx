import { Link } from "react-router";
import type { Place, Today } from "../api/client";
import { clockOrDay, daysSaid, minutes } from "../shared/format";
import { useSayPlace } from "../shared/useSayPlace";

type Held = Today["notThisTime"][number];

/** What the session leaves, each with its reason and the shortest way out. */
export function NotThisTime({ today }: { today: Today }) {
  const held = today.notThisTime.filter((one) => one.reason !== "notDue");
  const notDue = today.notThisTime.filter((one) => one.reason === "notDue");
  if (held.length + notDue.length + today.later.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="not-this-time" className="mt-4">
      <h2 id="not-this-time" className="text-20">
        Not this time
      </h2>
      <ul className="mt-1 text-13">
        {held.map((one) => (
          <Row
            key={`${one.taskId} ${one.reason} ${one.part}`}
            name={named(one)}
            minutes={one.minutes}
          >
            {one.why} <WayOut today={today} held={one} />
          </Row>
        ))}
        {today.later.map((task) => (
          <Row key={`${task.taskId} later`} name={named(task)}>
            {task.comesInAt === null
              ? "It does not fit into two hours with the rest."
              : `It comes in at ${task.comesInAt} minutes.`}{" "}
            <span className={(task.daysLeft ?? 1) < 0 ? "over font-semibold" : ""}>
              {daysSaid(task.daysLeft)}
            </span>
          </Row>
        ))}
      </ul>
      {notDue.length > 0 && (
        <details className="mt-1 border-t border-hairline pt-1 text-13">
          <summary className="lnk min-h-6 cursor-pointer">
            {notDue.length} more, not due yet
          </summary>
          <ul>
            {notDue.map((one) => (
              <li
                key={`${one.taskId} ${one.part}`}
                className="flex justify-between gap-4 border-t border-hairline py-0.5"
              >
                <span>{named(one)}</span>
                <span className="flex-none text-soft">{daysSaid(one.daysLeft)}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

type RowProps = { name: string; minutes?: number; children: React.ReactNode };

function Row({ name, minutes: takes, children }: RowProps) {
  return (
    <li className="border-t border-hairline py-1">
      <p className="flex justify-between gap-4 text-14">
        <b className="font-semibold">{name}</b>
        {takes !== undefined && <span className="flex-none text-soft">{minutes(takes)} min</span>}
      </p>
      <p>{children}</p>
    </li>
  );
}

function named(one: { shortName: string; part: string }): string {
  return one.part ? `${one.shortName}: ${one.part.toLowerCase()}` : one.shortName;
}

function WayOut({ today, held }: { today: Today; held: Held }) {
  const say = useSayPlace(today.vehicle.id);
  if (held.stand) {
    const standing = held.stand;
    return (
      <button
        type="button"
        className="lnk min-h-6"
        disabled={say.isPending}
        onClick={() => say.mutate({ ...(today.place as Place), standing })}
      >
        {standing === "untilTomorrow"
          ? "It may stand until tomorrow"
          : "It may stand until evening"}
      </button>
    );
  }
  if (held.reason === "spot") {
    return null;
  }
  if (held.buy) {
    return (
      <Link className="lnk" to={`/cars/${today.vehicle.id}/shelf/stock`}>
        {held.wayOut}
      </Link>
    );
  }
  return (
    <>
      {held.wayOut} {held.from && `That is about ${clockOrDay(held.from, today.now)}.`}
    </>
  );
}

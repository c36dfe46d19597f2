import { Link } from "react-router";
import type { Place, Today } from "../api/client";
import { DidThis } from "../log/DidThis";
import { clockOrDay, daysSaid, minutes } from "../shared/format";
import { useSayPlace } from "../shared/useSayPlace";
import { type Ask, settled, withTask } from "./ask";
import { NeverInSlot } from "./NeverInSlot";

type Held = Today["notThisTime"][number];

type Props = {
  today: Today;
  ask: Ask;
  onAsk: (ask: Ask) => void;
  /** The slot of today; undefined on other days. */
  slotId: string | undefined;
};

/** What the session leaves, each with its reason, the shortest way out, and where nobody is harmed by it a way to do it all the same. */
export function NotThisTime({ today, ask, onAsk, slotId }: Props) {
  const add = (taskId: string) => () => onAsk(withTask(ask, taskId));
  const held = today.notThisTime.filter((one) => one.reason !== "notDue");
  const notDue = today.notThisTime.filter((one) => one.reason === "notDue");
  if (held.length + notDue.length + today.later.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="not-this-time" className="mt-4 wide:mt-0">
      <div className="flex items-baseline justify-between gap-3">
        <h2 id="not-this-time" className="text-20">
          Not this time
        </h2>
        <DidThis vehicleId={today.vehicle.id} className="lnk min-h-6 text-13 max-desk:min-h-11" />
      </div>
      <ul className="mt-1 text-13">
        {held.map((one) => (
          <Row
            key={`${one.taskId} ${one.reason} ${one.part}`}
            name={named(one)}
            minutes={one.minutes}
          >
            <Over over={one.overMark} daysLeft={one.daysLeft} />
            {one.why}{" "}
            {one.reason === "leftOut" ? (
              <>
                <Add
                  label="Put back"
                  name={one.name}
                  onClick={() => onAsk(settled(ask, one.taskId))}
                />{" "}
                {slotId && <NeverInSlot vehicleId={today.vehicle.id} slotId={slotId} task={one} />}
              </>
            ) : (
              <>
                <WayOut today={today} held={one} />{" "}
                {one.mayBeKept && (
                  <Add label="Do it anyway" name={one.name} onClick={add(one.taskId)} />
                )}
              </>
            )}
          </Row>
        ))}
        {today.later.map((task) => (
          <Row key={`${task.taskId} later`} name={named(task)}>
            {task.comesInAt === null
              ? "It does not fit into two hours with the rest."
              : `It comes in at ${task.comesInAt} minutes.`}{" "}
            <Over over={task.overMark} daysLeft={task.daysLeft} />
            <Add label="Add" name={task.name} onClick={add(task.taskId)} />
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
                <span className="flex-none text-soft">
                  {daysSaid(one.daysLeft)}{" "}
                  <Add label="Add" name={one.name} onClick={add(one.taskId)} />
                </span>
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

function Over({ over, daysLeft }: { over: boolean; daysLeft: number | null }) {
  return over ? <b className="over">{daysSaid(daysLeft)}. </b> : null;
}

function Add({ label, name, onClick }: { label: string; name: string; onClick: () => void }) {
  return (
    <button
      type="button"
      className="lnk min-h-6 max-desk:min-h-11"
      aria-label={`${label}: ${name}`}
      onClick={onClick}
    >
      {label}
    </button>
  );
}

function named(one: { shortName: string; part: string }): string {
  const part = one.part.toLowerCase();
  return part && part !== one.shortName.toLowerCase() ? `${one.shortName}: ${part}` : one.shortName;
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

import { lazy, Suspense } from "react";
import { Link } from "react-router";
import type { Schemas, Today } from "../api/client";
import { hours, shortDay } from "../shared/format";
import { inUnits } from "../shared/units";

const RoutineOffer = lazy(async () => ({
  default: (await import("../year/RoutineOffer")).RoutineOffer,
}));

type Props = { today: Today; next: Schemas["NextSlotView"] | undefined; onSlot: () => void };

/** When the next session is, by the owner's routine, and what it will hold. */
export function NextSlot({ today, next, onSlot }: Props) {
  if (!next?.slot) {
    return next?.offered ? (
      <Suspense fallback={null}>
        <RoutineOffer vehicleId={today.vehicle.id} />
      </Suspense>
    ) : null;
  }
  const { slot } = next;
  const tasks = slot.tasks.map((task) => task.shortName.toLowerCase()).join(", ");
  return (
    <p className="border-b border-hairline px-4 py-2 text-14 desk:px-[26px]">
      <b className="font-semibold">
        {next.isToday
          ? "Your slot is today"
          : `Your next slot is ${next.isTomorrow ? "tomorrow" : shortDay(slot.day)}`}
      </b>
      , {hours(slot.time)}, {slot.minutes} min
      {next.isToday && today.ofSlot
        ? ". Below is what your routine put into it."
        : tasks
          ? `: ${tasks}.`
          : ", with nothing due."}{" "}
      {next.isToday && !today.ofSlot && (
        <button type="button" className="lnk mr-3" onClick={onSlot}>
          Back to the slot
        </button>
      )}
      {next.mixtures.length > 0 && (
        <span className="font-semibold">To mix for it: {inUnits(next.mixtures.join(" "))} </span>
      )}
      <Link className="lnk" to={`/cars/${today.vehicle.id}/year`}>
        See the year
      </Link>
    </p>
  );
}

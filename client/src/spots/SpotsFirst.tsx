import { Link } from "react-router";
import type { Closure, Spot } from "../api/client";
import { useSpots } from "../api/queries";
import { clockOrDay, minutes } from "../shared/format";
import { aroundOf, groupsOf, placesOf } from "./closures";
import { useAnswerSpot, useClosing } from "./useAnswerSpot";

const ROW =
  "flex flex-wrap items-center gap-x-5 gap-y-2 border-hairline px-4 py-2.5 not-first:border-t desk:px-[26px]";

/** What comes before anything else: fresh spots, spots to look at again, and surfaces that are closed. */
export function SpotsFirst({ vehicleId }: { vehicleId: string }) {
  const spots = useSpots(vehicleId);
  if (!spots.data || spots.data.spots.length + spots.data.closures.length === 0) {
    return null;
  }
  return (
    <section
      aria-label="Before anything else"
      className="no-print border-b-[1.5px] border-ink bg-coral-wash"
    >
      {spots.data.spots.map((spot) => (
        <SpotRow
          key={spot.event + spot.surfaceId}
          vehicleId={vehicleId}
          spot={spot}
          now={spots.data.now}
        />
      ))}
      {groupsOf(spots.data.closures).map((group) => (
        <ClosedRow key={group[0]?.surfaceId} vehicleId={vehicleId} group={group} />
      ))}
    </section>
  );
}

function SpotRow({ vehicleId, spot, now }: { vehicleId: string; spot: Spot; now: string }) {
  const answer = useAnswerSpot(vehicleId);
  const lookNow = spot.lookFrom !== null && spot.lookFrom <= now;
  return (
    <div className={ROW}>
      <div className="min-w-0 flex-1 basis-[300px]">
        <h2 className="text-17">
          {spot.surfaceName}: {spot.name.toLowerCase()}
        </h2>
        <p className="text-14 max-desk:text-16">
          {spot.outcome === null
            ? `${spot.first}. It takes ${minutes(spot.takes)} minutes and comes before anything else.`
            : lookNow
              ? `It should be dry. ${spot.lookAgain}`
              : `Look again when it is dry, at ${clockOrDay(spot.lookFrom ?? now, now)}.`}
        </p>
        {answer.isError && (
          <p role="alert" className="text-coral">
            {answer.error.message}
          </p>
        )}
      </div>
      {spot.outcome === null ? (
        <Link className="act" to={`/cars/${vehicleId}/spots/${spot.surfaceId}/${spot.event}`}>
          Start first aid
        </Link>
      ) : (
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            className="act2 bg-paper"
            disabled={answer.isPending}
            onClick={() => answer.mutate({ spot, outcome: "gone" })}
          >
            It is gone
          </button>
          <button
            type="button"
            className="act2 bg-paper"
            disabled={answer.isPending}
            onClick={() => answer.mutate({ spot, outcome: "stays" })}
          >
            It stays
          </button>
          <Link
            className="lnk inline-flex min-h-11 items-center px-1"
            to={`/cars/${vehicleId}/spots/${spot.surfaceId}/${spot.event}`}
          >
            Once more
          </Link>
        </div>
      )}
    </div>
  );
}

function ClosedRow({ vehicleId, group }: { vehicleId: string; group: Closure[] }) {
  const closing = useClosing(vehicleId);
  const closure = group[0] as Closure;
  const around = aroundOf(group);
  return (
    <div className={ROW}>
      <div className="min-w-0 flex-1 basis-[300px]">
        <h2 className="text-17">{placesOf(group)}: closed to routine work</h2>
        <p className="text-14 max-desk:text-16">
          {[closure.why, closure.first && `${closure.first}.`, closure.who]
            .filter(Boolean)
            .join(" ")}
          {around.length > 0 &&
            ` ${around.length} more beside it ${around.length === 1 ? "is" : "are"} closed too.`}
        </p>
        {closure.never && (
          <p className="text-14 font-semibold text-coral max-desk:text-16">{closure.never}</p>
        )}
        {closing.isError && (
          <p role="alert" className="text-coral">
            {closing.error.message}
          </p>
        )}
      </div>
      <div className="flex flex-wrap gap-2">
        {closure.meanwhile.length > 0 && (
          <Link className="act" to={`/cars/${vehicleId}/spots/${closure.surfaceId}/closed`}>
            What to do now
          </Link>
        )}
        <button
          type="button"
          className="act2 bg-paper"
          disabled={closing.isPending}
          onClick={() =>
            closing.mutate({ surfaceIds: group.map((closed) => closed.surfaceId), state: "open" })
          }
        >
          It was dealt with: open it
        </button>
      </div>
    </div>
  );
}

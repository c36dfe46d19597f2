import { Link, useNavigate, useParams } from "react-router";
import type { Closure, Spot } from "../api/client";
import { useSpots } from "../api/queries";
import { Caution } from "../shared/Caution";
import { minutes } from "../shared/format";
import { Empty, Failed, Loading } from "../shared/States";
import { VerdictMark } from "../shared/Verdict";
import { ClosedPage } from "./ClosedPage";
import { groupsOf } from "./closures";
import { SpotDrawing } from "./SpotDrawing";
import { useAnswerSpot } from "./useAnswerSpot";

const MINUTE_MS = 60_000;

/** First aid for one spot, at arm's length. */
export function SpotPage() {
  const { vehicleId = "", surfaceId, event } = useParams();
  const spots = useSpots(vehicleId);
  if (spots.isError) {
    return <Failed error={spots.error} again={() => spots.refetch()} />;
  }
  if (!spots.data) {
    return <Loading what="Looking up first aid" />;
  }
  const spot = spots.data.spots.find(
    (known) => known.surfaceId === surfaceId && known.event === event,
  );
  const closures = spots.data.closures.filter((known) => known.surfaceId === surfaceId);
  return spot ? (
    <FirstAid
      key={spot.surfaceId}
      vehicleId={vehicleId}
      spot={spot}
      next={spots.data.spots.find(
        (other) =>
          other !== spot && other.event === spot.event && other.at === spot.at && !other.outcome,
      )}
      now={spots.data.now}
    />
  ) : closures[0] ? (
    <ClosedPage
      vehicleId={vehicleId}
      group={
        groupsOf(spots.data.closures).find((group) => group.includes(closures[0] as Closure)) ??
        closures
      }
    />
  ) : (
    <Empty title="Nothing open here">
      <p>This spot was seen to, or its surface is closed to routine work.</p>
      <p className="mt-6">
        <Link className="act2 text-ink" to={`/cars/${vehicleId}/today`}>
          Back to today
        </Link>
      </p>
    </Empty>
  );
}

type FirstAidProps = { vehicleId: string; spot: Spot; next: Spot | undefined; now: string };

function FirstAid({ vehicleId, spot, next, now }: FirstAidProps) {
  const navigate = useNavigate();
  const answer = useAnswerSpot(vehicleId);
  const ago = Math.max(0, Math.round((Date.parse(now) - Date.parse(spot.at)) / MINUTE_MS));
  return (
    <main className="mx-auto flex min-h-dvh w-full max-w-[560px] flex-col px-5 pt-5 pb-6">
      <p className="flex justify-between gap-4 text-16">
        <b>First aid</b>
        <span>{since(ago)}</span>
      </p>
      <h1 className="mt-1 text-31">
        {spot.name}
        <span className="block text-19 font-normal text-soft">
          {spot.surfaceName}, {spot.material.toLowerCase()}
        </span>
      </h1>
      <div className="mt-3">
        <SpotDrawing spot={spot} />
      </div>
      <p className="mt-2 flex justify-between gap-4 text-16 font-semibold">
        <span className="inline-flex items-center gap-2 text-kelp">
          <VerdictMark verdict="good" /> {spot.first}
        </span>
        <span className="inline-flex items-center gap-2 text-right text-coral">
          <VerdictMark verdict="keepOff" /> {spot.never}
        </span>
      </p>
      <div className="mt-3 grid gap-2">
        {spot.cautions.map((caution) => (
          <Caution key={caution} large>
            {caution}
          </Caution>
        ))}
      </div>
      <ol className="mt-3 text-17">
        {spot.steps.map((step, at) => (
          <li
            key={step.text}
            className="grid grid-cols-[26px_minmax(0,1fr)_64px] gap-x-1 border-t border-hairline py-2"
          >
            <b>{at + 1}</b>
            <span>
              {step.text}
              {step.usesCleaner && spot.cleaner && (
                <b className="block font-semibold">
                  {spot.cleaner.name}
                  {spot.cleaner.strength.startsWith("Neat") ? "" : `, ${spot.cleaner.strength}`}
                </b>
              )}
            </span>
            <span className="text-right text-soft">{minutes(step.minutes)} min</span>
          </li>
        ))}
        <li className="grid grid-cols-[26px_minmax(0,1fr)_64px] gap-x-1 border-y border-hairline bg-t1 py-2">
          <span />
          <span>Leave it to dry, doors open</span>
          <span className="text-right text-soft">
            {spot.dryingMinutes > 600 ? "a day" : `${minutes(spot.dryingMinutes)} min`}
          </span>
        </li>
      </ol>
      <ul className="mt-3 grid gap-1.5 text-16">
        {spot.cleaner && (
          <li className="flex gap-2">
            <VerdictMark verdict={spot.cleaner.verdict} />
            <span>
              <b>{spot.cleaner.name}:</b> {[spot.cleaner.why, ...spot.cleaner.cautions].join(" ")}
            </span>
          </li>
        )}
        {spot.keepOff && (
          <li className="flex gap-2 text-coral">
            <VerdictMark verdict="keepOff" />
            <span>
              <b>Not {spot.keepOff.name}:</b> {spot.keepOff.why}
            </span>
          </li>
        )}
      </ul>
      <p className="mt-3 text-16 text-soft">When it is dry: {spot.lookAgain}</p>
      {answer.isError && (
        <p role="alert" className="mt-3 text-coral">
          {answer.error.message}
        </p>
      )}
      <div className="mt-auto grid gap-2.5 pt-6">
        <button
          type="button"
          className="act min-h-[74px] !text-[22px]"
          disabled={answer.isPending}
          onClick={() =>
            answer.mutate(
              { spot, outcome: "lookAgain" },
              {
                onSuccess: () =>
                  navigate(
                    next
                      ? `/cars/${vehicleId}/spots/${next.surfaceId}/${next.event}`
                      : `/cars/${vehicleId}/today`,
                  ),
              },
            )
          }
        >
          {next ? `Done, next: ${next.surfaceName.toLowerCase()}` : "Done, look again when dry"}
        </button>
        <Link className="act2 min-h-[54px] text-17" to={`/cars/${vehicleId}/today`}>
          Later
        </Link>
      </div>
    </main>
  );
}

function since(ago: number): string {
  return ago < 1
    ? "just now"
    : ago < 90
      ? `${ago} min ago`
      : ago < 36 * 60
        ? `${Math.round(ago / 60)} hours ago`
        : `${Math.round(ago / 1440)} days ago`;
}

import { useState } from "react";
import { Link, useParams } from "react-router";
import { useWalkRound } from "../api/car";
import { count } from "../shared/format";
import { InspectionDrawing } from "../shared/InspectionDrawing";
import { LostServer } from "../shared/Shell";
import { Empty, Failed, Loading } from "../shared/States";
import { useShortcuts } from "../shared/shortcuts";
import { Findings } from "./Findings";
import type { Found, Look } from "./found";
import { ResultButtons } from "./ResultButtons";
import { useLook } from "./useLook";

/** A walk round the car: a few quick looks that tell most, one tap each. */
export function LookPage() {
  const { vehicleId = "" } = useParams();
  const round = useWalkRound(vehicleId);
  if (round.isError) {
    return (
      <main className="flex min-h-dvh">
        <Failed error={round.error} again={() => round.refetch()} />
      </main>
    );
  }
  if (!round.data) {
    return (
      <main className="flex min-h-dvh">
        <Loading what="Loading" />
      </main>
    );
  }
  return (
    <div className="flex min-h-dvh flex-col">
      <LostServer />
      <Round vehicleId={vehicleId} looks={round.data.looks} seconds={round.data.seconds} />
    </div>
  );
}

type RoundProps = { vehicleId: string; looks: Look[]; seconds: number };

function Round({ vehicleId, looks, seconds }: RoundProps) {
  const [at, setAt] = useState(0);
  const [found, setFound] = useState<Found[]>([]);
  const seen = useLook(vehicleId);
  const look = looks[at];
  const skip = () => setAt(at + 1);
  const tell = (result: string) => {
    if (!look || seen.isPending) {
      return;
    }
    seen.mutate(
      { inspection: look.inspection.id, result, surfaceId: look.surfaceId },
      {
        onSuccess: (said) => {
          setFound((old) => [...old, { look, result, said }]);
          setAt(at + 1);
        },
      },
    );
  };
  useShortcuts([
    ...(look?.inspection.results.map((result, index) => ({
      keys: String(index + 1),
      label: result.words,
      run: () => tell(result.id),
    })) ?? []),
    { keys: "s", label: "Skip this check", run: skip },
  ]);
  if (looks.length === 0) {
    return (
      <main className="flex flex-1 flex-col">
        <Empty title="Nothing to check">
          <p>This car has no surface in care.</p>
        </Empty>
      </main>
    );
  }
  if (!look) {
    return <Findings vehicleId={vehicleId} found={found} />;
  }
  return (
    <main className="mx-auto flex w-full max-w-[560px] flex-1 flex-col px-5 pt-4 pb-5">
      <div className="flex items-baseline justify-between text-16">
        <p>
          <b className="font-semibold">
            Check {at + 1} of {looks.length}
          </b>
          <span className="text-soft">
            {at === 0 && ` · about ${Math.max(1, Math.round(seconds / 60))} min in all`}
          </span>
        </p>
        <Link to={`/cars/${vehicleId}/cabin`} className="lnk min-h-11 py-2">
          Stop
        </Link>
      </div>
      <div
        className="mt-1 mb-4 flex gap-1"
        role="img"
        aria-label={`${at} of ${count(looks.length, "check")} made`}
      >
        {looks.map((look, index) => (
          <span
            key={look.surfaceId}
            className={`h-2 flex-1 border border-ink ${index < at ? "bg-ink" : index === at ? "bg-t3" : ""}`}
          />
        ))}
      </div>
      <p className="text-17 text-soft">{look.zone}</p>
      <h1 className="mt-0.5 text-31">{look.surface}</h1>
      <div className="mt-2">
        <div className="grid place-items-center py-2">
          <InspectionDrawing id={look.inspection.id} width={230} />
        </div>
        <p className="text-17 leading-[1.3]">
          <b className="font-semibold">{look.inspection.name}.</b> {look.inspection.how}
        </p>
      </div>
      <p className="note mt-3 mb-4 !text-17">decides: {lower(look.decides)}</p>
      <div className="mt-auto">
        {seen.error && (
          <p role="alert" className="mb-3 text-17 text-coral">
            {seen.error.message}
          </p>
        )}
        <ResultButtons inspection={look.inspection} busy={seen.isPending} onSeen={tell} large />
        <button
          type="button"
          className="mt-2 min-h-[54px] w-full text-17 font-semibold"
          onClick={skip}
        >
          Skip this check
        </button>
      </div>
    </main>
  );
}

function lower(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

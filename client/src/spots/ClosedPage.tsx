import { Link } from "react-router";
import type { Closure } from "../api/client";
import { Caution } from "../shared/Caution";
import { VerdictMark } from "../shared/Verdict";
import { aroundOf, placesOf } from "./closures";

/** What hurts people is not first aid: what to do at once, what never, who deals with it, and what is closed. */
export function ClosedPage({ vehicleId, group }: { vehicleId: string; group: Closure[] }) {
  const closure = group[0] as Closure;
  const around = aroundOf(group);
  return (
    <main className="mx-auto flex min-h-dvh w-full max-w-[560px] flex-col px-5 pt-5 pb-6">
      <p className="text-16">
        <b>{closure.kind ? closure.why.replace(/\.$/, "") : "With a professional"}</b>
      </p>
      <h1 className="mt-1 text-31">
        {closure.first || "With a professional"}
        <span className="block text-19 font-normal text-soft">{placesOf(group)}</span>
      </h1>
      {closure.never && (
        <p className="mt-3 flex items-start gap-2 border-[1.5px] border-coral bg-coral-wash px-3 py-2.5 text-19 font-semibold text-coral">
          <VerdictMark verdict="keepOff" /> <span>{closure.never}</span>
        </p>
      )}
      <div className="mt-3 grid gap-2">
        {closure.cautions.map((caution) => (
          <Caution key={caution} large>
            {caution}
          </Caution>
        ))}
      </div>
      {closure.meanwhile.length > 0 && (
        <>
          <h2 className="mt-4 text-19">Until somebody comes</h2>
          <ol className="mt-1 text-17">
            {closure.meanwhile.map((step, at) => (
              <li
                key={step}
                className="grid grid-cols-[26px_minmax(0,1fr)] gap-x-1 border-t border-hairline py-2"
              >
                <b>{at + 1}</b>
                <span>{step}</span>
              </li>
            ))}
          </ol>
        </>
      )}
      <h2 className="mt-4 text-19">Who deals with it</h2>
      <p className="mt-1 text-17">{closure.who}</p>
      <p className="mt-3 mb-4 text-16 text-soft">
        {around.length > 0 && `Closed with it: ${around.join(", ").toLowerCase()}. `}
        Cove plans nothing there until you open it again, on Today.
      </p>
      <Link className="act mt-auto min-h-[74px] !text-[22px]" to={`/cars/${vehicleId}/today`}>
        Back to today
      </Link>
    </main>
  );
}

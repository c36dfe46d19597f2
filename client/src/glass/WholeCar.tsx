import { Link } from "react-router";
import type { Glass } from "../api/client";
import { Caution } from "../shared/Caution";
import { minutes } from "../shared/format";

/** All panes in one go: which kit for which, in which order, and the towels to carry. */
export function WholeCar({ glass }: { glass: Glass }) {
  const { plan } = glass;
  return (
    <section aria-labelledby="whole-car" className="pt-4">
      <h2 id="whole-car" className="text-20">
        All of it in one go
      </h2>
      <p className="mt-1 text-14">{glass.outside}</p>
      {plan.panes.length === 0 ? (
        <p className="mt-2 text-14 text-soft">Nothing to be done today.</p>
      ) : (
        <>
          <ol className="mt-2">
            {plan.panes.map((kit, index) => (
              <li
                key={kit.methodName}
                className="grid grid-cols-[22px_1fr] border-t border-hairline py-1.5 text-14"
              >
                <b className="font-semibold">{index + 1}</b>
                <span>
                  <b className="font-semibold">{kit.methodName}</b>
                  <span className="block text-13 text-soft">{kit.panes.join(", ")}</span>
                </span>
              </li>
            ))}
          </ol>
          <p className="border-t border-hairline pt-1.5 text-14">
            About <b className="font-semibold">{minutes(plan.minutes)} minutes</b>. Carry{" "}
            {plan.towels.map((towel) => towel.words).join("; ")}.
          </p>
          <p className="no-print pb-2">
            <Link className="lnk text-14" to={`/cars/${glass.vehicle.id}/today?only=glass`}>
              Do only the glass today
            </Link>
          </p>
        </>
      )}
      <p className="mt-1 mb-3 text-13 text-soft">
        Lower the side panes a little for their top edge, then raise them and do the rest.
      </p>
      <Caution>Never drive off before the windscreen is dry and clear.</Caution>
    </section>
  );
}

import { Link } from "react-router";
import type { PlannedStep, Today } from "../api/client";
import { Caution } from "../shared/Caution";
import { clockAfter, count, dayOnPaper, minutes } from "../shared/format";
import { Mark } from "../shared/icons";
import { UsedProducts } from "../shared/UsedProducts";
import { inUnits } from "../shared/units";

type Props = { today: Today; back: string };

/** The session on paper: what to get out and mix, then a box to tick for each step, with its product, strength, amount and caution. */
export function SessionPaper({ today, back }: Props) {
  const mixed = today.mixtures.filter((mixture) => mixture.isMixed);
  return (
    <main className="flex-1 bg-deep print:bg-transparent">
      <p className="no-print flex flex-wrap items-center gap-5 px-4 py-3 desk:px-[26px]">
        <button type="button" className="act" onClick={() => window.print()}>
          Print
        </button>
        <Link className="lnk" to={back}>
          Back to today
        </Link>
        <span className="text-14 text-soft">
          Ticks on paper are not in the log: enter them afterwards with “I did this”.
        </span>
      </p>
      <article className="sheet">
        <header className="flex items-stretch border border-ink text-13 max-desk:flex-wrap print:flex-nowrap">
          <div className="flex items-center gap-2 border-r border-ink px-4 py-2">
            <Mark size={30} />
            <h1 className="text-26 whitespace-nowrap">Session</h1>
          </div>
          {[
            ["Vehicle", today.vehicle.name],
            ["Planned", dayOnPaper(today.now)],
            ["Takes", `${Math.ceil(today.lengthMinutes - 0.01)} min`],
            ["Order", today.order],
          ].map(([label, value]) => (
            <dl key={label} className="border-r border-hairline px-3 py-2 last:border-r-0">
              <dt className="cap">{label}</dt>
              <dd className="font-semibold">{value}</dd>
            </dl>
          ))}
        </header>
        <section className="mt-3 grid gap-x-6 gap-y-2 text-13 desk:grid-cols-2 print:grid-cols-2">
          <div>
            <h2 className="text-17">Get out</h2>
            <ul>
              {today.kits.map((kit) => (
                <li key={kit.name} className="flex gap-2 py-[2px]">
                  <Box />
                  <span>
                    <b className="font-semibold">{kit.name}:</b> {kit.contents}
                  </span>
                </li>
              ))}
              {today.kits.length === 0 && <li>Nothing.</li>}
            </ul>
          </div>
          <div>
            <h2 className="text-17">Mix first</h2>
            <ul>
              {mixed.map((mixture) => (
                <li key={mixture.productId + mixture.strength} className="flex gap-2 py-[2px]">
                  <Box />
                  <span>{inUnits(mixture.sentence)}</span>
                </li>
              ))}
              {mixed.length === 0 && <li>Nothing to mix.</li>}
            </ul>
          </div>
        </section>
        <h2 className="mt-3 text-17">{count(today.steps.length, "step")}</h2>
        <ol className="text-13 leading-[1.3]">
          {today.steps.map((step) => (
            <Line key={step.number} step={step} />
          ))}
        </ol>
        {today.drying.length > 0 && (
          <p className="mt-3 text-13">
            <b className="font-semibold">Drying if you start now:</b>{" "}
            {today.drying
              .map((drying) => `${drying.what} until ${clockAfter(today.now, drying.to)}`)
              .join("; ")}
            .
          </p>
        )}
        <p className="mt-3 border-t border-ink pt-2 text-[12px]">
          Product labels, makers' instructions and local rules come first.
        </p>
      </article>
    </main>
  );
}

function Line({ step }: { step: PlannedStep }) {
  const where = step.surfaces.length > 0 ? step.surfaces : step.zones;
  return (
    <li className="grid break-inside-avoid grid-cols-[22px_24px_minmax(0,1fr)_minmax(0,1.1fr)_44px] gap-x-2 border-t border-hairline py-1.5">
      <Box />
      <span className="text-soft">{step.number}</span>
      <div>
        <b className="font-semibold">{step.name}</b>
        <span className="block text-[12px] text-soft">{where.join(", ")}</span>
      </div>
      <div>
        {step.products.length > 0 ? (
          <UsedProducts products={step.products} />
        ) : (
          <span className="text-soft">{step.kits.join(", ")}</span>
        )}
        {step.cautions.map((caution) => (
          <div key={caution} className="mt-1 text-[12px]">
            <Caution>{caution}</Caution>
          </div>
        ))}
      </div>
      <span className="text-right">{minutes(step.end - step.begin)} min</span>
    </li>
  );
}

/** A box to tick with a pencil. */
function Box() {
  return (
    <span aria-hidden="true" className="mt-[3px] size-[13px] flex-none border-[1.5px] border-ink" />
  );
}

import type { SurfaceTask } from "../api/client";
import { Caution } from "../shared/Caution";
import { UsedProducts } from "../shared/UsedProducts";
import { VerdictWord } from "../shared/Verdict";

/** What the chosen task is done with here, and why that; or what to do for want of something safe. */
export function With({ choice }: { choice: SurfaceTask["choice"] }) {
  if (!choice) {
    return <p className="mt-1.5 mb-2 text-13 text-soft">Done dry: no product.</p>;
  }
  const { best, verdict, why, runnerUp, whyNot, lack } = choice;
  return (
    <section aria-label="What it is done with" className="mt-2 mb-2 text-[13.5px] leading-[1.4]">
      {best && <UsedProducts products={[best]} />}
      {verdict && (
        <p className="mt-1">
          <VerdictWord verdict={verdict} /> <span className="text-soft">{why}</span>
        </p>
      )}
      {best?.cautions.map((caution) => (
        <div key={caution} className="mt-1">
          <Caution>{caution}</Caution>
        </div>
      ))}
      {runnerUp && whyNot && (
        <p className="mt-1 text-soft">
          Next best: {runnerUp}. {whyNot}
        </p>
      )}
      {lack && (
        <p>
          <b className="text-brass">Nothing on the shelf is safe and enough.</b> {lack.meanwhile}
          {lack.test && ` A spot test may clear ${lack.test}.`}
          {lack.buy && ` To buy: ${lack.buy.toLowerCase()}.`}
        </p>
      )}
    </section>
  );
}

import type { Run, RunStep } from "../api/client";
import { Caution } from "../shared/Caution";
import { clockOrDay } from "../shared/format";
import { UsedProducts } from "../shared/UsedProducts";
import { inUnits } from "../shared/units";
import type { Parts } from "./useParts";

type WhatProps = {
  run: Run;
  step: RunStep;
  parts: Parts;
  titleRef?: React.RefObject<HTMLHeadingElement | null>;
};

/** The step by its name, where it is done, and by which method. */
export function What({ run, step, parts, titleRef }: WhatProps) {
  const { part, all } = parts;
  const several = step.methods.length > 1;
  const where = step.zones.length > 3 ? "All round the car" : step.zones.join(", ");
  return (
    <>
      <h1
        ref={titleRef}
        tabIndex={-1}
        className="mt-2 mb-1 text-[28px] leading-[1.06] outline-none desk:text-34"
      >
        {step.name}
      </h1>
      <p className="leading-[1.25]">
        <span className="text-soft">{where}</span>
        {where && all.length > 0 && <span className="text-soft"> · </span>}
        {part && (
          <b className="font-semibold">
            {part.method.method.name}
            {several && part.method.surfaces.length > 0 && ` · ${part.method.surfaces.join(", ")}`}
            {part.method.rounds > 1 && ` · ${part.method.rounds} rounds`}
          </b>
        )}
        {run.rounds > 0 && <b className="text-brass"> · round {run.rounds + 1}</b>}
      </p>
    </>
  );
}

/** What to beware of most, before the hand moves. */
export function CautionFirst({ step }: { step: RunStep }) {
  const [first] = step.cautions;
  return first ? (
    <div className="mt-1.5">
      <Caution large>{first}</Caution>
    </div>
  ) : null;
}

/** What to mix before the first step, and what to get out for this one. */
export function MixAndFetch({ run, step }: { run: Run; step: RunStep }) {
  return (
    <>
      {run.current === 0 && run.mixtures.length > 0 && (
        <section aria-label="Mix first" className="mt-2 border-t border-hairline pt-1.5">
          <b>Mix first:</b>
          <ul>
            {run.mixtures.map((mixture) => (
              <li key={mixture.productId + mixture.strength}>{inUnits(mixture.sentence)}</li>
            ))}
          </ul>
        </section>
      )}
      {step.fetch.length > 0 && (
        <p className="mt-2 border-t border-hairline pt-1.5 leading-[1.25]">
          <b>Get out:</b> {step.fetch.map((kit) => kit.contents.toLowerCase()).join("; ")}.
        </p>
      )}
    </>
  );
}

/** What the step is done with. */
export function Supplies({ step }: { step: RunStep }) {
  return (
    <>
      {step.products.length > 0 && (
        <section
          aria-label="Product"
          className="mt-2 border-t border-hairline pt-1.5 leading-[1.25]"
        >
          <UsedProducts products={step.products} />
        </section>
      )}
      {step.lacks.map((sentence) => (
        <p key={sentence} className="mt-2 border-t border-hairline pt-1.5">
          <b className="text-brass">You have nothing safe for this.</b> {sentence}
        </p>
      ))}
    </>
  );
}

/** The rest of what there is to know, folded: further cautions, how to reach it, how to tell that it is good. */
export function Details({ step, parts }: { step: RunStep; parts: Parts }) {
  const { part } = parts;
  const more = step.cautions.slice(1);
  const good = part?.method.method.good;
  if (!part && more.length === 0) {
    return null;
  }
  return (
    <details className="mt-1 pb-3">
      <summary className="min-h-11 cursor-pointer py-2.5">
        <b className="font-semibold">More</b>
        <span className="text-soft">
          {more.length > 0 && `: ${more.length} more to beware of`}
          {good && `${more.length > 0 ? ", " : ": "}how to tell it is good`}
        </span>
      </summary>
      <div className="grid gap-2">
        {more.map((caution) => (
          <Caution key={caution} large>
            {caution}
          </Caution>
        ))}
        {part?.method.reach && <p>{part.method.reach}</p>}
        {good && (
          <p>
            <b className="text-kelp">Good:</b> {good}
          </p>
        )}
      </div>
    </details>
  );
}

type StillWetProps = { run: Run; step: RunStep; now: number };

/** Says so when it is too early to come back to something: to put it back, or to lay on the second coat. */
export function StillWet({ run, step, now }: StillWetProps) {
  const drying = run.drying.find((known) => known.taskId === step.taskId);
  if (!step.putsBack || !drying || now >= Date.parse(drying.dryAt)) {
    return null;
  }
  return (
    <p className="my-2 border-y border-hairline py-2">
      <b>Not dry yet.</b> Leave the session open and come back at{" "}
      {clockOrDay(drying.dryAt, run.now)}, or do it later.
    </p>
  );
}

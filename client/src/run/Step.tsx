import type { Run, RunStep } from "../api/client";
import { clockOrDay } from "../shared/format";
import { UsedProducts } from "../shared/UsedProducts";
import { Parts } from "./Parts";

type StepProps = { run: Run; step: RunStep; titleRef: React.RefObject<HTMLHeadingElement | null> };

/** The step by its name, where it is done, and how. */
export function WhatToDo({ run, step, titleRef }: StepProps) {
  return (
    <>
      <h1 ref={titleRef} tabIndex={-1} className="mt-3 mb-1.5 text-31 leading-[1.08] outline-none">
        {step.name}
      </h1>
      <p className="mb-2.5 text-soft">
        {step.zones.length > 3 ? "All round the car" : step.zones.join(", ")}
        {run.rounds > 0 && <b className="text-brass"> · round {run.rounds + 1}</b>}
      </p>
      <Parts
        key={`${run.id} ${run.current} ${run.rounds}`}
        id={`${run.id} ${run.current} ${run.rounds}`}
        step={step}
      />
    </>
  );
}

/** What the step is done with, and what to fetch for it. */
export function Supplies({ run, step }: { run: Run; step: RunStep }) {
  return (
    <>
      {run.current === 0 && run.mixtures.length > 0 && (
        <section aria-label="Mix first" className="mt-3 border-t border-hairline pt-2">
          <b>Mix first:</b>
          <ul>
            {run.mixtures.map((mixture) => (
              <li key={mixture.productId + mixture.strength}>{mixture.sentence}</li>
            ))}
          </ul>
        </section>
      )}
      {step.products.length > 0 && (
        <section aria-label="Product" className="mt-3 border-t border-hairline pt-2">
          <UsedProducts products={step.products} />
        </section>
      )}
      {step.lacks.map((sentence) => (
        <p key={sentence} className="mt-2.5 border-t border-hairline pt-2">
          <b className="text-brass">Nothing safe for this on the shelf.</b> {sentence}
        </p>
      ))}
      {step.fetch.length > 0 && (
        <p className="mt-2.5 border-t border-hairline pt-2">
          <b>Fetch first:</b> {step.fetch.map((kit) => kit.contents.toLowerCase()).join("; ")}.
        </p>
      )}
    </>
  );
}

/** Says so when it is too early to come back to something: to put it back, or to lay on the second coat. */
export function StillWet({ run, step, now }: { run: Run; step: RunStep; now: number }) {
  const drying = run.drying.find((known) => known.taskId === step.taskId);
  if (!step.putsBack || !drying || now >= Date.parse(drying.dryAt)) {
    return null;
  }
  return (
    <p className="mb-2 border-y border-hairline py-2">
      <b>Not dry yet.</b> Leave the session open and come back at{" "}
      {clockOrDay(drying.dryAt, run.now)}, or do it later.
    </p>
  );
}

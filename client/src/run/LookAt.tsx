import type { Run } from "../api/client";
import { seconds } from "../shared/format";
import { PartDrawing, PartWords } from "./Parts";
import { CautionFirst, Details, Supplies, What } from "./Step";
import { numberOf, OUTCOMES } from "./steps";
import { useParts } from "./useParts";

type Props = { run: Run; index: number; onBack: () => void };

/** A step that is over or still to come, to look at; the run stands where it is. */
export function LookAt({ run, index, onBack }: Props) {
  const step = run.steps[index];
  const parts = useParts(`${run.id} ${index} look`, step);
  if (!step) {
    return null;
  }
  return (
    <>
      <main className="flex-1 desk:grid desk:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] desk:gap-x-10">
        <div>
          <What run={run} step={step} parts={parts} />
          <CautionFirst step={step} />
          <PartDrawing parts={parts} />
        </div>
        <div className="desk:pt-4">
          <PartWords id={`${run.id} ${index} look`} step={step} parts={parts} timers={false} />
          <Supplies step={step} />
          <Details step={step} parts={parts} />
        </div>
      </main>
      <footer className="sticky bottom-0 -mx-5 border-t border-ink bg-paper px-5 pt-2 pb-4">
        <p className="pb-2">
          Step {numberOf(run, index)}:{" "}
          {step.outcome
            ? `${OUTCOMES[step.outcome] ?? step.outcome}${step.takenSeconds > 0 ? ` in ${seconds(step.takenSeconds)}` : ""}.`
            : "still to come."}
        </p>
        <button type="button" className="act min-h-[60px] w-full !text-[20px]" onClick={onBack}>
          Back to step {numberOf(run, run.current)}
        </button>
      </footer>
    </>
  );
}

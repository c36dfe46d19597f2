import type { Run, RunStep } from "../api/client";
import { seconds } from "../shared/format";
import { StepBar } from "./StepBar";

type Props = { run: Run; step: RunStep | undefined; now: number; onEnd: () => void };

/** Which step it is, what it and the run have taken, and how that stands beside the plan. */
export function TimeTaken({ run, step, now, onEnd }: Props) {
  const stepSeconds = (now - Date.parse(run.stepStartedAt)) / 1000;
  const runSeconds = (now - Date.parse(run.startedAt)) / 1000;
  const answered = run.steps
    .slice(0, run.current)
    .reduce((sum, before) => sum + before.plannedSeconds, 0);
  const behind = runSeconds - answered - Math.min(stepSeconds, step?.plannedSeconds ?? 0);
  return (
    <header>
      <div className="flex items-baseline justify-between">
        <span className="text-19 font-bold">
          {step ? `Step ${run.current + 1} of ${run.steps.length}` : "All steps answered"}
        </span>
        <button type="button" className="min-h-11 px-1" onClick={onEnd}>
          <b>{seconds(runSeconds)}</b> of {run.minutes} min
          <span className="lnk ml-3">End</span>
        </button>
      </div>
      <StepBar run={run} share={step ? stepSeconds / step.plannedSeconds : 0} />
      {step && (
        <p className="mt-1.5 flex justify-between">
          <span>
            This step <b>{seconds(stepSeconds)}</b> of {seconds(step.plannedSeconds)}
          </span>
          <span className="text-soft">
            {behind > run.onTimeSeconds
              ? `${seconds(behind)} behind`
              : behind < -run.onTimeSeconds
                ? `${seconds(-behind)} ahead`
                : "on time"}
          </span>
        </p>
      )}
    </header>
  );
}

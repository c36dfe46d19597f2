import type { Run } from "../api/client";
import { seconds } from "../shared/format";
import { StepBar } from "./StepBar";
import { numberOf, stepsShown } from "./steps";

type Props = {
  run: Run;
  now: number;
  onEnd: () => void;
  onUndo: () => void;
  onLook: (index: number) => void;
};

/** Which step it is, what it and the run have taken, and how that stands beside the plan. */
export function TimeTaken({ run, now, onEnd, onUndo, onLook }: Props) {
  const step = run.steps[run.current];
  const until = run.pausedAt ? Date.parse(run.pausedAt) : now;
  const stepSeconds = Math.max(0, (until - Date.parse(run.stepStartedAt)) / 1000);
  const runSeconds = (until - Date.parse(run.startedAt)) / 1000 - run.pausedSeconds;
  const shown = stepsShown(run);
  const answered = shown
    .filter(({ step, index }) => step.outcome !== null && index < run.current)
    .reduce((sum, before) => sum + before.step.plannedSeconds, 0);
  const behind = runSeconds - answered - Math.min(stepSeconds, step?.plannedSeconds ?? 0);
  return (
    <header>
      <div className="flex items-center justify-between gap-3">
        <span className="text-19 font-bold">
          {step ? `Step ${numberOf(run, run.current)} of ${shown.length}` : "All steps answered"}
        </span>
        <span className="flex items-center gap-4">
          {run.undoable !== null && (
            <button type="button" className="lnk min-h-11" onClick={onUndo}>
              Undo
            </button>
          )}
          <button type="button" className="min-h-11" onClick={onEnd}>
            <b>{seconds(runSeconds)}</b> of {run.minutes} min
            <span className="lnk ml-3">End</span>
          </button>
        </span>
      </div>
      <StepBar run={run} share={step ? stepSeconds / step.plannedSeconds : 0} onLook={onLook} />
      {step && (
        <p className="flex justify-between leading-[1.2]">
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

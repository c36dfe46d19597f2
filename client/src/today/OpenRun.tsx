import { Link } from "react-router";
import { useRun } from "../api/run";
import { stepsShown } from "../run/steps";
import { useAnswers } from "../run/useAnswers";
import { useClock } from "../run/useClock";
import { clock, count, seconds } from "../shared/format";

type Props = { runId: string };

/** A run that is under way, as what it is: where it stands, what is left of it, and the two ways on. */
export function OpenRun({ runId }: Props) {
  const run = useRun(runId);
  return run.data ? <Known known={run.data} /> : null;
}

function Known({ known }: { known: Parameters<typeof useAnswers>[0] }) {
  const answers = useAnswers(known, useClock(known.now));
  const { run } = answers;
  const shown = stepsShown(run);
  const left = shown.filter(({ step }) => step.outcome === null);
  const takes = left.reduce((sum, { step }) => sum + step.plannedSeconds, 0);
  return (
    <section aria-labelledby="open-run" className="mx-auto w-full max-w-2xl px-4 py-6">
      <h2 id="open-run" className="text-26">
        A session is under way
      </h2>
      <p className="mt-1 text-17">
        Begun at {clock(run.startedAt)}. {shown.length - left.length} of{" "}
        {count(shown.length, "step")} answered
        {left.length > 0 && `, ${seconds(takes)} min left`}
        {run.pausedAt && ". It is paused"}.
      </p>
      <div className="mt-4 flex flex-wrap gap-3">
        <Link className="act min-h-[60px]" to={`/runs/${run.id}`}>
          Go on with the session
        </Link>
        <button
          type="button"
          className="act2 min-h-[60px] text-17"
          onClick={() => answers.answer("finished")}
        >
          End it here
        </button>
      </div>
      {left.length > 0 && (
        <>
          <h3 className="mt-5 text-20">What is left</h3>
          <ol className="mt-1 text-16">
            {left.map(({ step, index }) => (
              <li
                key={index}
                className="flex justify-between gap-4 border-t border-hairline py-1.5"
              >
                <span>{step.name}</span>
                <span className="text-soft">{seconds(step.plannedSeconds)}</span>
              </li>
            ))}
          </ol>
        </>
      )}
    </section>
  );
}

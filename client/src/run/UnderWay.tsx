import { useEffect, useRef, useState } from "react";
import type { Run, RunEventKind } from "../api/client";
import { Caution } from "../shared/Caution";
import { LostServer } from "../shared/Shell";
import { useShortcuts } from "../shared/shortcuts";
import { Answers } from "./Answers";
import { Drying } from "./Drying";
import { readyToRing } from "./ring";
import { EndSheet, NotCleanSheet } from "./Sheets";
import { StillWet, Supplies, WhatToDo } from "./Step";
import { Laundry } from "./Summary";
import { TimeTaken } from "./TimeTaken";
import { Towels } from "./Towels";
import { useAnswers } from "./useAnswers";
import { useClock } from "./useClock";

/** A run that is not finished: the present step, or the end when none is left. */
export function UnderWay({ run }: { run: Run }) {
  const now = useClock(run.now);
  const [asking, setAsking] = useState<"notClean" | "end" | null>(null);
  const title = useRef<HTMLHeadingElement>(null);
  const answers = useAnswers(run);
  const { busy, turn } = answers;
  const step = run.steps[run.current];
  const mayBeUnclean = step !== undefined && !step.putsBack && !step.isChore;
  const answer = (kind: RunEventKind) => {
    if (!busy) {
      setAsking(null);
      answers.answer(kind);
    }
  };
  useShortcuts([
    { keys: "d", label: step ? "Done" : "Finish", run: () => answer(step ? "done" : "finished") },
    { keys: "n", label: "Not clean yet", run: () => mayBeUnclean && setAsking("notClean") },
    { keys: "s", label: "Skip this step", run: () => step && answer("skipped") },
    {
      keys: "t",
      label: "Turn the first towel",
      run: () => step?.towels[0] && !busy && turn("faceTurned", step.towels[0].role),
    },
    { keys: "e", label: "End or pause the session", run: () => setAsking("end") },
  ]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the focus follows the step
  useEffect(() => {
    title.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }, [run.current]);

  return (
    <div
      className="mx-auto flex min-h-dvh max-w-[560px] flex-col px-5 pt-3.5 pb-4.5 text-17"
      onPointerDown={readyToRing}
    >
      <LostServer />
      <TimeTaken run={run} step={step} now={now} onEnd={() => setAsking("end")} />
      <main className="flex-1">
        {step ? (
          <>
            <WhatToDo run={run} step={step} titleRef={title} />
            <StillWet run={run} step={step} now={now} />
            {step.towels.length > 0 && (
              <Towels
                towels={step.towels}
                busy={answers.pending}
                onTurn={(role) => turn("faceTurned", role)}
                onRetire={(role) => turn("towelRetired", role)}
              />
            )}
            <Supplies run={run} step={step} />
          </>
        ) : (
          <>
            <h1 ref={title} tabIndex={-1} className="my-4 text-31 outline-none">
              That was the last step
            </h1>
            <p className="mb-3">Finish to see what changed.</p>
            <Laundry run={run} />
          </>
        )}
        {run.drying.length > 0 && (
          <div className="mt-3 border-b border-hairline">
            <Drying run={run} now={now} />
          </div>
        )}
        {step && (
          <div className="grid gap-2 pt-3 pb-4">
            {step.cautions.map((caution) => (
              <Caution key={caution} large>
                {caution}
              </Caution>
            ))}
          </div>
        )}
      </main>
      <Answers
        step={step}
        answers={answers}
        onAnswer={answer}
        onNotClean={mayBeUnclean ? () => setAsking("notClean") : null}
      />
      <NotCleanSheet
        open={asking === "notClean"}
        ladder={step?.methods[0]?.method.ladder ?? []}
        busy={busy}
        onAnswer={answer}
        onClose={() => setAsking(null)}
      />
      <EndSheet
        open={asking === "end"}
        vehicleId={run.vehicleId}
        busy={busy}
        onAnswer={answer}
        onClose={() => setAsking(null)}
      />
    </div>
  );
}

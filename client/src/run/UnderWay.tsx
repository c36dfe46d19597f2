import { useEffect, useRef, useState } from "react";
import type { RunEventKind } from "../api/client";
import { useShortcuts } from "../shared/shortcuts";
import { Answers } from "./Answers";
import { Drying } from "./Drying";
import { LookAt } from "./LookAt";
import { useAloud, useRunOptions } from "./options";
import { PartDrawing, PartWords } from "./Parts";
import { readyToRing } from "./ring";
import { EndSheet, NotCleanSheet } from "./Sheets";
import { CautionFirst, Details, MixAndFetch, StillWet, Supplies, What } from "./Step";
import { Laundry } from "./Summary";
import { TimeTaken } from "./TimeTaken";
import { Towels } from "./Towels";
import type { useAnswers } from "./useAnswers";
import { useParts } from "./useParts";
import { useWakeLock } from "./useWakeLock";

type Props = { answers: ReturnType<typeof useAnswers>; now: number };

/** A run that is not finished: the present step, or the end when none is left. */
export function UnderWay({ answers, now }: Props) {
  const { run, busy, turn } = answers;
  const [asking, setAsking] = useState<"notClean" | "end" | null>(null);
  const [lookingAt, setLookingAt] = useState<number | null>(null);
  const [options, setOptions] = useRunOptions();
  const title = useRef<HTMLHeadingElement>(null);
  const step = run.steps[run.current];
  const id = `${run.id} ${run.current} ${run.rounds}`;
  const parts = useParts(id, step);
  // The towel of the present movement is the one that is looked for.
  const inHandFirst = [...(step?.towels ?? [])].sort(
    (a, b) => Number(b.role === parts.part?.step.towel) - Number(a.role === parts.part?.step.towel),
  );
  const mayBeUnclean = step !== undefined && !step.putsBack && !step.isChore;
  const answer = (kind: RunEventKind) => {
    // The clock may be stopped and set going at any time.
    if (!busy || kind === "paused" || kind === "resumed") {
      setAsking(null);
      answers.answer(kind);
    }
  };
  useWakeLock(run.pausedAt === null);
  useAloud(options.aloud, step, parts.part);
  useShortcuts([
    { keys: "d", label: step ? "Done" : "Finish", run: () => answer(step ? "done" : "finished") },
    { keys: "n", label: "Not clean yet", run: () => mayBeUnclean && setAsking("notClean") },
    { keys: "s", label: "Skip this step", run: () => step && answer("skipped") },
    { keys: "u", label: "Undo the last answer", run: answers.takeBack },
    {
      keys: "p",
      label: run.pausedAt ? "Go on" : "Pause",
      run: () => answer(run.pausedAt ? "resumed" : "paused"),
    },
    {
      keys: "t",
      label: "Turn the first towel",
      run: () => step?.towels[0] && turn("faceTurned", step.towels[0].role),
    },
    { keys: "e", label: "End, pause or change the session", run: () => setAsking("end") },
  ]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the focus follows the step
  useEffect(() => {
    title.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
    setLookingAt(null);
  }, [run.current]);

  return (
    <div
      className="mx-auto flex min-h-dvh max-w-[560px] flex-col px-5 pt-2.5 text-17 desk:max-w-[1080px]"
      onPointerDown={readyToRing}
    >
      <TimeTaken
        run={run}
        now={now}
        onEnd={() => setAsking("end")}
        onUndo={answers.takeBack}
        onLook={(index) => setLookingAt(index === run.current ? null : index)}
      />
      {run.pausedAt && (
        <p className="mt-2 flex items-center justify-between gap-3 border-y border-ink py-2">
          <b>Paused. The clock of the step stands still.</b>
          <button
            type="button"
            className="act2 min-h-11 flex-none"
            onClick={() => answers.answer("resumed")}
          >
            Go on
          </button>
        </p>
      )}
      {lookingAt !== null ? (
        <LookAt run={run} index={lookingAt} onBack={() => setLookingAt(null)} />
      ) : step ? (
        <main className="flex-1 desk:grid desk:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] desk:content-start desk:gap-x-10">
          <div className="desk:row-span-2">
            <What run={run} step={step} parts={parts} titleRef={title} />
            <CautionFirst step={step} />
            <PartDrawing parts={parts} />
          </div>
          <div className="desk:pt-4">
            <StillWet run={run} step={step} now={now} />
            <PartWords id={id} step={step} parts={parts} />
            <MixAndFetch run={run} step={step} />
            <Supplies step={step} />
            <Towels
              towels={inHandFirst}
              onTurn={(role) => turn("faceTurned", role)}
              onSwap={(role) => turn("towelRetired", role)}
            />
            {run.drying.length > 0 && (
              <div className="border-b border-hairline">
                <Drying run={run} now={now} />
              </div>
            )}
            <Details step={step} parts={parts} />
          </div>
        </main>
      ) : (
        <main className="flex-1">
          <h1 ref={title} tabIndex={-1} className="my-4 text-31 outline-none">
            That was the last step
          </h1>
          <p className="mb-3">Finish to see what changed.</p>
          <Laundry run={run} />
          <Drying run={run} now={now} />
        </main>
      )}
      {lookingAt === null && (
        <Answers
          step={step}
          answers={answers}
          large={options.large}
          onAnswer={answer}
          onNotClean={mayBeUnclean ? () => setAsking("notClean") : null}
        />
      )}
      <NotCleanSheet
        open={asking === "notClean"}
        ladder={step?.methods[0]?.method.ladder ?? []}
        busy={busy}
        onAnswer={answer}
        onClose={() => setAsking(null)}
      />
      <EndSheet
        open={asking === "end"}
        run={run}
        options={options}
        onOptions={setOptions}
        busy={busy}
        onAnswer={answer}
        onClose={() => setAsking(null)}
      />
    </div>
  );
}

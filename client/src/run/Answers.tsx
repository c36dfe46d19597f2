import { useEffect, useState } from "react";
import type { Run, RunEventKind, RunStep } from "../api/client";
import { count } from "../shared/format";
import type { HeldBy } from "./offline/outbox";
import { OUTCOMES } from "./steps";
import type { useAnswers } from "./useAnswers";

/** For so long after an answer it can be taken back right where it was given. */
const STRAY_MS = 8000;

type Props = {
  step: RunStep | undefined;
  answers: ReturnType<typeof useAnswers>;
  /** Whether Done takes a large part of the screen, for wet hands. */
  large: boolean;
  onAnswer: (kind: RunEventKind) => void;
  /** Null where the step cannot leave anything unclean. */
  onNotClean: (() => void) | null;
};

/** The buttons under a step, and whether what was answered has arrived. */
export function Answers({ step, answers, large, onAnswer, onNotClean }: Props) {
  const { run, busy, waiting } = answers;
  return (
    <footer className="sticky bottom-0 -mx-5 bg-paper px-5 pt-1.5 pb-3.5 [&_:disabled]:opacity-100">
      <NotTaken answers={answers} />
      <WaitingLine waiting={waiting} />
      <Stray run={run} onUndo={answers.takeBack} />
      {step ? (
        <div className="grid grid-cols-[1fr_112px] gap-2 desk:grid-cols-[1fr_112px_2fr]">
          {onNotClean && (
            <button
              type="button"
              className="act2 min-h-[48px] text-[18px] desk:min-h-[60px]"
              disabled={busy}
              onClick={onNotClean}
            >
              Not clean yet
            </button>
          )}
          <button
            type="button"
            className={`act2 min-h-[48px] text-[18px] desk:min-h-[60px] ${onNotClean ? "" : "col-span-2"}`}
            disabled={busy}
            onClick={() => onAnswer("skipped")}
          >
            {step.putsBack ? "Later" : "Skip"}
          </button>
          <Main label="Done" busy={busy} large={large} onClick={() => onAnswer("done")} />
        </div>
      ) : (
        <Main label="Finish" busy={busy} large={large} onClick={() => onAnswer("finished")} />
      )}
    </footer>
  );
}

type MainProps = { label: string; busy: boolean; large: boolean; onClick: () => void };

function Main({ label, busy, large, onClick }: MainProps) {
  return (
    <button
      type="button"
      className={`act col-span-2 w-full !text-[24px] desk:col-span-1 desk:min-h-[60px] ${large ? "min-h-[38dvh]" : "min-h-[70px]"}`}
      disabled={busy}
      onClick={onClick}
    >
      {label}
    </button>
  );
}

/** What Cove did not take, until it was read. */
export function NotTaken({ answers }: { answers: ReturnType<typeof useAnswers> }) {
  return answers.notTaken.length > 0 ? (
    <div role="alert" className="pb-1.5 text-16 text-brass">
      {answers.notTaken.map(({ key, sentence }) => (
        <p key={key}>{sentence}</p>
      ))}
      <button type="button" className="lnk min-h-9" onClick={answers.forgetNotTaken}>
        Clear
      </button>
    </div>
  ) : null;
}

const WHY_WAITING: Record<HeldBy, string> = {
  silence: "Kept on this device, and sent when Cove can be reached.",
  stranger:
    "Something on the way answered instead of Cove, such as a network’s sign-in page. Kept on this device, and sent when Cove answers.",
  cove: "Cove could not store them just now. Kept on this device, and sent again.",
};

/** How many answers have not arrived yet, and why. Nothing waits for them. */
export function WaitingLine({ waiting }: { waiting: ReturnType<typeof useAnswers>["waiting"] }) {
  return waiting ? (
    <p role="status" className="pb-1.5 text-16 text-soft">
      <b>{count(waiting.count, "answer")} waiting.</b> {WHY_WAITING[waiting.heldBy]}
      {!window.isSecureContext && " A reload would need the network, so keep this page open."}
    </p>
  ) : null;
}

/** The last answer, for some seconds, with the way to take it back. */
function Stray({ run, onUndo }: { run: Run; onUndo: () => void }) {
  const last = run.events.at(-1);
  const answered = last && last.step === run.undoable && last.kind !== "undone" ? last : undefined;
  const [gone, setGone] = useState<string | null>(null);
  const key = answered?.key ?? null;
  useEffect(() => {
    if (key === null) {
      return;
    }
    const timer = window.setTimeout(() => setGone(key), STRAY_MS);
    return () => window.clearTimeout(timer);
  }, [key]);
  const [opened] = useState(() => run.events.length);
  // What was answered before the page was opened is no stray tap.
  if (!answered || gone === key || run.events.length <= opened) {
    return null;
  }
  const step = run.steps[answered.step];
  return (
    <p className="flex items-center justify-between gap-3 pb-0.5 text-16 leading-tight">
      <span className="min-w-0 truncate">
        <b className="inline-block first-letter:uppercase">
          {OUTCOMES[answered.kind] ?? "one more round"}:
        </b>{" "}
        {step?.name}
      </span>
      <button type="button" className="lnk min-h-9 flex-none" onClick={onUndo}>
        Undo that
      </button>
    </p>
  );
}

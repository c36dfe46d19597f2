import type { RunEventKind, RunStep } from "../api/client";
import type { useAnswers } from "./useAnswers";

type Props = {
  step: RunStep | undefined;
  answers: ReturnType<typeof useAnswers>;
  onAnswer: (kind: RunEventKind) => void;
  /** Null where the step cannot leave anything unclean. */
  onNotClean: (() => void) | null;
};

/** The buttons under a step, and whether the last answer has arrived. */
export function Answers({ step, answers, onAnswer, onNotClean }: Props) {
  const { busy, pending, failures, error, elsewhere } = answers;
  return (
    <footer
      className={`sticky bottom-0 -mx-5 bg-paper px-5 pt-2 pb-4 ${failures > 0 ? "" : "[&_:disabled]:opacity-100"}`}
    >
      {elsewhere ? (
        <p role="alert" className="pb-2 text-brass">
          {elsewhere}
        </p>
      ) : (
        <Saved pending={pending} failures={failures} error={error} />
      )}
      {step ? (
        <div className="grid grid-cols-[1fr_112px] gap-2.5">
          {onNotClean && (
            <button
              type="button"
              className="act2 min-h-[54px] text-[18px]"
              disabled={busy}
              onClick={onNotClean}
            >
              Not clean yet
            </button>
          )}
          <button
            type="button"
            className={`act2 min-h-[54px] text-[18px] ${onNotClean ? "" : "col-span-2"}`}
            disabled={busy}
            onClick={() => onAnswer("skipped")}
          >
            {step.putsBack ? "Later" : "Skip"}
          </button>
          <Main label="Done" busy={busy} onClick={() => onAnswer("done")} />
        </div>
      ) : (
        <Main label="Finish" busy={busy} onClick={() => onAnswer("finished")} />
      )}
    </footer>
  );
}

function Main({ label, busy, onClick }: { label: string; busy: boolean; onClick: () => void }) {
  return (
    <button
      type="button"
      className="act col-span-2 min-h-[74px] w-full !text-[24px]"
      disabled={busy}
      onClick={onClick}
    >
      {label}
    </button>
  );
}

type SavedProps = { pending: boolean; failures: number; error: Error | null };

function Saved({ pending, failures, error }: SavedProps) {
  if (pending && failures > 0) {
    return (
      <p role="alert" className="pb-2 text-coral">
        Not saved yet: the server does not answer. Trying again; keep this page open.
      </p>
    );
  }
  return error ? (
    <p role="alert" className="pb-2 text-coral">
      {error.message}
    </p>
  ) : null;
}

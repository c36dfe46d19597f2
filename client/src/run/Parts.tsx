import type { RunStep } from "../api/client";
import { StrokeDiagram } from "../shared/strokes/StrokeDiagram";
import { StepTimer } from "./StepTimer";
import type { Parts } from "./useParts";

/** The present movement as a picture. */
export function PartDrawing({ parts }: { parts: Parts }) {
  return parts.part ? (
    <div className="mx-auto mt-1 max-w-[300px] desk:mt-3 desk:max-w-none">
      <StrokeDiagram key={parts.at} step={parts.part.step} size="run" note />
    </div>
  ) : null;
}

type Props = {
  id: string;
  step: RunStep;
  parts: Parts;
  /** Whether times can be set running. */
  timers?: boolean;
};

/** The present movement in a sentence, what has to be waited for, and the way to the next one. */
export function PartWords({ id, parts, timers = true }: Props) {
  const { all, at, part, go } = parts;
  if (!part) {
    return null;
  }
  const coats = all.filter((part) => part.step.waitKind === "coat");
  const timed = timers
    ? all.map((part, index) => ({ part, index })).filter(({ part }) => part.step.waitSeconds > 0)
    : [];
  return (
    <section aria-label="How to do it">
      <p className="mt-1 text-19 leading-[1.28]">
        <b>{part.step.aim}.</b> {part.step.text}
      </p>
      {part.step.wipeOff && <p className="mt-1">{part.step.wipeOff}</p>}
      {part.step.notBefore && (
        <p className="mt-1">
          {part.step.driesHow} <b>{part.step.notBefore}</b>
        </p>
      )}
      {timed.map(({ part, index }) => (
        <StepTimer
          key={`${id} ${index}`}
          id={`${id} ${index}`}
          kind={part.step.waitKind ?? "dwell"}
          length={part.step.waitSeconds}
          stage={
            part.step.waitKind === "coat" && coats.length > 1
              ? { of: coats.length, at: coats.indexOf(part) + 1 }
              : null
          }
          offered={index === at}
        />
      ))}
      {all.length > 1 && (
        <nav
          aria-label="Movements"
          className="mt-1.5 flex gap-1.5 overflow-x-auto py-0.5 [scrollbar-width:none]"
        >
          {all.map((part, index) => (
            <button
              key={part.step.aim + index}
              type="button"
              aria-label={`${index + 1} ${part.step.aim}`}
              aria-current={index === at ? "step" : undefined}
              onClick={() => go(index)}
              className={`min-h-11 min-w-11 flex-none border-[1.5px] border-ink text-17 font-bold ${index === at ? "bg-ink text-paper" : index < at ? "bg-deep" : ""} ${part.opens && index > 0 ? "ml-3" : ""}`}
            >
              {index + 1}
            </button>
          ))}
          <button
            type="button"
            disabled={at === all.length - 1}
            onClick={() => go(at + 1)}
            className="act2 ml-auto min-h-11 flex-none text-16 disabled:hidden"
          >
            Next movement
          </button>
        </nav>
      )}
    </section>
  );
}

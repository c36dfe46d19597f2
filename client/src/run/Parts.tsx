import { useState } from "react";
import type { RunStep } from "../api/client";
import { StrokeDiagram } from "../shared/strokes/StrokeDiagram";
import { keepPart, keptPart, partsOf } from "./parts";
import { StepTimer } from "./StepTimer";

type Props = { id: string; step: RunStep };

/** What the hands do in a step, one movement at a time: the picture large, the words below it. */
export function Parts({ id, step }: Props) {
  const parts = partsOf(step);
  const [at, setAt] = useState(() => Math.min(keptPart(id), Math.max(0, parts.length - 1)));
  const part = parts[at];
  if (!part) {
    return null;
  }
  const go = (next: number) => {
    keepPart(id, next);
    setAt(next);
  };
  const { surfaces, rounds, reach, method } = part.method;
  const coats = parts.filter((part) => part.step.waitKind === "coat");
  const timed = parts
    .map((part, index) => ({ part, index }))
    .filter(({ part }) => part.step.waitSeconds > 0);
  const several = step.methods.length > 1;
  return (
    <section aria-label="How to do it">
      <p className="text-17">
        <b className="font-semibold">{method.name}</b>
        {surfaces.length > 0 && several && ` · ${surfaces.join(", ")}`}
        {rounds > 1 && ` · ${rounds} rounds`}
      </p>
      <div className="mt-2">
        <StrokeDiagram key={at} step={part.step} size="run" note />
      </div>
      <p className="mt-1.5 text-19 leading-[1.3]">
        <b>{part.step.aim}.</b> {part.step.text}
      </p>
      {reach && part.opens && <p className="mt-1 text-16 text-soft">{reach}</p>}
      {part.step.wipeOff && <p className="mt-1 text-17">{part.step.wipeOff}</p>}
      {part.step.notBefore && (
        <p className="mt-1 text-17">
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
      {parts.length > 1 && (
        <nav
          aria-label="Movements"
          className="mt-2 flex gap-1.5 overflow-x-auto py-1 [scrollbar-width:none]"
        >
          {parts.map((part, index) => (
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
            disabled={at === parts.length - 1}
            onClick={() => go(at + 1)}
            className="act2 ml-auto min-h-11 flex-none text-16 disabled:hidden"
          >
            Next movement
          </button>
        </nav>
      )}
      {at === parts.length - 1 && (
        <p className="mt-1 text-17">
          <b className="text-kelp">Good:</b> {method.good}
        </p>
      )}
    </section>
  );
}

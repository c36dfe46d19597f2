import type { Method, MethodStep } from "../api/client";
import { Caution } from "./Caution";
import { seconds } from "./format";
import { StrokeDiagram } from "./strokes/StrokeDiagram";

/** The steps of a method, each with the movement of the hand. */
export function MethodSteps({ method, narrow = false }: { method: Method; narrow?: boolean }) {
  return (
    <ol
      className={`grid gap-x-6 gap-y-5 ${narrow ? "grid-cols-1" : "grid-cols-[repeat(auto-fill,minmax(210px,1fr))] max-desk:grid-cols-1"}`}
    >
      {method.steps.map((step, index) => (
        <li key={step.aim + step.text} className={narrow ? "grid grid-cols-[92px_1fr] gap-3" : ""}>
          <div className={narrow ? "" : "max-desk:max-w-[280px]"}>
            <StrokeDiagram step={step} size={narrow ? "row" : "card"} />
          </div>
          <div>
            <h4 className={`font-semibold ${narrow ? "text-14" : "mt-1.5 text-16"}`}>
              {index + 1} {step.aim}
            </h4>
            <p className={narrow ? "text-13 leading-[1.35]" : "text-14 max-desk:text-16"}>
              {step.text}
            </p>
            <StepFacts step={step} />
          </div>
        </li>
      ))}
    </ol>
  );
}

/** What else is to be known of a step, in a line or two. */
function StepFacts({ step }: { step: MethodStep }) {
  const facts = [
    step.strokeName.toLowerCase(),
    step.pressure,
    step.passes > 1 && `${step.passes} times`,
    step.tool?.toLowerCase(),
    step.towelName && `towel: ${step.towelName.toLowerCase()}`,
    step.waitKind && `${WAITS[step.waitKind]} ${seconds(step.waitSeconds)}`,
  ].filter(Boolean);
  return (
    <>
      {step.stroke !== "still" && (
        <p className="mt-0.5 text-13 text-soft max-desk:text-14">{facts.join(" · ")}</p>
      )}
      {step.stroke === "still" && step.waitKind && (
        <p className="mt-0.5 text-13 text-soft">{facts.at(-1)}</p>
      )}
      {step.wipeOff && <p className="mt-0.5 text-13 text-soft">{step.wipeOff}</p>}
      {step.notBefore && (
        <p className="mt-0.5 text-13">
          <b className="font-semibold">Dry it:</b> {step.driesHow} {step.notBefore}
        </p>
      )}
    </>
  );
}

export const WAITS = { dwell: "let it work", scrub: "keep moving", coat: "let it take" } as const;

/** How to tell that it is good, what to do when it is not, and what to beware of. */
export function MethodEnd({ method }: { method: Method }) {
  return (
    <div className="mt-4 grid gap-x-10 gap-y-3 desk:grid-cols-2">
      <div>
        <p className="text-14 max-desk:text-16">
          <b className="font-semibold text-kelp">Good:</b> {method.good}
        </p>
        <p className="mt-2 text-14 font-semibold max-desk:text-16">Not good yet?</p>
        <ol className="text-14 max-desk:text-16">
          {method.ladder.map((rung, index) => (
            <li key={rung} className="grid grid-cols-[20px_1fr]">
              <b className="font-semibold">{index + 1}</b>
              {rung}
            </li>
          ))}
        </ol>
      </div>
      <div className="grid content-start gap-1.5">
        {method.cautions.map((caution) => (
          <Caution key={caution}>{caution}</Caution>
        ))}
      </div>
    </div>
  );
}

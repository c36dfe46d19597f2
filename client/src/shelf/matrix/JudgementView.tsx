import type { Judgement, Schemas } from "../../api/client";
import { VERDICT_WORDS, VerdictMark } from "../../shared/Verdict";

const GEAR: Record<Schemas["Gear"], string> = {
  gloves: "Gloves",
  eyeProtection: "Eye protection",
  freshAir: "Fresh air",
};

/** The reasons of a verdict with their sources, what to change and what to wear. */
export function JudgementView({ judgement }: { judgement: Judgement }) {
  return (
    <>
      <ul className="grid gap-2.5">
        {judgement.reasons.map((reason) => (
          <li
            key={reason.rule}
            className={`grid grid-cols-[22px_1fr] ${reason.liftedBy ? "text-soft" : ""}`}
          >
            <span className="pt-0.5">
              <VerdictMark verdict={reason.verdict} />
            </span>
            <span className="text-[15px] leading-[1.3]">
              <span className="sr-only">{VERDICT_WORDS[reason.verdict]}: </span>
              <span className={reason.liftedBy ? "line-through" : ""}>{reason.sentence}</span>
              <span className="block text-12 text-soft">
                {reason.liftedBy ? `Does not apply: ${reason.liftedBy}` : reason.source}
                {reason.harm === "person" && " · harms people: nothing overrides it"}
              </span>
            </span>
          </li>
        ))}
      </ul>
      {judgement.parts.length > 0 && (
        <section className="mt-4 border-t border-hairline pt-3">
          <h3 className="mb-1 text-17">Part by part</h3>
          <ul className="text-[15px] leading-[1.35]">
            {judgement.parts.map((part) => (
              <li key={part.material} className="grid grid-cols-[22px_1fr] py-0.5">
                <span className="pt-0.5">
                  <VerdictMark verdict={part.verdict} />
                </span>
                <span>
                  <b>
                    {part.name}: {VERDICT_WORDS[part.verdict].toLowerCase()}.
                  </b>{" "}
                  {part.sentence}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {judgement.changes.length > 0 && (
        <section className="mt-4 border-t border-hairline pt-3">
          <h3 className="mb-1 text-17">
            {judgement.verdict === "good" || judgement.verdict === "withCare"
              ? "Do it like this"
              : "Instead"}
          </h3>
          <ul className="text-[15px] leading-[1.35]">
            {judgement.changes.map((change) => (
              <li key={change} className="py-0.5">
                {change}
              </li>
            ))}
          </ul>
        </section>
      )}
      {judgement.gear.length > 0 && judgement.verdict !== "keepOff" && (
        <p className="mt-3 text-[15px]">
          <span className="text-soft">You need:</span>{" "}
          <b>{judgement.gear.map((known) => GEAR[known]).join(", ")}</b>
        </p>
      )}
    </>
  );
}

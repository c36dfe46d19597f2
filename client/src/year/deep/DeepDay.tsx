import type { DeepClean } from "../../api/client";
import { Caution } from "../../shared/Caution";
import { count } from "../../shared/format";
import { temperature } from "../../shared/units";

/** The day of a deep clean, step by step. */
export function DeepDay({ deep }: { deep: DeepClean }) {
  return (
    <section aria-labelledby="deep-day">
      <h3 id="deep-day" className="text-20">
        How the day goes
      </h3>
      <p className="text-14 text-soft">
        About {count(Math.round(deep.minutes / 30) / 2, "hour")} hands-on, then{" "}
        {Math.round(deep.dryingHours)} hours to dry at {temperature(20)}; cold or damp air takes
        several times as long. The labels of products and machine come first.
      </p>
      <details className="mt-1">
        <summary className="min-h-11 cursor-pointer py-2.5 text-16 font-semibold">
          To have at hand: {deep.needs.length} things
        </summary>
        <ul className="mb-2 list-disc pl-5 text-14">
          {deep.needs.map((need) => (
            <li key={need}>{need}</li>
          ))}
        </ul>
      </details>
      <ol className="border-t border-ink">
        {deep.steps.map((step, at) => (
          <li
            key={step.id}
            className="grid grid-cols-[26px_minmax(0,1fr)_auto] gap-x-2 border-b border-hairline py-2"
          >
            <span className="text-16 text-soft">{at + 1}</span>
            <div className="min-w-0">
              <b className="text-16 font-semibold">{step.name}</b>
              <p className="text-14 leading-snug">{step.how}</p>
              {step.caution && <Caution>{step.caution}</Caution>}
            </div>
            <span className="text-14 whitespace-nowrap text-soft">{step.minutes} min</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

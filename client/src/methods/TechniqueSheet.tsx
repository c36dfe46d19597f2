import { useState } from "react";
import { Link } from "react-router";
import type { Technique } from "../api/client";
import { useTechnique } from "../api/methods";
import { count, minutes } from "../shared/format";
import { MethodEnd, MethodSteps } from "../shared/MethodSteps";
import { Failed, Loading } from "../shared/States";

/** Every method for one task, the one Cove would take now first. */
export function TechniqueSheet({ vehicleId, taskId }: { vehicleId: string; taskId: string }) {
  const technique = useTechnique(vehicleId, taskId);
  if (technique.isError) {
    return <Failed error={technique.error} again={() => technique.refetch()} />;
  }
  if (!technique.data) {
    return <Loading what="Loading" />;
  }
  const { name, minutes: takes, dryingMinutes, groups } = technique.data;
  return (
    <article className="min-w-0 px-4 pt-4 pb-10 desk:px-[26px]">
      <p className="mb-2 desk:hidden">
        <Link className="lnk" to={`/cars/${vehicleId}/methods`}>
          All techniques
        </Link>
      </p>
      <h2 className="text-26">{name}</h2>
      <p className="mt-1 mb-4 text-14 text-soft">
        {minutes(takes)} {takes === 1 ? "minute" : "minutes"} hands-on now
        {dryingMinutes > 0 && ` · ${drying(dryingMinutes)} to dry`}
      </p>
      {groups.map((group) => (
        <Group key={group.surfaces + group.chosenId} group={group} />
      ))}
    </article>
  );
}

function drying(value: number): string {
  return value >= 120 ? `${Math.round(value / 60)} hours` : `${minutes(value)} minutes`;
}

function Group({ group }: { group: Technique["groups"][number] }) {
  const [open, setOpen] = useState(group.chosenId);
  const others = group.methods.length - 1;
  return (
    <section className="mb-6 border-t-[1.5px] border-ink pt-3">
      {group.surfaces && (
        <p className="mb-2 text-14">
          <b className="font-semibold">{group.surfaces}</b>
          {others > 0 && <span className="text-soft"> · {count(others, "other way")}</span>}
        </p>
      )}
      {group.methods.map(({ method, fixedMinutes, lightMinutes, heavyMinutes }) => {
        const shown = open === method.id;
        return (
          <div key={method.id} className="border-t border-hairline first-of-type:border-t-0">
            <h3>
              <button
                type="button"
                aria-expanded={shown}
                className="flex min-h-11 w-full flex-wrap items-baseline gap-x-3 py-2 text-left font-sans"
                onClick={() => setOpen(shown ? "" : method.id)}
              >
                <span className="serif text-20">{method.name}</span>
                <span className="text-14 text-soft">{method.summary}</span>
                {method.id === group.chosenId && others > 0 && (
                  <span className="text-14 font-semibold text-kelp">Chosen now</span>
                )}
                <svg
                  width="12"
                  height="8"
                  viewBox="0 0 10 7"
                  aria-hidden="true"
                  className={`ml-auto self-center ${shown ? "rotate-180" : ""}`}
                >
                  <path d="M1 1 5 5.500 9 1" fill="none" stroke="currentColor" strokeWidth="1.6" />
                </svg>
              </button>
            </h3>
            {shown && (
              <div className="pb-5">
                <MethodSteps method={method} />
                <MethodEnd method={method} />
                {lightMinutes > 0 && (
                  <p className="mt-3 text-13 text-soft">
                    {trim(fixedMinutes)} minutes to set to, then {trim(lightMinutes)} for a square
                    metre of light soil, {trim(heavyMinutes)} for heavy. Cove's own reckoning.
                  </p>
                )}
              </div>
            )}
          </div>
        );
      })}
    </section>
  );
}

function trim(value: number): string {
  return String(Math.round(value * 10) / 10);
}

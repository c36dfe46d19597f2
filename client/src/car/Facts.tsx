import type { Choices, SurfaceRecord } from "../api/client";

type FactList = SurfaceRecord["facts"];
type Props = {
  offered: FactList;
  value: FactList;
  choices: Choices;
  onChange: (facts: FactList) => void;
};

/** Facts that change how a surface is cared for; several may hold. */
export function Facts({ offered, value, choices, onChange }: Props) {
  return (
    <fieldset className="mb-4">
      <legend className="mb-1 text-16 font-semibold">What else holds of it</legend>
      {offered.map((fact) => (
        <label key={fact} className="flex min-h-11 items-center gap-3 text-16">
          <input
            type="checkbox"
            className="size-5 flex-none accent-[var(--ink)]"
            checked={value.includes(fact)}
            onChange={(event) =>
              onChange(
                offered.filter((other) =>
                  other === fact ? event.target.checked : value.includes(other),
                ),
              )
            }
          />
          {choices.factNames.find((name) => name.value === fact)?.name ?? fact}
        </label>
      ))}
    </fieldset>
  );
}

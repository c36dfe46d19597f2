import type { Use } from "../../api/client";
import { Choice } from "../../shared/Choice";
import { shortMonth } from "../../shared/format";
import { Slide } from "./Slide";

type Props = { asked: Use; now: Use; setUse: (next: Partial<Use>) => void };

const MONTHS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];

/** What else the use of a car could be. */
export function MoreUse({ asked, now, setUse }: Props) {
  const choice = <Field extends "smoke" | "dustyWork" | "townDriving" | "plastics" | "tidiness">(
    label: string,
    field: Field,
    options: { value: Use[Field]; label: string }[],
  ) => (
    <div className="flex min-h-11 items-center justify-between gap-3 border-b border-hairline text-14">
      <span>{label}</span>
      <Choice
        plain
        label={label}
        value={asked[field]}
        options={options}
        onChange={(value) => setUse({ [field]: value } as Partial<Use>)}
      />
    </div>
  );
  const often = [
    { value: "never" as const, label: "Never" },
    { value: "sometimes" as const, label: "Now and then" },
    { value: "daily" as const, label: "Most days" },
  ];
  return (
    <details className="border-b border-hairline">
      <summary className="min-h-11 cursor-pointer py-2.5 text-14">More about the use</summary>
      <Slide
        label="People in the car"
        now={now.people}
        value={asked.people}
        min={1}
        max={8}
        step={1}
        onChange={(people) => setUse({ people })}
      />
      {choice("Smoke", "smoke", [
        { value: "none", label: "None" },
        { value: "around", label: "On clothes" },
        { value: "inside", label: "In the car" },
      ])}
      {choice("Dusty work or hobby", "dustyWork", often)}
      {choice("In traffic of towns", "townDriving", often)}
      {choice("Plastics of the dash", "plastics", [
        { value: "settled", label: "As they are" },
        { value: "new", label: "New" },
        { value: "oilyDressing", label: "Oily dressing" },
      ])}
      {choice("Your taste", "tidiness", [
        { value: "relaxed", label: "Relaxed" },
        { value: "everyday", label: "Everyday" },
        { value: "particular", label: "Particular" },
      ])}
      <fieldset className="py-2">
        <legend className="text-14">Months of grit and salt</legend>
        <div className="grid grid-cols-6 gap-1">
          {MONTHS.map((month) => (
            <label key={month} className="flex min-h-9 items-center gap-1 text-13">
              <input
                type="checkbox"
                className="size-4 accent-[var(--ink)]"
                checked={asked.gritMonths.includes(month)}
                onChange={(event) =>
                  setUse({
                    gritMonths: MONTHS.filter((other) =>
                      other === month ? event.target.checked : asked.gritMonths.includes(other),
                    ),
                  })
                }
              />
              {shortMonth(month).slice(0, 3)}
            </label>
          ))}
        </div>
      </fieldset>
    </details>
  );
}

import type { ReactNode } from "react";
import type { Choices, Use } from "../api/client";
import { percent } from "../shared/format";
import { Pick } from "../shared/Pick";
import { settings } from "../shared/settings";
import { distance, distanceAWeek } from "../shared/units";
import { Months } from "./Months";
import { NumberField } from "./NumberField";

type Props = {
  use: Use;
  choices: Choices;
  onChange: (change: Partial<Use>) => void;
  errors: Record<string, string[]>;
  /** What the odometer says of the distance instead; null where it says nothing. */
  measured: number | null;
};

const OFTEN = [
  { value: "never", label: "Never" },
  { value: "sometimes", label: "Now and then" },
  { value: "daily", label: "Most days" },
];

/** Every question about the use of a car. */
export function UseForm({ use, choices, onChange, errors, measured }: Props) {
  const often = (
    label: string,
    field: "eating" | "pets" | "openWindows" | "dustyWork" | "townDriving",
  ) => (
    <Pick
      label={label}
      error={errors[field]?.[0]}
      value={use[field]}
      options={OFTEN}
      onChange={(value) => onChange({ [field]: value })}
    />
  );
  return (
    <>
      <Group title="Who and how far">
        <NumberField
          label={distanceAWeek()}
          scale={settings().distanceScale}
          value={use.kilometresAWeek}
          error={errors.kilometresAWeek?.[0]}
          {...(measured === null
            ? {}
            : {
                hint: `The odometer says ${distance(measured)} a week; that is what counts.`,
              })}
          onChange={(kilometresAWeek) => onChange({ kilometresAWeek })}
        />
        <NumberField
          label="Adults on a usual drive"
          value={use.people}
          error={errors.people?.[0]}
          onChange={(people) => onChange({ people })}
        />
        <NumberField
          label="Children on a usual drive"
          value={use.children}
          error={errors.children?.[0]}
          onChange={(children) => onChange({ children })}
        />
        {often("Pets", "pets")}
        {often("Eating and drinking in the car", "eating")}
        <Pick
          label="Smoke"
          error={errors.smoke?.[0]}
          value={use.smoke}
          options={[
            { value: "none", label: "None" },
            { value: "around", label: "On clothes" },
            { value: "inside", label: "In the car" },
          ]}
          onChange={(value) => onChange({ smoke: value as Use["smoke"] })}
        />
      </Group>
      <Group title="Roads, weather and sun">
        {often("Windows open in dust or pollen", "openWindows")}
        {often("Dusty work or hobby", "dustyWork")}
        <Pick
          label="Parked by day in the sun"
          error={errors.parkedInSun?.[0]}
          value={String(use.parkedInSun)}
          options={[...new Set([0, 0.25, 0.5, 0.75, 1, use.parkedInSun])].sort().map((share) => ({
            value: String(share),
            label: share === 0 ? "Never" : share === 1 ? "Always" : percent(share),
          }))}
          onChange={(value) => onChange({ parkedInSun: Number(value) })}
        />
        {often("Town traffic, heater running", "townDriving")}
        <Pick
          label="The plastics of the dash"
          error={errors.plastics?.[0]}
          value={use.plastics}
          options={[
            { value: "settled", label: "Matte, some years old" },
            { value: "new", label: "New" },
            { value: "oilyDressing", label: "Oily dressing" },
          ]}
          onChange={(value) => onChange({ plastics: value as Use["plastics"] })}
        />
        <Months
          label="Months with grit or salt on the roads"
          value={use.gritMonths}
          error={errors.gritMonths?.[0]}
          onChange={(gritMonths) => onChange({ gritMonths })}
        />
        <Months
          label="Months of sun cream and bare arms"
          value={use.sunCreamMonths}
          error={errors.sunCreamMonths?.[0]}
          onChange={(sunCreamMonths) => onChange({ sunCreamMonths })}
        />
      </Group>
      <Group title="Looks">
        <Pick
          label="Colour of seats and carpets"
          error={errors.colour?.[0]}
          value={use.colour}
          options={[
            { value: "dark", label: "Dark" },
            { value: "medium", label: "In between" },
            { value: "light", label: "Light" },
          ]}
          onChange={(value) => onChange({ colour: value as Use["colour"] })}
        />
        <Pick
          label="How tidy is tidy enough for those who see it?"
          error={errors.tidiness?.[0]}
          value={use.tidiness}
          options={[
            { value: "relaxed", label: "Lived in is fine" },
            { value: "everyday", label: "Everyday" },
            { value: "particular", label: "Cared for, always" },
          ]}
          onChange={(value) => onChange({ tidiness: value as Use["tidiness"] })}
        />
        <p className="mb-4 text-14 text-soft desk:col-span-2">
          This only moves what is done for looks. Glass and controls come due all the same.
        </p>
      </Group>
      <Group title="What keeps soil out">
        <fieldset className="contents">
          <legend className="sr-only">What keeps soil out</legend>
          {choices.preventions.map((prevention) => (
            <label
              key={prevention.prevention}
              className="flex min-h-11 items-start gap-3 py-1.5 text-16 leading-tight"
            >
              <input
                type="checkbox"
                className="mt-0.5 size-5 flex-none accent-[var(--ink)]"
                checked={use.preventions.includes(prevention.prevention)}
                onChange={(event) =>
                  onChange({
                    preventions: choices.preventions
                      .map((other) => other.prevention)
                      .filter((other) =>
                        other === prevention.prevention
                          ? event.target.checked
                          : use.preventions.includes(other),
                      ),
                  })
                }
              />
              <span>
                {prevention.name}
                <span className="block text-13 text-soft">
                  keeps off {percent(prevention.keepsOff)} of what it works against
                </span>
              </span>
            </label>
          ))}
        </fieldset>
      </Group>
    </>
  );
}

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mb-5 border-t border-hairline pt-3">
      <h3 className="mb-3 text-20">{title}</h3>
      <div className="grid gap-x-8 desk:grid-cols-2">{children}</div>
    </section>
  );
}

import { Problem } from "../api/client";
import * as limits from "../api/limits";
import { Field } from "../shared/Field";
import { Pick } from "../shared/Pick";
import { type Settings, settings } from "../shared/settings";
import { useChangeSettings } from "./useSettings";

const DISTANCES = [
  { value: "kilometre", label: "Kilometres" },
  { value: "mile", label: "Miles" },
];

const VOLUMES = [
  { value: "millilitre", label: "ml" },
  { value: "usFluidOunce", label: "US fl oz" },
  { value: "imperialFluidOunce", label: "Imperial fl oz" },
];

const TEMPERATURES = [
  { value: "celsius", label: "°C" },
  { value: "fahrenheit", label: "°F" },
];

const HOURS = [
  { value: "twentyFour", label: "14:30" },
  { value: "twelve", label: "2:30 pm" },
];

/** Every unit the owner can choose; each choice is kept at once. */
export function UnitPicks() {
  const change = useChangeSettings();
  const { chosen } = settings();
  const put = (next: Partial<Settings["chosen"]>) => change.mutate(next);
  const problem = change.error instanceof Problem ? change.error : null;
  const ofCurrency = problem?.errors.currency?.[0];
  return (
    <>
      <div className="grid gap-x-8 desk:grid-cols-2">
        <Pick
          label="Distances"
          value={chosen.distance}
          options={DISTANCES}
          onChange={(value) => put({ distance: value as Settings["chosen"]["distance"] })}
        />
        <Pick
          label="Amounts of product"
          value={chosen.volume}
          options={VOLUMES}
          onChange={(value) => put({ volume: value as Settings["chosen"]["volume"] })}
        />
        <Pick
          label="Temperatures"
          value={chosen.temperature}
          options={TEMPERATURES}
          onChange={(value) => put({ temperature: value as Settings["chosen"]["temperature"] })}
        />
        <Pick
          label="Time of day"
          value={chosen.hours}
          options={HOURS}
          onChange={(value) => put({ hours: value as Settings["chosen"]["hours"] })}
        />
        <Field
          label="Currency"
          hint="A sign or a few letters. Leave it empty to see amounts alone."
          error={ofCurrency}
        >
          <input
            key={chosen.currency}
            className="field max-w-[140px]"
            maxLength={limits.SettingsRequest.currency.maxLength}
            defaultValue={chosen.currency}
            onBlur={(event) =>
              event.target.value.trim() !== chosen.currency &&
              put({ currency: event.target.value.trim() })
            }
          />
        </Field>
      </div>
      {change.error && !ofCurrency && (
        <p role="alert" className="mb-3 text-16 text-coral">
          {change.error.message}
        </p>
      )}
    </>
  );
}

import { useEffect, useRef } from "react";
import { NumberField } from "../car/NumberField";
import { useChangeSettings, useSettings } from "../settings/useSettings";
import { Pick } from "../shared/Pick";
import { proposed, settings } from "../shared/settings";
import { distanceAWeek, fromField, toField } from "../shared/units";

type Props = {
  kilometres: number;
  error: string | undefined;
  onChange: (kilometres: number) => void;
};

/** How far the car is driven, and in which unit the owner thinks: proposed by the region of the browser, changed by a press. */
export function WeeklyDistance({ kilometres, error, onChange }: Props) {
  const known = useSettings();
  const change = useChangeSettings();
  const asked = useRef(false);
  const { chosen, distanceScale } = settings();
  useEffect(() => {
    const proposal = proposed(navigator.language);
    if (known.data?.isChosen === false && !asked.current && proposal.distance !== "kilometre") {
      asked.current = true;
      // A round figure in the owner's unit, not what 240 km come to.
      change.mutate(proposal, {
        onSuccess: ({ distanceScale: scale }) =>
          onChange(fromField(10 * Math.round(toField(kilometres, scale) / 10), scale)),
      });
    }
  }, [known.data, change, kilometres, onChange]);
  return (
    <>
      <NumberField
        key={distanceScale.sign}
        label={distanceAWeek()}
        value={kilometres}
        scale={distanceScale}
        error={error}
        onChange={onChange}
      />
      <Pick
        label="Measured in"
        value={chosen.distance}
        options={[
          { value: "kilometre", label: "Kilometres" },
          { value: "mile", label: "Miles" },
        ]}
        onChange={(distance) => change.mutate({ distance: distance as typeof chosen.distance })}
      />
      <p className="-mt-2 mb-4 text-14 text-soft">
        Fluid ounces, °F, a 12-hour clock and your currency: any time under Settings.
      </p>
    </>
  );
}

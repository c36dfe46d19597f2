import * as limits from "../api/limits";
import { Field } from "../shared/Field";

export type Names = { name: string; description: string };

type Props = {
  names: Names;
  onChange: (names: Names) => void;
  errors: Record<string, string[]>;
};

/** What the owner calls a car, and a line that tells it apart. */
export function NameFields({ names, onChange, errors }: Props) {
  return (
    <>
      <Field label="What do you call it?" error={errors.name?.[0]}>
        <input
          className="field"
          {...limits.NewVehicle.name}
          value={names.name}
          onChange={(event) => onChange({ ...names, name: event.target.value })}
        />
      </Field>
      <Field label="Year and body, if you like" error={errors.description?.[0]}>
        <input
          className="field"
          {...limits.NewVehicle.description}
          value={names.description}
          onChange={(event) => onChange({ ...names, description: event.target.value })}
        />
      </Field>
    </>
  );
}

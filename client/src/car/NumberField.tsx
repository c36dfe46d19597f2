import { useState } from "react";
import { Field } from "../shared/Field";
import type { Settings } from "../shared/settings";
import { fromField, toField } from "../shared/units";

type Props = {
  label: string;
  value: number;
  error?: string | undefined;
  hint?: string;
  /** The unit in which it is typed, where that is not the one it is kept in. */
  scale?: Settings["distanceScale"];
  onChange: (value: number) => void;
};

/** A number that may be empty while it is typed. */
export function NumberField({ label, value, error, hint, scale, onChange }: Props) {
  const own = scale ? toField(value, scale) : value;
  const [text, setText] = useState(String(own));
  const shown = text !== "" && Number(text) !== own ? String(own) : text;
  return (
    <Field label={label} error={error} {...(hint ? { hint } : {})}>
      <input
        className="field"
        type="number"
        inputMode="decimal"
        step="any"
        value={shown}
        onChange={(event) => {
          setText(event.target.value);
          if (event.target.value !== "") {
            const typed = Number(event.target.value);
            onChange(scale ? fromField(typed, scale) : typed);
          }
        }}
      />
    </Field>
  );
}

import { useState } from "react";
import { Field } from "../shared/Field";

type Props = {
  label: string;
  value: number;
  error?: string | undefined;
  hint?: string;
  onChange: (value: number) => void;
};

/** A number that may be empty while it is typed. */
export function NumberField({ label, value, error, hint, onChange }: Props) {
  const [text, setText] = useState(String(value));
  const shown = text !== "" && Number(text) !== value ? String(value) : text;
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
            onChange(Number(event.target.value));
          }
        }}
      />
    </Field>
  );
}

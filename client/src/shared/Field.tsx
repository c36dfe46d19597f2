import { cloneElement, type ReactElement, useId } from "react";

type Props = {
  label: string;
  error?: string | undefined;
  hint?: string;
  children: ReactElement<{ id?: string; "aria-invalid"?: boolean; "aria-describedby"?: string }>;
};

/** A labelled field with what is wrong with it said beneath. */
export function Field({ label, error, hint, children }: Props) {
  const id = useId();
  const told = `${id}-told`;
  return (
    <div className="mb-4">
      <label htmlFor={id} className="mb-1 block text-16 font-semibold">
        {label}
      </label>
      {cloneElement(children, {
        id,
        "aria-invalid": Boolean(error),
        ...(error || hint ? { "aria-describedby": told } : {}),
      })}
      {(error || hint) && (
        <p id={told} className={`mt-1 text-14 ${error ? "text-coral" : "text-soft"}`}>
          {error ?? hint}
        </p>
      )}
    </div>
  );
}

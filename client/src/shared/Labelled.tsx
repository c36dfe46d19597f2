import { type ReactNode, useId } from "react";

type Props = { label: string; error?: string | undefined; children: ReactNode };

/** A name above a control that brings its own label for those who listen. */
export function Labelled({ label, error, children }: Props) {
  const id = useId();
  return (
    <div className="mb-4" role="group" aria-labelledby={id}>
      <p id={id} className="mb-1 text-16 font-semibold">
        {label}
      </p>
      {children}
      {error && <p className="mt-1 text-14 text-coral">{error}</p>}
    </div>
  );
}

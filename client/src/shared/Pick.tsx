import { ToggleGroup } from "radix-ui";
import { useId } from "react";

type Props = {
  label: string;
  value: string;
  options: { value: string; label: string }[];
  onChange: (value: string) => void;
  error?: string | undefined;
};

/** One of a few, all of them in sight. */
export function Pick({ label, value, options, onChange, error }: Props) {
  const id = useId();
  return (
    <div className="mb-4">
      <p id={id} className="mb-1 text-16 font-semibold">
        {label}
      </p>
      <ToggleGroup.Root
        type="single"
        aria-labelledby={id}
        value={value}
        onValueChange={(next) => next && onChange(next)}
        className="flex border-[1.5px] border-line"
      >
        {options.map((option) => (
          <ToggleGroup.Item
            key={option.value}
            value={option.value}
            className="min-h-[42px] flex-1 border-line px-2 text-16 not-first:border-l data-[state=on]:bg-ink data-[state=on]:font-semibold data-[state=on]:text-paper"
          >
            {option.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      {error && <p className="mt-1 text-14 text-coral">{error}</p>}
    </div>
  );
}

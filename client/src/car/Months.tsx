import { ToggleGroup } from "radix-ui";
import { shortMonth } from "../shared/format";
import { Labelled } from "../shared/Labelled";

type Props = {
  label: string;
  value: number[];
  error?: string | undefined;
  onChange: (months: number[]) => void;
};

const YEAR = Array.from({ length: 12 }, (_, index) => index + 1);

/** Some months of the year, all twelve in sight. */
export function Months({ label, value, error, onChange }: Props) {
  return (
    <Labelled label={label} error={error}>
      <ToggleGroup.Root
        type="multiple"
        aria-label={label}
        value={value.map(String)}
        onValueChange={(next) => onChange(YEAR.filter((month) => next.includes(String(month))))}
        className="grid grid-cols-6 border-[1.5px] border-line"
      >
        {YEAR.map((month) => (
          <ToggleGroup.Item
            key={month}
            value={String(month)}
            className="min-h-[42px] border-line text-14 not-[:nth-child(6n+1)]:border-l nth-[n+7]:border-t data-[state=on]:bg-ink data-[state=on]:font-semibold data-[state=on]:text-paper"
          >
            {shortMonth(month)}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </Labelled>
  );
}

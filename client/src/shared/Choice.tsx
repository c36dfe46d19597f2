import { Select } from "radix-ui";

type Option = { value: string; label: string };
type Props = {
  label: string;
  value: string;
  options: Option[];
  onChange: (value: string) => void;
  plain?: boolean;
};

/** One of several: a select that looks like the paper it stands on. */
export function Choice({ label, value, options, onChange, plain = false }: Props) {
  return (
    <Select.Root value={value} onValueChange={onChange}>
      <Select.Trigger
        aria-label={label}
        className={
          plain
            ? "-mx-1 inline-flex min-h-6 max-w-full items-center desk:max-w-none gap-2 px-1 text-left hover:bg-deep"
            : "field inline-flex items-center justify-between gap-2 text-left"
        }
      >
        <span className={plain ? "truncate desk:overflow-visible" : "min-w-0 leading-tight"}>
          <Select.Value />
        </span>
        <Select.Icon className="flex-none">
          <svg width="10" height="7" viewBox="0 0 10 7" aria-hidden="true">
            <path d="M1 1 5 5.500 9 1" fill="none" stroke="currentColor" strokeWidth="1.6" />
          </svg>
        </Select.Icon>
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          className="z-50 max-h-[var(--radix-select-content-available-height)] min-w-[var(--radix-select-trigger-width)] overflow-y-auto border-[1.5px] border-ink bg-paper"
        >
          <Select.Viewport>
            {options.map((option) => (
              <Select.Item
                key={option.value}
                value={option.value}
                className="flex min-h-11 cursor-pointer items-center px-4 text-16 outline-none data-[highlighted]:bg-deep data-[state=checked]:font-bold"
              >
                <Select.ItemText>{option.label}</Select.ItemText>
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}

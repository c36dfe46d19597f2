type SlideProps = {
  label: string;
  now: number;
  value: number;
  min?: number;
  max: number;
  step: number;
  onChange: (value: number) => void;
};

/** A number that is moved, with what it is now beside it. */
export function Slide({ label, now, value, min = 0, max, step, onChange }: SlideProps) {
  return (
    <label className="block border-b border-hairline py-1.5 text-14">
      <span className="flex justify-between">
        <span>{label}</span>
        <span className="text-soft">
          {now} now{value !== now && <b className="font-semibold text-t5">, {value}</b>}
        </span>
      </span>
      <input
        type="range"
        className="mt-1 h-6 w-full accent-[var(--ink)]"
        min={min}
        max={max}
        step={step}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
      />
    </label>
  );
}

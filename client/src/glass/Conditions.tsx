import { Choice } from "../shared/Choice";

const TOUCH = [
  { value: "cool", label: "Cool to the hand" },
  { value: "cold", label: "Cold" },
  { value: "hot", label: "Hot" },
];

type Props = { search: URLSearchParams; put: (name: string, value: string | null) => void };

/** What it is like at the glass today, as the owner feels it. */
export function Conditions({ search, put }: Props) {
  return (
    <span className="flex items-center gap-4">
      <Choice
        plain
        label="How the glass feels"
        value={search.get("touch") ?? "cool"}
        options={TOUCH}
        onChange={(value) => put("touch", value === "cool" ? null : value)}
      />
      {(["sun", "damp"] as const).map((name) => (
        <label key={name} className="flex min-h-6 cursor-pointer items-center gap-1.5">
          <input
            type="checkbox"
            className="size-[18px] accent-[var(--ink)]"
            checked={search.has(name)}
            onChange={(event) => put(name, event.target.checked ? "" : null)}
          />
          {name === "sun" ? "sun on it" : "damp"}
        </label>
      ))}
    </span>
  );
}

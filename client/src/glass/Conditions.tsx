import type { Place } from "../api/client";
import { usePlace } from "../api/methods";
import { Choice } from "../shared/Choice";
import { useSayPlace } from "../shared/useSayPlace";

const TOUCH = [
  { value: "cool", label: "Cool to the hand" },
  { value: "cold", label: "Cold" },
  { value: "hot", label: "Hot" },
];

/** What it is like at the glass today, as the owner feels it. Sessions go by it too. */
export function Conditions({ vehicleId }: { vehicleId: string }) {
  const place = usePlace(vehicleId);
  const say = useSayPlace(vehicleId);
  if (!place.data) {
    return null;
  }
  const known = say.isPending ? say.variables : place.data;
  const put = (change: Partial<Place>) => say.mutate({ ...known, ...change });
  return (
    <span className="flex items-center gap-4">
      <Choice
        plain
        label="How the glass feels"
        value={known.touch}
        options={TOUCH}
        onChange={(value) => put({ touch: value as Place["touch"] })}
      />
      {(["sun", "damp"] as const).map((name) => (
        <label key={name} className="flex min-h-6 cursor-pointer items-center gap-1.5">
          <input
            type="checkbox"
            className="size-[18px] accent-[var(--ink)]"
            checked={known[name]}
            onChange={(event) => put({ [name]: event.target.checked })}
          />
          {name === "sun" ? "sun on it" : "damp"}
        </label>
      ))}
      {say.isError && (
        <span role="alert" className="text-14 text-coral">
          {say.error.message}
        </span>
      )}
    </span>
  );
}

import { useState } from "react";
import type { Place } from "../api/client";
import { Pick } from "../shared/Pick";
import { useSayPlace } from "../shared/useSayPlace";

const STANDING = [
  { value: "anHour", label: "An hour" },
  { value: "someHours", label: "Until evening" },
  { value: "untilTomorrow", label: "Until tomorrow" },
];

const TOUCH = [
  { value: "cool", label: "Cool" },
  { value: "cold", label: "Cold" },
  { value: "hot", label: "Hot" },
];

type FormProps = { vehicleId: string; place: Place; onSaved: () => void };

/** Where the owner works, what is there, and how long the car may stand. */
export function PlaceForm({ vehicleId, place, onSaved }: FormProps) {
  const [said, setSaid] = useState(place);
  const say = useSayPlace(vehicleId);
  const put = (change: Partial<Place>) => setSaid((before) => ({ ...before, ...change }));
  const ticks = [
    { field: "tap", label: "There is a tap or a hose" },
    { field: "power", label: "There is a socket, or the vacuum is charged" },
    { field: "sun", label: "The sun is on the car" },
    { field: "damp", label: "The glass is misted or damp inside" },
  ] as const;
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        say.mutate(said, { onSuccess: onSaved });
      }}
    >
      <Pick
        label="How long may the car stand afterwards?"
        value={said.standing}
        options={STANDING}
        onChange={(value) => put({ standing: value as Place["standing"] })}
      />
      <Pick
        label="How do glass and dash feel to the hand?"
        value={said.touch}
        options={TOUCH}
        onChange={(value) => put({ touch: value as Place["touch"] })}
      />
      <div className="mb-4">
        {ticks.map(({ field, label }) => (
          <label key={field} className="flex min-h-11 cursor-pointer items-center gap-2 text-16">
            <input
              type="checkbox"
              className="size-[18px] accent-[var(--ink)]"
              checked={said[field]}
              onChange={(event) => put({ [field]: event.target.checked })}
            />
            {label}
          </label>
        ))}
      </div>
      {say.isError && (
        <p role="alert" className="mb-3 text-coral">
          {say.error.message}
        </p>
      )}
      <button type="submit" className="act w-full" disabled={say.isPending}>
        Save
      </button>
    </form>
  );
}

import type { Place, Today } from "../api/client";
import { useSayPlace } from "../shared/useSayPlace";

/** What protects whoever works in the heat, before the work begins; on a day and hour that may be hot, the question whether it is. */
export function InTheHeat({ today }: { today: Today }) {
  const say = useSayPlace(today.vehicle.id);
  const place = today.place as Place;
  if (today.heat.length > 0) {
    return (
      <section
        aria-label="In the heat"
        className="border-b border-hairline px-4 py-3 text-16 desk:px-[26px]"
      >
        <h2 className="text-20 text-coral">It is hot: yourself first</h2>
        <ul className="mt-1 max-w-[70ch] list-disc pl-5">
          {today.heat.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
      </section>
    );
  }
  if (!today.askHeat || today.steps.length === 0) {
    return null;
  }
  const answer = (touch: Place["touch"], sun: boolean) => say.mutate({ ...place, touch, sun });
  return (
    <section
      aria-label="How hot is it?"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-hairline px-4 py-3 desk:px-[26px]"
    >
      <p className="text-16">
        <b>How hot is it in the car?</b> Heat decides what can be done, and how you keep safe.
      </p>
      <span className="flex flex-wrap gap-2">
        <button type="button" className="act2" onClick={() => answer("cool", false)}>
          Not hot
        </button>
        <button type="button" className="act2" onClick={() => answer("cool", true)}>
          Sun on it
        </button>
        <button type="button" className="act2" onClick={() => answer("hot", true)}>
          Hot to the hand
        </button>
      </span>
      {say.isError && (
        <p role="alert" className="text-coral">
          {say.error.message}
        </p>
      )}
    </section>
  );
}

import type { Today } from "../api/client";
import { inUnits } from "../shared/units";

/** What the session takes of each bottle: what to mix first, and what is left after. */
export function MixFirst({ today }: { today: Today }) {
  if (today.mixtures.length === 0) {
    return null;
  }
  const mixed = today.mixtures.some((mixture) => mixture.isMixed);
  return (
    <section aria-label="From the shelf" className="mt-4">
      <h3 className="text-20">{mixed ? "Mix first" : "From the shelf"}</h3>
      <ul className="mt-1">
        {today.mixtures.map((mixture) => (
          <li
            key={mixture.productId + mixture.strength}
            className={`border-t border-hairline py-1 text-13 ${mixture.isMixed ? "font-semibold" : "text-soft"}`}
          >
            {inUnits(mixture.sentence)}
          </li>
        ))}
      </ul>
    </section>
  );
}

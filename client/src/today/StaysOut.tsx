import type { Today } from "../api/client";
import { Caution } from "../shared/Caution";
import { clockOrDay } from "../shared/format";

/** What a session leaves outside to dry, said before it is begun: whoever has to drive earlier chooses another one. */
export function StaysOut({ today }: { today: Today }) {
  const later = today.broughtBack.map(
    ({ what, at }) => `${what.toLowerCase()} from ${clockOrDay(at, today.now)}`,
  );
  const damp = today.drying
    .filter((drying) => drying.to > today.lengthMinutes)
    // What comes back from then on is damp until then: said once.
    .filter(
      ({ what, dryAt }) =>
        !today.broughtBack.some(
          (back) => back.at === dryAt && back.what.toLowerCase().includes(what.toLowerCase()),
        ),
    )
    .map(({ what, dryAt }) => `${what.toLowerCase()} until ${clockOrDay(dryAt, today.now)}`);
  return later.length + damp.length > 0 ? (
    <div className="mt-3">
      {damp.length > 0 && <Caution>{`Still damp when you finish: ${damp.join("; ")}.`}</Caution>}
      {later.length > 0 && (
        <Caution>{`Still to do after this session, once it is dry: ${later.join("; ")}.`}</Caution>
      )}
    </div>
  ) : null;
}

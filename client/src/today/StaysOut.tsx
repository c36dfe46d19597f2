import type { Today } from "../api/client";
import { Caution } from "../shared/Caution";
import { clockOrDay } from "../shared/format";

/** What a session leaves outside to dry, said before it is begun: whoever has to drive earlier chooses another one. */
export function StaysOut({ today }: { today: Today }) {
  const later = today.broughtBack.map(
    ({ what, at }) => `${what.toLowerCase()} from ${clockOrDay(at, today.now)}`,
  );
  return later.length > 0 ? (
    <div className="mt-3">
      <Caution>{`Still to do after this session, once it is dry: ${later.join("; ")}.`}</Caution>
    </div>
  ) : null;
}

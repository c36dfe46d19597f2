import type { Routine } from "../api/client";
import { useCatchUp } from "../api/routine";
import { shortDay } from "../shared/format";

type Props = {
  vehicleId: string;
  missed: string[];
  onChange: (next: Partial<Routine>) => void;
};

/** What slipped when a session did not happen, and the cheapest way back. Nothing is asked for in one go. */
export function CatchUp({ vehicleId, missed, onChange }: Props) {
  const found = useCatchUp(vehicleId, missed.length > 0).data;
  if (missed.length === 0) {
    return null;
  }
  return (
    <div className="mx-4 mt-2 max-w-[86ch] border-l-[3px] border-brass bg-deep px-3 py-2 text-14 desk:mx-[26px]">
      <p>
        <b className="font-semibold">
          {missed.map(shortDay).join(" and ")} passed without a session.
        </b>{" "}
        {found
          ? found.words || "What was planned for it is spread over the sessions below."
          : "Looking at what slipped…"}
      </p>
      {found?.longer && (
        <button
          type="button"
          className="act2 mt-2"
          onClick={() =>
            found.longer && onChange({ slots: found.longer.routine.slots as Routine["slots"] })
          }
        >
          Add {found.longer.more} minutes on {shortDay(found.longer.day)}
        </button>
      )}
      {found?.smaller && (
        <div className="mt-2 border-t border-hairline pt-2">
          <p>{found.smaller.words}</p>
          <button
            type="button"
            className="act2 mt-2"
            onClick={() =>
              found.smaller && onChange({ slots: found.smaller.routine.slots as Routine["slots"] })
            }
          >
            Try the smaller routine
          </button>
        </div>
      )}
    </div>
  );
}

import { Link } from "react-router";
import type { Schemas } from "../api/client";

type Props = {
  shared: Schemas["SharedView"] | undefined;
  errors: Record<string, string[]>;
  onOwn: () => void;
};

/** A car that is cared for in the slots of another. */
export function GuestSlots({ shared, errors, onOwn }: Props) {
  return (
    <section
      aria-labelledby="when"
      className="border-b-[1.5px] border-ink px-4 pt-1 pb-4 desk:px-[26px]"
    >
      <h2 id="when" className="mb-2 text-20">
        When you clean
      </h2>
      <p className="max-w-[70ch] text-16">
        {shared ? (
          <>
            In the slots of{" "}
            <Link className="lnk" to={`/cars/${shared.vehicleId}/year`}>
              {shared.name}
            </Link>
            . Each goes to the car that needs it more, or is split between both.
          </>
        ) : (
          "The other car has no slots any more, or both together have more to do than one plan holds."
        )}
      </p>
      {errors.slotsOf && <p className="mt-2 text-14 text-coral">{errors.slotsOf.join(" ")}</p>}
      <button type="button" className="act2 mt-3" onClick={onOwn}>
        Give it slots of its own
      </button>
    </section>
  );
}

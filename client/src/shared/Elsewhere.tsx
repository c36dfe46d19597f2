import { useEffect, useRef } from "react";
import { type Difference, differenceSaid } from "./rebase";

/** Says what someone else changed in a form that is open here, and brings that into sight. */
export function Elsewhere({ differences }: { differences: Difference[] }) {
  const said = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (differences.length > 0) {
      said.current?.scrollIntoView({ block: "center" });
    }
  }, [differences]);
  return differences.length === 0 ? null : (
    <div ref={said} role="alert" className="mb-5 border-y border-brass py-2 text-16">
      <p>
        <b className="font-semibold">Changed on another device meanwhile.</b> Your own answers are
        still here; look them over and save again.
      </p>
      <ul className="mt-1 text-14">
        {differences.map((difference) => (
          <li key={difference.field}>{differenceSaid(difference)}</li>
        ))}
      </ul>
    </div>
  );
}

import { Link } from "react-router";
import type { Today } from "../api/client";
import { Caution } from "../shared/Caution";

/** What the session needs that is not on the shelf, and the next safe way. */
export function Lacking({ today }: { today: Today }) {
  if (today.lacking.length === 0) {
    return null;
  }
  if (today.productsOnShelf === 0) {
    return (
      <p className="mb-2 text-14">
        <b className="text-brass">Nothing is on your shelf yet.</b> Water and a towel do part of
        this.{" "}
        <Link className="lnk" to={`/cars/${today.vehicle.id}/shelf/products?add`}>
          List your bottles
        </Link>{" "}
        to see what is safe where.
      </p>
    );
  }
  return (
    <ul aria-label="Not on the shelf" className="mb-2 grid gap-1">
      {today.lacking.map((known) => (
        <li key={known.taskName + known.surfaces.join()}>
          <Caution>
            {[
              `${known.taskName}: nothing on the shelf is safe and enough.`,
              known.meanwhile,
              known.test && `A spot test may clear ${known.test}.`,
              known.buy && `To buy: ${known.buy.toLowerCase()}.`,
            ]
              .filter(Boolean)
              .join(" ")}
          </Caution>
        </li>
      ))}
    </ul>
  );
}

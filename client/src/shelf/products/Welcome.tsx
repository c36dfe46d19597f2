import { useProductWelcome } from "../../api/shelf";
import { VerdictMark } from "../../shared/Verdict";

/** What to know at once of a product: where it must not go, what it must never meet, what it is good for. */
export function Welcome({ productId }: { productId: string }) {
  const welcome = useProductWelcome(productId);
  if (!welcome.data) {
    return null;
  }
  const { neverMeets, notHere, goodFor } = welcome.data;
  return (
    <section aria-label="What to know of it" className="mb-4 text-16">
      {neverMeets.map((apart) => (
        <p key={apart.product} className="mb-2 flex gap-2 text-coral">
          <VerdictMark verdict="keepOff" />
          <span>
            <b>Never together with {apart.product}:</b> {apart.why}
          </span>
        </p>
      ))}
      {notHere.length > 0 && (
        <>
          <h3 className="mt-3 mb-1 text-17">Keep it off</h3>
          <ul>
            {notHere.map((place) => (
              <li
                key={place.vehicle + place.why}
                className="flex gap-2 border-t border-hairline py-1.5"
              >
                <VerdictMark verdict="keepOff" />
                <span>
                  <b>{shortened(place.surfaces)}</b>{" "}
                  <span className="text-soft">({place.vehicle})</span>: {place.why}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <h3 className="mt-3 mb-1 text-17">Good for</h3>
      {goodFor.length === 0 ? (
        <p>Nothing that is routine in your cars.</p>
      ) : (
        <ul>
          {goodFor.map((good) => (
            <li key={good.vehicle} className="flex gap-2 border-t border-hairline py-1.5">
              <VerdictMark verdict="good" />
              <span>
                {good.tasks.join("; ")} <span className="text-soft">({good.vehicle})</span>
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function shortened(names: string[]): string {
  return names.length <= 4
    ? names.join(", ")
    : `${names.slice(0, 3).join(", ")} and ${names.length - 3} more`;
}

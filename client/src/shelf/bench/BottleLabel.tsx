import type { Mixture, Product } from "../../api/client";
import { dayOnPaper } from "../../shared/format";

/** The label for the mixed bottle; on paper it is all that is printed. */
export function BottleLabel({ mixture, product }: { mixture: Mixture; product: Product }) {
  return (
    <section className="mt-6 max-w-[360px]" aria-label="Label for the bottle" data-alone-on-paper>
      <div className="border-[1.5px] border-ink p-4">
        <p className="serif text-20">{product.details.name}</p>
        <p className="mt-1 text-[15px] font-semibold">{mixture.byHand.inWords}</p>
        <p className="text-14">
          Mixed {dayOnPaper(mixture.mixedOn)}, good until {dayOnPaper(mixture.goodUntil)}.
        </p>
        {product.hazards.length > 0 && (
          <ul className="mt-2 border-t border-hairline pt-2 text-13 leading-[1.35]">
            {product.hazards.map((hazard) => (
              <li key={hazard.code}>
                <b>{hazard.code}</b> {hazard.text}
              </li>
            ))}
          </ul>
        )}
        <p className="mt-2 text-13">Not for drinking. Out of reach of children. Never mix.</p>
      </div>
      <button type="button" className="act2 no-print mt-2" onClick={() => window.print()}>
        Print the label
      </button>
    </section>
  );
}

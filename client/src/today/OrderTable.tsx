import type { Today } from "../api/client";
import { days, minutes } from "../shared/format";

/** "All-purpose 1:50, 49 ml" */
function said(product: Today["steps"][number]["products"][number]): string {
  const strength = product.strength === "neat" ? "" : ` ${product.strength}`;
  const amount = product.mixtureMillilitres
    ? `, ${Math.max(1, Math.round(product.mixtureMillilitres))} ml`
    : "";
  return `${product.name}${strength}${amount}`;
}

/** The running order as a list. */
export function OrderTable({ today }: { today: Today }) {
  return (
    <table className="mt-3 w-full border-collapse text-[13.5px]">
      <caption className="sr-only">Running order, {today.steps.length} steps</caption>
      <thead>
        <tr className="cap h-5">
          <th className="w-8 font-medium">No.</th>
          <th className="font-medium">Task</th>
          <th className="w-24 pr-5 !text-right whitespace-nowrap font-medium">Days left</th>
          <th className="hidden font-medium desk:table-cell">Kit</th>
          <th className="hidden font-medium desk:table-cell">Product</th>
          <th className="w-12 pr-2 !text-right font-medium">Min</th>
        </tr>
      </thead>
      <tbody>
        {today.steps.map((step) => (
          <tr key={step.number} className="h-[25px] border-t border-hairline max-desk:h-11">
            <td className="font-bold">{step.number}</td>
            <td className="pr-2" title={step.why}>
              {step.name}
              {step.part && <span className="text-soft">: {step.part.toLowerCase()}</span>}
            </td>
            <td className={`pr-5 text-right font-semibold ${step.overMark ? "over" : ""}`}>
              {step.surfaces.length > 0 ? (
                days(step.daysLeft)
              ) : (
                <span className="text-soft">–</span>
              )}
            </td>
            <td className="hidden pr-2 desk:table-cell">{step.kits.join(", ") || "Hands"}</td>
            <td className="hidden pr-2 desk:table-cell">
              {step.products.map(said).join(", ") || (
                <span className="text-soft">{step.surfaces.length > 0 ? "Dry" : "–"}</span>
              )}
            </td>
            <td className="pr-2 text-right font-semibold">{minutes(step.end - step.begin)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

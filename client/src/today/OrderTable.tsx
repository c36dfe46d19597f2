import type { Today } from "../api/client";
import { days, minutes } from "../shared/format";

function lacks(today: Today, step: Today["steps"][number]): boolean {
  return today.lacking.some((known) => known.taskId === step.taskId);
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
          <th className="w-20 pr-5 !text-right font-medium">Days left</th>
          <th className="hidden font-medium desk:table-cell">Kit</th>
          <th className="hidden font-medium desk:table-cell">Product</th>
          <th className="w-12 pr-2 !text-right font-medium">Min</th>
        </tr>
      </thead>
      <tbody>
        {today.steps.map((step) => (
          <tr key={step.number} className="h-[25px] border-t border-hairline max-desk:h-11">
            <td className="font-bold">{step.number}</td>
            <td className="pr-2">{step.name}</td>
            <td className={`pr-5 text-right font-semibold ${step.overMark ? "over" : ""}`}>
              {step.putsBack ? <span className="text-soft">–</span> : days(step.daysLeft)}
            </td>
            <td className="hidden pr-2 desk:table-cell">{step.kits.join(", ") || "Hands"}</td>
            <td className="hidden pr-2 desk:table-cell">
              {step.products.map((product) => product.name).join(", ") || (
                <span className="text-soft">
                  {step.putsBack ? "–" : lacks(today, step) ? "None that is safe" : "Dry"}
                </span>
              )}
            </td>
            <td className="pr-2 text-right font-semibold">{minutes(step.end - step.begin)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

import { useLogYears } from "../api/log";
import { count } from "../shared/format";
import { volume } from "../shared/units";

/** What each year of care came to. */
export function Years({ vehicleId }: { vehicleId: string }) {
  const years = useLogYears(vehicleId);
  if (!years.data || years.data.years.length === 0) {
    return null;
  }
  const { currency } = years.data;
  return (
    <details className="border-b border-hairline px-4 desk:px-[26px]">
      <summary className="min-h-11 cursor-pointer py-2.5 text-16 font-semibold">
        Year by year
      </summary>
      <div className="overflow-x-auto pb-4">
        <table className="w-full max-w-[860px] text-14 whitespace-nowrap">
          <thead>
            <tr className="border-b border-ink">
              {[
                "Year",
                "Sessions",
                "Minutes",
                "Products",
                currency ? `Spent, ${currency}` : "Spent",
                "Deep cleans",
                "Days overdue",
                "Weeks in a row",
              ].map((name, at) => (
                <th
                  key={name}
                  scope="col"
                  className={`cap py-1.5 ${at === 0 ? "" : "pl-4 text-right"}`}
                >
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {years.data.years.map((year) => (
              <tr key={year.year} className="border-b border-hairline">
                <th scope="row" className="py-1.5 text-16 font-semibold">
                  {year.year}
                </th>
                {[
                  year.sessions,
                  year.minutes.toLocaleString("en-GB"),
                  volume(year.millilitres),
                  year.cost.toFixed(2),
                  year.deepCleans,
                  year.overdueDays,
                  count(year.longestWeeks, "week"),
                ].map((value, at) => (
                  <td key={at} className="py-1.5 pl-4 text-right">
                    {value}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
        <p className="mt-1 text-13 text-soft">
          Costs count products with a price on the shelf, and deep cleans. Days overdue add up all
          tasks.
        </p>
      </div>
    </details>
  );
}

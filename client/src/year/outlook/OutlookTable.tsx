import type { Outlook } from "../../api/client";
import { shortMonth } from "../../shared/format";
import { volumeNumber, volumeSign } from "../../shared/units";

type Props = { now: Outlook; then: Outlook | undefined };

/** The same as numbers. */
export function OutlookTable({ now, then }: Props) {
  return (
    <details className="px-4 pb-6 desk:px-[26px]">
      <summary className="min-h-11 cursor-pointer py-2.5 text-16 font-semibold">As a table</summary>
      <table className="w-full max-w-[760px] text-14">
        <thead>
          <tr className="border-b border-ink">
            <th scope="col" className="cap py-1.5">
              Task
            </th>
            <th scope="col" className="cap py-1.5 text-right">
              Times
            </th>
            <th scope="col" className="cap py-1.5 text-right">
              Days overdue
            </th>
            {then && (
              <th scope="col" className="cap py-1.5 text-right">
                What if
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {now.lanes.map((lane) => {
            const other = then?.lanes.find((known) => known.taskId === lane.taskId);
            return (
              <tr key={lane.taskId} className="border-b border-hairline">
                <th scope="row" className="py-1 font-normal">
                  {lane.name}
                </th>
                <td className="py-1 text-right">{lane.visits.length}</td>
                <td className="py-1 text-right">{Math.round(lane.overdueDays)}</td>
                {then && (
                  <td className="py-1 text-right font-semibold">
                    {other ? Math.round(other.overdueDays) : "not done"}
                  </td>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
      <Months now={now} />
    </details>
  );
}

/** What each month takes, and the year. */
function Months({ now }: { now: Outlook }) {
  const sum = (of: (month: Outlook["months"][number]) => number) =>
    now.months.reduce((total, month) => total + of(month), 0);
  const sessions = sum((month) => month.sessions);
  const rows = [
    ...now.months.map((month) => ({
      name: `${shortMonth(Number(month.first.slice(5, 7)))} ${month.first.slice(0, 4)}`,
      ...month,
    })),
    {
      name: "The year",
      sessions,
      minutes: now.minutes,
      millilitres: now.millilitres,
      cost: now.cost,
      overdueDays: now.overdueDays,
    },
    {
      name: "A session",
      sessions: 1,
      minutes: now.minutes / Math.max(1, sessions),
      millilitres: now.millilitres / Math.max(1, sessions),
      cost: now.cost / Math.max(1, sessions),
      overdueDays: now.overdueDays / Math.max(1, sessions),
    },
  ];
  return (
    <div className="overflow-x-auto">
      <table className="mt-6 w-full max-w-[760px] text-14 whitespace-nowrap">
        <thead>
          <tr className="border-b border-ink">
            {[
              "Month",
              "Sessions",
              "Minutes",
              `Products, ${volumeSign()}`,
              now.currency ? `Cost, ${now.currency}` : "Cost",
              "Days overdue",
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
          {rows.map((row) => (
            <tr key={row.name} className="border-b border-hairline">
              <th scope="row" className="py-1 font-normal">
                {row.name}
              </th>
              <td className="py-1 pl-4 text-right">{row.sessions}</td>
              <td className="py-1 pl-4 text-right">{Math.round(row.minutes)}</td>
              <td className="py-1 pl-4 text-right">{volumeNumber(row.millilitres)}</td>
              <td className="py-1 pl-4 text-right">{row.cost.toFixed(2)}</td>
              <td className="py-1 pl-4 text-right">{Math.round(row.overdueDays)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

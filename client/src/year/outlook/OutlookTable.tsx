import type { Outlook } from "../../api/client";

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
    </details>
  );
}

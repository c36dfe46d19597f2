import type { Outlook } from "../../api/client";
import { shortMonth } from "../../shared/format";

type Ahead = Outlook["deepClean"];
type Props = {
  now: Outlook;
  then: Outlook | undefined;
  x: (day: number) => number;
  width: number;
  height: number;
};

const TOP = 1.5;
const DAY_MS = 86_400_000;

/** How soil settles deep through the year, with its band, and a flag where only a deep clean helps. */
export function DeepLane({ now, then, x, width, height }: Props) {
  const y = (level: number) => height - (Math.min(level, TOP) / TOP) * (height - 4);
  const line = (points: Ahead["points"], of: "level" | "low" | "high") =>
    points.map((point) => `${x(point.day).toFixed(1)} ${y(point[of]).toFixed(1)}`).join("L");
  const { points, due } = now.deepClean;
  const flag = due ? (Date.parse(due) - Date.parse(now.from)) / DAY_MS : undefined;
  return (
    <>
      <div className="leading-tight max-desk:col-span-2 desk:self-end">
        <b className="font-semibold">Settled deep</b>
        <span className="block text-13 text-soft max-desk:ml-2 max-desk:inline">
          in cloth and pile
        </span>
      </div>
      <svg
        width={width}
        height={height + 5}
        role="img"
        aria-label={now.deepClean.sentence}
        className="block overflow-visible"
      >
        <g transform="translate(0 3)">
          {points.length > 0 && (
            <path
              d={`M${line(points, "low")}L${line([...points].reverse(), "high")}Z`}
              fill="var(--t2)"
            />
          )}
          <path d={`M${x(0)} ${y(1)}H${x(now.days)}`} stroke="var(--coral)" strokeWidth="1" />
          <path d={`M${line(points, "level")}`} fill="none" stroke="var(--ink)" strokeWidth="1.4" />
          {then && (
            <path
              d={`M${line(then.deepClean.points, "level")}`}
              fill="none"
              stroke="var(--t5)"
              strokeWidth="1.6"
              strokeDasharray="3 2.5"
            />
          )}
          {flag !== undefined && flag <= now.days && (
            <g transform={`translate(${x(flag).toFixed(1)} 0)`}>
              <path d={`M0 ${height}V0`} stroke="var(--ink)" strokeWidth="1.4" />
              <path d="M0 0H17L12 6L17 12H0Z" fill="var(--coral)" stroke="var(--ink)" />
            </g>
          )}
          <path d={`M${x(0)} ${height}H${x(now.days)}`} stroke="var(--ink)" strokeWidth="1" />
        </g>
      </svg>
      <span className="self-end text-right text-13 leading-tight">
        {monthOf(due)}
        {then && then.deepClean.due !== due && (
          <b className="block font-semibold text-t5">{monthOf(then.deepClean.due)}</b>
        )}
      </span>
    </>
  );
}

/** "Sep 26" */
function monthOf(day: string | null): string {
  return day
    ? `${shortMonth(Number(day.slice(5, 7))).slice(0, 3)} ${day.slice(2, 4)}`
    : "not in sight";
}

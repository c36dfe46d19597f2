import type { SurfaceTask } from "../api/client";
import { tinyDay } from "../shared/format";

const WIDTH = 308;
const HEIGHT = 112;
const LEFT = 26;
const TOP = 10;
const FOOT = 24;

/** The saw-tooth of a level over the last weeks, with the mark and where it is heading. */
export function LevelHistory({ task }: { task: SurfaceTask }) {
  const points = task.history.map(placed);
  const ahead = placed(task.ahead);
  const first = points[0]?.at ?? 0;
  const now = points.at(-1) ?? ahead;
  const last = Math.max(ahead.at, now.at + 1);
  const top = Math.max(1.12, ...points.map((point) => point.level + 0.1), ahead.level + 0.1);
  const x = (at: number) => LEFT + ((at - first) / (last - first)) * (WIDTH - LEFT - 6);
  const y = (level: number) => TOP + (1 - level / top) * (HEIGHT - TOP - FOOT);
  const line = points
    .map(
      (point, index) =>
        `${index ? "L" : "M"}${x(point.at).toFixed(1)} ${y(point.level).toFixed(1)}`,
    )
    .join("");
  const ends = [...points, ...(ahead.at > now.at ? [ahead] : [])];
  const band = [
    ...ends.map((point) => ({ at: point.at, level: Math.min(point.high, top) })),
    ...ends.toReversed().map((point) => ({ at: point.at, level: Math.min(point.low, top) })),
  ]
    .map(
      (point, index) =>
        `${index ? "L" : "M"}${x(point.at).toFixed(1)} ${y(point.level).toFixed(1)}`,
    )
    .join("");
  const firstText = task.history[0]?.at;
  const nowText = task.history.at(-1)?.at;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full"
      role="img"
      aria-label={`Level over the last weeks, now ${task.level.toFixed(2)}, in nine cases of ten between ${now.low.toFixed(2)} and ${now.high.toFixed(2)}; due at 1.`}
    >
      <path d={`${line}L${x(now.at)} ${y(0)}L${LEFT} ${y(0)}Z`} fill="var(--t1)" />
      <path d={`${band}Z`} fill="var(--t3)" opacity=".5" />
      <path d={`M${LEFT} ${y(0.5)}H${WIDTH}`} stroke="var(--hairline)" />
      <path d={`M${LEFT} ${y(0)}H${WIDTH}`} stroke="var(--ink)" />
      <path d={`M${LEFT} ${y(1)}H${WIDTH}`} stroke="var(--coral)" strokeWidth="1.5" />
      <path d={line} fill="none" stroke="var(--ink)" strokeWidth="1.7" strokeLinejoin="round" />
      <path
        d={`M${x(now.at)} ${y(now.level)}L${x(ahead.at)} ${y(ahead.level)}`}
        stroke="var(--ink)"
        strokeWidth="1.7"
        strokeDasharray="3 3"
      />
      <circle cx={x(now.at)} cy={y(now.level)} r="3.6" fill="var(--ink)" />
      {ahead.level >= 0.99 && ahead.level <= 1.01 && (
        <circle
          cx={x(ahead.at)}
          cy={y(ahead.level)}
          r="3.6"
          fill="var(--paper)"
          stroke="var(--coral)"
          strokeWidth="1.6"
        />
      )}
      <text x={LEFT - 6} y={y(1) + 4} textAnchor="end" className="over">
        1.0
      </text>
      <text x={LEFT - 6} y={y(0.5) + 4} textAnchor="end" className="fill-soft">
        0.5
      </text>
      <text x={LEFT - 6} y={y(0) + 4} textAnchor="end" className="fill-soft">
        0
      </text>
      {firstText && x(now.at) > LEFT + 90 && (
        <text x={LEFT} y={HEIGHT - 5} className="fill-soft">
          {tinyDay(firstText)}
        </text>
      )}
      {nowText && (
        <text
          x={Math.max(LEFT, Math.min(x(now.at), WIDTH - 2))}
          y={HEIGHT - 5}
          textAnchor={x(now.at) > WIDTH - 40 ? "end" : x(now.at) < LEFT + 40 ? "start" : "middle"}
          fontWeight="650"
        >
          {task.level.toFixed(2)} today
        </text>
      )}
    </svg>
  );
}

type Point = SurfaceTask["ahead"];

function placed(point: Point) {
  return { ...point, at: Date.parse(point.at) };
}

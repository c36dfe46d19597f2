import { useId } from "react";
import type { Course } from "./course";

/** The level at the top of a lane: what is higher is cut there. */
const TOP = 1.5;

type Props = {
  course: Course;
  /** The same if something were otherwise. */
  then: Course | undefined;
  /** Where nine of ten futures lie, every so many days. */
  band?: { low: number[]; high: number[]; step: number } | undefined;
  x: (day: number) => number;
  height: number;
};

/** A level through the year: deep where it is dirty, red where it is over the mark. */
export function Lane({ course, then, band, x, height }: Props) {
  const clip = useId();
  const y = (level: number) => height - (Math.min(level, TOP) / TOP) * (height - 4);
  const line = (of: Course) =>
    of.before
      .flatMap((level, day) => {
        const after = of.after[day] ?? level;
        const here = `${x(day).toFixed(1)} ${y(level).toFixed(1)}`;
        return after === level ? [here] : [here, `${x(day).toFixed(1)} ${y(after).toFixed(1)}`];
      })
      .join("L");
  const edge = (levels: number[]) =>
    levels
      .map((level, at) => `${x(at * (band?.step ?? 1)).toFixed(1)} ${y(level).toFixed(1)}`)
      .join("L");
  const last = course.before.length - 1;
  const width = x(last) - x(0);
  return (
    <g>
      <clipPath id={clip}>
        <path d={`M${x(0)} ${height}L${line(course)}L${x(last)} ${height}Z`} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {BANDS.map(({ from, to, fill }) => (
          <rect key={from} x={x(0)} y={y(to)} width={width} height={y(from) - y(to)} fill={fill} />
        ))}
      </g>
      {band && (
        <path
          d={`M${edge(band.low)}L${edge(band.high).split("L").reverse().join("L")}Z`}
          fill="var(--brass)"
          opacity="0.28"
        />
      )}
      <path d={`M${x(0)} ${y(1)}H${x(last)}`} stroke="var(--coral)" strokeWidth="1" />
      <path d={`M${line(course)}`} fill="none" stroke="var(--ink)" strokeWidth="0.9" />
      <path d={`M${x(0)} ${height}H${x(last)}`} stroke="var(--ink)" strokeWidth="1" />
      {then && (
        <path
          d={`M${line(then)}`}
          fill="none"
          stroke="var(--t5)"
          strokeWidth="1.6"
          strokeDasharray="3 2.5"
        />
      )}
    </g>
  );
}

const BANDS = [
  { from: 0, to: 0.2, fill: "var(--t1)" },
  { from: 0.2, to: 0.4, fill: "var(--t2)" },
  { from: 0.4, to: 0.6, fill: "var(--t3)" },
  { from: 0.6, to: 0.8, fill: "var(--t4)" },
  { from: 0.8, to: 1, fill: "var(--t5)" },
  { from: 1, to: TOP, fill: "var(--coral)" },
];

import type { Cabin, PlannedStep, PlanPoint, Today } from "../api/client";
import { CabinDrawing } from "../shared/CabinDrawing";

const GAP = 26;
const STRIDE = 60;

/** The small plan with the way walked round the car and the stops on it. */
export function WayRound({ today, cabin }: { today: Today; cabin: Cabin }) {
  const { bounds } = cabin.plan;
  const box = {
    x: -70,
    y: -110,
    width: bounds.x + bounds.width + 150,
    height: bounds.height + 230,
  };
  return (
    <svg
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      className="w-full max-desk:max-w-lg"
      role="img"
      aria-label={`The way round the car: ${today.steps.map((step) => `${step.number}, ${step.zones.join(", ") || "on the spot"}`).join("; ")}.`}
    >
      <CabinDrawing cabin={cabin} overhead={false} />
      <g
        fill="none"
        stroke="var(--ink)"
        strokeWidth="3.6"
        strokeLinecap="round"
        strokeLinejoin="round"
      >
        {rounds(today, box).map((round) => (
          <path key={round.d} d={round.d} strokeDasharray={round.outer ? "3 10" : "15 8"} />
        ))}
      </g>
      {stops(today.steps).map(({ step, x, y }) => (
        <g key={step.number}>
          <circle
            cx={x}
            cy={y}
            r="26"
            fill={step.overMark ? "var(--paper)" : "var(--ink)"}
            stroke={step.overMark ? "var(--coral)" : "var(--paper)"}
            strokeWidth="5"
          />
          <text
            x={x}
            y={y + 11}
            textAnchor="middle"
            style={{
              fontSize: 32,
              fontWeight: 700,
              fill: step.overMark ? "var(--coral)" : "var(--paper)",
            }}
          >
            {step.number}
          </text>
        </g>
      ))}
    </svg>
  );
}

type Box = { x: number; y: number; width: number; height: number };

/** The legs of the walk as two lines at most: the first time round on the inner track, all later rounds on the outer one. */
function rounds(today: Today, box: Box): { d: string; outer: boolean }[] {
  const trodden = new Set<string>();
  const inner: string[] = [];
  const outer: string[] = [];
  const middleX = box.x + box.width / 2;
  const middleY = box.y + box.height / 2;
  for (const leg of today.walk) {
    for (let index = 1; index < leg.points.length; index++) {
      const a = leg.points[index - 1];
      const b = leg.points[index];
      if (!a || !b || (a.x === b.x && a.y === b.y)) {
        continue;
      }
      const key = [`${a.x},${a.y}`, `${b.x},${b.y}`].sort().join(" ");
      if (!trodden.has(key)) {
        trodden.add(key);
        inner.push(`M${a.x} ${a.y}L${b.x} ${b.y}`);
        continue;
      }
      const across = a.x === b.x;
      const shift = across
        ? { x: a.x > middleX ? GAP : -GAP, y: 0 }
        : { x: 0, y: a.y > middleY ? GAP : -GAP };
      const [from, to] = across ? order(a, b, "y", today) : order(a, b, "x", today);
      const piece = `M${from.x + shift.x} ${from.y + shift.y}L${to.x + shift.x} ${to.y + shift.y}`;
      if (!outer.includes(piece)) {
        outer.push(piece);
      }
    }
  }
  return [
    { d: inner.join(""), outer: false },
    { d: outer.join(""), outer: true },
  ].filter((round) => round.d !== "");
}

/** The ends of a piece on the outer track, drawn out at the corners so that the track closes. */
function order(a: PlanPoint, b: PlanPoint, axis: "x" | "y", today: Today): [PlanPoint, PlanPoint] {
  const corners = today.walk.flatMap((leg) => leg.points.map((point) => point[axis]));
  const [low, high] = [Math.min(...corners), Math.max(...corners)];
  const out = (point: PlanPoint): PlanPoint => ({
    ...point,
    [axis]: point[axis] === low ? low - GAP : point[axis] === high ? high + GAP : point[axis],
  });
  return [out(a), out(b)];
}

/** Stops at one door stand side by side, in order, so that every number can be read. */
function stops(steps: readonly PlannedStep[]): { step: PlannedStep; x: number; y: number }[] {
  const doors = Map.groupBy(steps, (step) => `${step.stop.x},${step.stop.y}`);
  return [...doors.values()].flatMap((here) =>
    here.map((step, place) => {
      const offset = (place - (here.length - 1) / 2) * STRIDE;
      const upright = step.stop.y > 0 && step.stop.y < 560;
      return {
        step,
        x: step.stop.x + (upright ? 0 : offset),
        y: step.stop.y + (upright ? offset : 0),
      };
    }),
  );
}

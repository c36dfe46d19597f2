import type { Cabin, PlanPoint, Today } from "../api/client";
import { CabinDrawing } from "../shared/CabinDrawing";
import { useWidth } from "../shared/useWidth";
import { type Comb, combsOf, lengthOf, PLATE } from "./plates";

const GAP = 26;
/** How far the plates stand from the stop they belong to, in pixels. */
const STEM = 12;
const AIR = 6;

/** The small plan with the way walked round the car, and at each stop the numbers of what is done there. */
export function WayRound({ today, cabin }: { today: Today; cabin: Cabin }) {
  const [ref, width] = useWidth<HTMLDivElement>(290);
  const { bounds } = cabin.plan;
  const stops = today.steps.map((step) => step.stop);
  const plan = {
    x: Math.min(bounds.x, ...stops.map((stop) => stop.x)),
    y: Math.min(bounds.y, ...stops.map((stop) => stop.y)),
    width: 0,
    height: 0,
  };
  plan.width = Math.max(bounds.x + bounds.width, ...stops.map((stop) => stop.x)) - plan.x;
  plan.height = Math.max(bounds.y + bounds.height, ...stops.map((stop) => stop.y)) - plan.y;
  // The plates keep their size on the screen, so the room they take depends on how large the plan is drawn.
  const unit = plan.width / Math.max(80, Math.min(width, 420) - 2 * (STEM + 34));
  const room = (STEM + PLATE + AIR) * unit;
  const sides = (STEM + 34) * unit;
  const combs = combsOf(today.steps, plan, unit);
  const ends = combs.flatMap((comb) => {
    const along = comb.side === "top" || comb.side === "bottom";
    return along ? [comb.from, comb.from + lengthOf(comb, unit)] : [];
  });
  const heights = combs.flatMap((comb) => {
    const along = comb.side === "top" || comb.side === "bottom";
    return along ? [] : [comb.from, comb.from + lengthOf(comb, unit)];
  });
  const left = Math.min(plan.x - sides, ...ends);
  const right = Math.max(plan.x + plan.width + sides, ...ends);
  const top = Math.min(plan.y - room, ...heights);
  const bottom = Math.max(plan.y + plan.height + room, ...heights);
  const box = { x: left, y: top, width: right - left, height: bottom - top };
  return (
    <div ref={ref}>
      <svg
        viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
        className="mx-auto w-full max-w-[420px]"
        role="img"
        aria-label={`Your route round the car: ${today.steps.map((step) => `${step.number}, ${step.zones.join(", ") || "on the spot"}`).join("; ")}.`}
      >
        <CabinDrawing cabin={cabin} overhead={false} />
        <g
          fill="none"
          stroke="var(--ink)"
          strokeWidth="3.6"
          strokeLinecap="round"
          strokeLinejoin="round"
        >
          {rounds(today, plan).map((round) => (
            <path key={round.d} d={round.d} strokeDasharray={round.outer ? "3 10" : "15 8"} />
          ))}
        </g>
        {combs.map((comb) => (
          <Plates key={`${comb.x} ${comb.y}`} comb={comb} unit={unit} />
        ))}
      </svg>
    </div>
  );
}

/** The plates of one stop, tied to it by a stem. */
function Plates({ comb, unit }: { comb: Comb; unit: number }) {
  const upright = comb.side === "left" || comb.side === "right";
  const out = comb.side === "top" || comb.side === "left" ? -1 : 1;
  const stem = STEM * unit * out;
  const length = lengthOf(comb, unit);
  let at = comb.from;
  return (
    <g stroke="var(--ink)" strokeWidth={1.1 * unit}>
      {upright ? (
        <path
          fill="none"
          d={`M${comb.x} ${comb.y}h${stem / 2}V${comb.from + length / 2}h${stem / 2}M${comb.x + stem} ${comb.from}v${length}`}
        />
      ) : (
        <path
          fill="none"
          d={`M${comb.x} ${comb.y}v${stem / 2}H${comb.from + length / 2}v${stem / 2}M${comb.from} ${comb.y + stem}h${length}`}
        />
      )}
      <circle cx={comb.x} cy={comb.y} r={2.6 * unit} fill="var(--ink)" stroke="none" />
      {comb.plates.map((plate) => {
        const height = PLATE * unit;
        const x = upright ? comb.x + stem + (out < 0 ? -plate.width : 0) : at;
        const y = upright ? at : comb.y + stem + (out < 0 ? -height : 0);
        at += (upright ? height : plate.width) + 3 * unit;
        return (
          <g key={plate.text}>
            <rect
              x={x}
              y={y}
              width={plate.width}
              height={height}
              fill={plate.over ? "var(--paper)" : "var(--ink)"}
              stroke={plate.over ? "var(--coral)" : "var(--ink)"}
              strokeWidth={1.4 * unit}
            />
            <text
              x={x + plate.width / 2}
              y={y + height * 0.73}
              textAnchor="middle"
              stroke="none"
              style={{
                fontSize: 13 * unit,
                fontWeight: 700,
                fill: plate.over ? "var(--coral)" : "var(--paper)",
              }}
            >
              {plate.text}
            </text>
          </g>
        );
      })}
    </g>
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

import { type KeyboardEvent, useMemo, useRef } from "react";
import type { Cabin, SurfaceOnChart } from "../api/client";
import { CabinDrawing, type PlanShape } from "../shared/CabinDrawing";
import { inkOn, step } from "../shared/chart";
import { days, daysSaid } from "../shared/format";
import { insideLabels, leaders } from "./labels";

const MARGIN = { x: 46, top: 70, bottom: 70 };
const ROW = 18;

type Props = { cabin: Cabin; chosen: string | null; onChoose: (surfaceId: string) => void };

/** What a listener hears for a surface. */
export function spoken(surface: SurfaceOnChart): string {
  return `${surface.name}, ${daysSaid(surface.daysLeft)}, level ${surface.level.toFixed(2)}`;
}

/** The cabin as a nautical chart: tint for level, soundings for days, names in the margins. */
export function Chart({ cabin, chosen, onChoose }: Props) {
  const ref = useRef<SVGSVGElement>(null);
  const { bounds } = cabin.plan;
  const box = {
    x: bounds.x - MARGIN.x,
    y: bounds.y - MARGIN.top,
    width: bounds.width + MARGIN.x * 2,
    height: bounds.height + MARGIN.top + MARGIN.bottom,
  };
  const inside = useMemo(() => insideLabels(cabin), [cabin]);
  const margins = useMemo(
    () => leaders(cabin, box.x + 20, box.x + box.width - 20),
    [cabin, box.x, box.width],
  );
  // One walks the surfaces in the order a person would reach them.
  const onPlan = new Set(cabin.plan.shapes.map((shape) => shape.surfaceId));
  const walk = cabin.surfaces
    .filter((surface) => onPlan.has(surface.id))
    .map((surface) => surface.id);
  const entry = chosen && onPlan.has(chosen) ? chosen : walk[0];
  const picked = cabin.plan.shapes.find((shape) => shape.surfaceId === chosen);

  function onKey(event: KeyboardEvent, id: string) {
    const at = walk.indexOf(id);
    const moves: Record<string, number> = {
      ArrowRight: at + 1,
      ArrowDown: at + 1,
      ArrowLeft: at - 1,
      ArrowUp: at - 1,
      Home: 0,
      End: walk.length - 1,
    };
    const next = moves[event.key];
    const target = next === undefined ? undefined : walk[(next + walk.length) % walk.length];
    if (target) {
      event.preventDefault();
      onChoose(target);
      ref.current?.querySelector<SVGGElement>(`[data-surface="${target}"]`)?.focus();
    } else if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      onChoose(id);
    }
  }

  return (
    <svg
      ref={ref}
      viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
      className="block w-full desk:max-h-[calc(100dvh-190px)]"
      role="group"
      aria-label="Plan of the cabin from above, bonnet to the left. Arrow keys walk from surface to surface."
    >
      <Neatline box={box} cabin={cabin} />
      <CabinDrawing
        cabin={cabin}
        wrap={(surface, shape, drawing) => (
          <g
            className="area"
            data-surface={surface.id}
            role="button"
            tabIndex={surface.id === entry ? 0 : -1}
            aria-label={spoken(surface)}
            aria-pressed={surface.id === chosen}
            onClick={() => onChoose(surface.id)}
            onKeyDown={(event) => onKey(event, surface.id)}
          >
            <title>{spoken(surface)}</title>
            {drawing}
            <path className="area-focus" d={shape.outline} />
          </g>
        )}
      />
      <g pointerEvents="none" aria-hidden="true">
        {margins.map((one) => {
          const baseline = one.top
            ? box.y + 28 + one.row * ROW
            : box.y + box.height - 19 - one.row * ROW;
          const drop = `M${one.anchor.x} ${one.top ? baseline + 6 : baseline - 15}V${one.anchor.y}`;
          return (
            <g key={one.surface.id}>
              <path d={drop} stroke="var(--paper)" strokeWidth="2.6" opacity=".55" />
              <path className="leader" d={drop} />
              <circle
                cx={one.anchor.x}
                cy={one.anchor.y}
                r="2.6"
                fill="var(--ink)"
                stroke="var(--paper)"
                strokeWidth=".8"
              />
              <text x={one.x} y={baseline} style={{ fontSize: 13 }}>
                <tspan fontWeight="650" className={one.surface.overMark ? "over" : ""}>
                  {one.head}
                </tspan>
                {one.note && (
                  <tspan className="note" dx="6">
                    {one.note}
                  </tspan>
                )}
              </text>
            </g>
          );
        })}
        {inside.map((one) => (
          <Sounding key={one.surface.id} {...one} />
        ))}
        {picked && <Brackets shape={picked} />}
        <text
          className="cap"
          textAnchor="middle"
          transform={`translate(${bounds.x - 12} 280) rotate(-90)`}
        >
          Bonnet
        </text>
      </g>
    </svg>
  );
}

/** Days to the mark on the deepest band; past it, a coral figure on a paper plate. */
function Sounding({ surface, x, y, name, strip, turned }: ReturnType<typeof insideLabels>[number]) {
  const text = days(surface.daysLeft);
  const tint = step(surface.level);
  const width = text.length * 7.5 + 9;
  const turn = turned ? `rotate(-90 ${x} ${y})` : undefined;
  const plain = surface.overMark ? null : inkOn(tint);
  return (
    <g transform={turn}>
      {name && (
        <text
          x={x}
          y={y - 17}
          textAnchor="middle"
          style={{ fontSize: 12.5, fill: plain ?? "var(--ink)" }}
        >
          {name}
        </text>
      )}
      {plain ? (
        <>
          {strip && (
            <rect
              x={x - width / 2}
              y={y - 7.5}
              width={width}
              height="15"
              fill={`var(--t${tint})`}
            />
          )}
          <text className="sounding" x={x} y={y + 4.5} style={{ fill: plain }}>
            {text}
          </text>
        </>
      ) : (
        <>
          <rect className="plate" x={x - width / 2} y={y - 9} width={width} height="18" rx="2" />
          <text className="sounding over" x={x} y={y + 4.5}>
            {text}
          </text>
        </>
      )}
    </g>
  );
}

/** Four ink brackets round the chosen surface. */
function Brackets({ shape }: { shape: PlanShape }) {
  const { x, y, width, height } = shape.bounds;
  const arm = Math.min(22, width / 3, height / 3);
  const [l, t, r, b] = [x - 4, y - 4, x + width + 4, y + height + 4];
  return (
    <path
      className="pick"
      d={`M${l} ${t + arm}V${t}H${l + arm}M${r - arm} ${t}H${r}V${t + arm}M${r} ${b - arm}V${b}H${r - arm}M${l + arm} ${b}H${l}V${b - arm}`}
    />
  );
}

type Box = { x: number; y: number; width: number; height: number };

/** The border of the chart; its bars are twenty centimetres of car. */
function Neatline({ box, cabin }: { box: Box; cabin: Cabin }) {
  const along = 20 / cabin.centimetresAlong;
  const across = 20 / cabin.centimetresAcross;
  const x0 = box.x + 3;
  const y0 = box.y + 3;
  const width = box.width - 6;
  const height = box.height - 6;
  const barsAlong = Array.from({ length: Math.floor((width - 16) / along) }, (_, i) => i).filter(
    (i) => i % 2,
  );
  const barsAcross = Array.from({ length: Math.floor((height - 16) / across) }, (_, i) => i).filter(
    (i) => i % 2,
  );
  return (
    <g fill="none" stroke="var(--ink)" aria-hidden="true">
      <rect x={x0} y={y0} width={width} height={height} strokeWidth="1.2" />
      <rect x={x0 + 8} y={y0 + 8} width={width - 16} height={height - 16} strokeWidth=".8" />
      <g fill="var(--ink)" stroke="none">
        {barsAlong.flatMap((i) =>
          [y0 + 2.3, y0 + height - 5.9].map((y) => (
            <rect key={`${i} ${y}`} x={x0 + 8 + i * along} y={y} width={along} height="3.6" />
          )),
        )}
        {barsAcross.flatMap((i) =>
          [x0 + 2.3, x0 + width - 5.9].map((x) => (
            <rect key={`${i} ${x}`} x={x} y={y0 + 8 + i * across} width="3.6" height={across} />
          )),
        )}
      </g>
    </g>
  );
}

import { type KeyboardEvent, useMemo, useRef } from "react";
import type { Cabin, SurfaceOnChart } from "../api/client";
import { CabinDrawing, type PlanShape } from "../shared/CabinDrawing";
import { inkOn, step } from "../shared/chart";
import { days, daysSaid } from "../shared/format";
import { frameOf } from "./frame";
import { type Frame, insideLabels, leaders } from "./labels";

const ROW = 18;

type Props = {
  cabin: Cabin;
  chosen: string | null;
  onChoose: (surfaceId: string) => void;
  /** The zone to draw larger; null for the whole car. */
  zone?: string | null;
};

/** What a listener hears for a surface. */
export function spoken(surface: SurfaceOnChart): string {
  return `${surface.name}, ${daysSaid(surface.daysLeft)}, level ${surface.level.toFixed(2)}`;
}

/** The cabin as a nautical chart: tint for level, soundings for days, names in the margins. */
export function Chart({ cabin, chosen, onChoose, zone = null }: Props) {
  const ref = useRef<SVGSVGElement>(null);
  const { bounds } = cabin.plan;
  const box = useMemo(() => frameOf(cabin, zone), [cabin, zone]);
  const inside = useMemo(() => insideLabels(cabin, box), [cabin, box]);
  const margins = useMemo(() => leaders(cabin, box), [cabin, box]);
  const { unit } = box;
  // One walks the surfaces in the order a person would reach them.
  const onPlan = new Set(cabin.plan.shapes.map((shape) => shape.surfaceId));
  const walk = cabin.surfaces
    .filter((surface) => onPlan.has(surface.id) && (zone === null || surface.zoneId === zone))
    .map((surface) => surface.id);
  const entry = chosen && walk.includes(chosen) ? chosen : walk[0];
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
      className="block w-full desk:max-h-[calc(100dvh-190px)] print:max-h-[150mm]"
      role="group"
      aria-label="Plan of the cabin from above, bonnet to the left. Arrow keys walk from surface to surface."
    >
      <Neatline box={box} cabin={cabin} />
      <clipPath id="chart-frame">
        <rect
          x={box.x + 11 * unit}
          y={box.y + (zone ? 56 : 11) * unit}
          width={box.width - 22 * unit}
          height={box.height - (zone ? 106 : 22) * unit}
        />
      </clipPath>
      <g clipPath="url(#chart-frame)">
        <CabinDrawing
          cabin={cabin}
          wrap={(surface, shape, drawing) => (
            <g
              className="area"
              opacity={zone === null || surface.zoneId === zone ? 1 : 0.35}
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
      </g>
      <g pointerEvents="none" aria-hidden="true">
        {margins.map((margin) => {
          const baseline = margin.top
            ? box.y + (28 + margin.row * ROW) * unit
            : box.y + box.height - (19 + margin.row * ROW) * unit;
          const drop = `M${margin.anchor.x} ${baseline + (margin.top ? 6 : -15) * unit}V${margin.anchor.y}`;
          return (
            <g key={margin.surface.id}>
              <path d={drop} stroke="var(--paper)" strokeWidth={2.6 * unit} opacity=".55" />
              <path className="leader" d={drop} style={{ strokeWidth: 0.9 * unit }} />
              <circle
                cx={margin.anchor.x}
                cy={margin.anchor.y}
                r={2.6 * unit}
                fill="var(--ink)"
                stroke="var(--paper)"
                strokeWidth={0.8 * unit}
              />
              <text x={margin.x} y={baseline} style={{ fontSize: 13 * unit }}>
                <tspan fontWeight="650" className={margin.surface.overMark ? "over" : ""}>
                  {margin.head}
                </tspan>
                {margin.note && (
                  <tspan className="note" dx={6 * unit} style={{ fontSize: 13 * unit }}>
                    {margin.note}
                  </tspan>
                )}
              </text>
            </g>
          );
        })}
        {inside.map((label) => (
          <Sounding key={label.surface.id} {...label} unit={unit} />
        ))}
        {picked && <Brackets shape={picked} unit={unit} />}
        {box.zone === null && (
          <text
            className="cap"
            textAnchor="middle"
            transform={`translate(${bounds.x - 12} 280) rotate(-90)`}
          >
            Bonnet
          </text>
        )}
      </g>
    </svg>
  );
}

type SoundingProps = ReturnType<typeof insideLabels>[number] & { unit: number };

/** Days to the mark on the deepest band; past it, a coral figure on a paper plate. */
function Sounding({ surface, x, y, name, strip, turned, unit }: SoundingProps) {
  const text = days(surface.daysLeft);
  const tint = step(surface.level);
  const width = (text.length * 7.5 + 9) * unit;
  const size = { fontSize: 13 * unit };
  const turn = turned ? `rotate(-90 ${x} ${y})` : undefined;
  const plain = surface.overMark ? null : inkOn(tint);
  return (
    <g transform={turn}>
      {name && (
        <text
          x={x}
          y={y - 17 * unit}
          textAnchor="middle"
          style={{ fontSize: 12.5 * unit, fill: plain ?? "var(--ink)" }}
        >
          {name}
        </text>
      )}
      {plain ? (
        <>
          {strip && (
            <rect
              x={x - width / 2}
              y={y - 7.5 * unit}
              width={width}
              height={15 * unit}
              fill={`var(--t${tint})`}
            />
          )}
          <text className="sounding" x={x} y={y + 4.5 * unit} style={{ ...size, fill: plain }}>
            {text}
          </text>
        </>
      ) : (
        <>
          <rect
            className="plate"
            x={x - width / 2}
            y={y - 9 * unit}
            width={width}
            height={18 * unit}
            rx={2 * unit}
          />
          <text className="sounding over" x={x} y={y + 4.5 * unit} style={size}>
            {text}
          </text>
        </>
      )}
    </g>
  );
}

/** Four ink brackets round the chosen surface. */
function Brackets({ shape, unit }: { shape: PlanShape; unit: number }) {
  const { x, y, width, height } = shape.bounds;
  const arm = Math.min(22, width / 3, height / 3);
  const off = 4 * unit;
  const [l, t, r, b] = [x - off, y - off, x + width + off, y + height + off];
  return (
    <path
      className="pick"
      style={{ strokeWidth: 3.5 * unit }}
      d={`M${l} ${t + arm}V${t}H${l + arm}M${r - arm} ${t}H${r}V${t + arm}M${r} ${b - arm}V${b}H${r - arm}M${l + arm} ${b}H${l}V${b - arm}`}
    />
  );
}

/** The border of the chart; its bars are twenty centimetres of car. */
function Neatline({ box, cabin }: { box: Frame; cabin: Cabin }) {
  const { unit } = box;
  const along = 20 / cabin.plan.scale.centimetresAlong;
  const across = 20 / cabin.plan.scale.centimetresAcross;
  const x0 = box.x + 3 * unit;
  const y0 = box.y + 3 * unit;
  const width = box.width - 6 * unit;
  const height = box.height - 6 * unit;
  const bars = (length: number, bar: number) =>
    Array.from({ length: Math.floor((length - 16 * unit) / bar) }, (_, i) => i).filter(
      (i) => i % 2,
    );
  return (
    <g fill="none" stroke="var(--ink)" aria-hidden="true">
      <rect x={x0} y={y0} width={width} height={height} strokeWidth={1.2 * unit} />
      <rect
        x={x0 + 8 * unit}
        y={y0 + 8 * unit}
        width={width - 16 * unit}
        height={height - 16 * unit}
        strokeWidth={0.8 * unit}
      />
      <g fill="var(--ink)" stroke="none">
        {bars(width, along).flatMap((i) =>
          [y0 + 2.3 * unit, y0 + height - 5.9 * unit].map((y) => (
            <rect
              key={`${i} ${y}`}
              x={x0 + 8 * unit + i * along}
              y={y}
              width={along}
              height={3.6 * unit}
            />
          )),
        )}
        {bars(height, across).flatMap((i) =>
          [x0 + 2.3 * unit, x0 + width - 5.9 * unit].map((x) => (
            <rect
              key={`${i} ${x}`}
              x={x}
              y={y0 + 8 * unit + i * across}
              width={3.6 * unit}
              height={across}
            />
          )),
        )}
      </g>
    </g>
  );
}

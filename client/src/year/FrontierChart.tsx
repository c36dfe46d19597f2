import { Slider } from "radix-ui";
import type { KeyboardEvent } from "react";
import type { Frontier, FrontierPoint, RoutinePlan } from "../api/client";
import { useWidth } from "../shared/useWidth";
import { type Measure, overdueOf } from "./frontierScale";

/** From which width on the axis is named in full. */
const ROOM_FOR_ALL = 420;

/** How tall the chart is, in pixels. */
export const CHART_HEIGHT = 250;
const TOP = 16;
const BASE = 186;
const BAR = 9;

type Props = {
  coast: FrontierPoint[];
  named: { name: string; point: FrontierPoint }[];
  own: Frontier["own"];
  lately: Frontier["lately"];
  changed: RoutinePlan | undefined;
  chosen: FrontierPoint | undefined;
  measure: Measure;
  onChoose: (point: FrontierPoint) => void;
};

/** The coastline that no routine crosses, and the marker that walks along it. */
export function FrontierChart(props: Props) {
  const { coast, named, own, lately, changed, chosen, measure, onChoose } = props;
  const [ref, width] = useWidth<HTMLDivElement>(540);
  const left = 46;
  const right = width - 16;
  const fewest = coast[0]?.minutesAWeek ?? 5;
  const beside = [own, changed && { minutesAWeek: changed.givenAWeek }, lately];
  const most = Math.max(
    coast.at(-1)?.minutesAWeek ?? 50,
    ...beside.map((point) => point?.minutesAWeek ?? 0),
  );
  const least = Math.min(fewest, ...beside.map((point) => point?.minutesAWeek ?? fewest));
  const deepest = Math.max(1, ...coast.map((point) => overdueOf(point, measure)));
  // Both scales open out at the short end, as that of the time ruler does.
  const x = (minutes: number) => left + root(minutes, least, most) * (right - left);
  const y = (overdue: number) => BASE - root(Math.min(overdue, deepest), 0, deepest) * (BASE - TOP);
  const at = (point: FrontierPoint) => ({
    x: x(point.minutesAWeek),
    y: y(overdueOf(point, measure)),
  });
  const line = coast
    .map((point) => `${at(point).x.toFixed(1)} ${at(point).y.toFixed(1)}`)
    .join("L");
  const index = chosen ? coast.indexOf(chosen) : -1;

  function onKey(event: KeyboardEvent) {
    const to: Record<string, number> = {
      ArrowRight: index + 1,
      ArrowUp: index + 1,
      ArrowLeft: index - 1,
      ArrowDown: index - 1,
      Home: 0,
      End: coast.length - 1,
    };
    const wanted = to[event.key];
    if (wanted !== undefined) {
      event.preventDefault();
      pick(wanted);
    }
  }

  function pick(place: number) {
    const point = coast[Math.max(0, Math.min(coast.length - 1, place))];
    if (point) {
      onChoose(point);
    }
  }

  const minutesOfTicks = TICKS.filter((tick) => tick >= least && tick <= most);
  return (
    <div ref={ref} className="relative mt-1 touch-pan-y" style={{ height: CHART_HEIGHT }}>
      <svg width={width} height={CHART_HEIGHT} aria-hidden="true" className="absolute inset-0">
        <clipPath id="water">
          <path d={`M${line}H${right}V0H${left}Z`} />
        </clipPath>
        <path d={`M${line}H${right}V${BASE}H${left}Z`} fill="var(--paper-deep)" />
        <g clipPath="url(#water)" fill="none" strokeLinejoin="round">
          <path d={`M${line}`} stroke="var(--t1)" strokeWidth="56" />
          <path d={`M${line}`} stroke="var(--t2)" strokeWidth="26" />
        </g>
        {ticksOf(deepest).map((tick) => (
          <g key={tick}>
            <path d={`M${left - 5} ${y(tick)}H${left}`} stroke="var(--ink)" />
            <text x={left - 8} y={y(tick) + 4} textAnchor="end" className="fill-soft">
              {tick}
            </text>
          </g>
        ))}
        <path d={`M${left} ${TOP}V${BASE}`} stroke="var(--ink)" />
        <path
          d={`M${line}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2"
          strokeLinejoin="round"
        />
        {minutesOfTicks.slice(0, -1).map((from, place) => (
          <rect
            key={from}
            x={x(from)}
            y={BASE}
            width={Math.max(0, x(minutesOfTicks[place + 1] ?? most) - x(from))}
            height={BAR}
            fill={place % 2 ? "var(--ink)" : "var(--paper)"}
            stroke="var(--ink)"
            strokeWidth="1.1"
          />
        ))}
        {minutesOfTicks
          .filter((tick) => Math.abs(x(tick) - (chosen ? at(chosen).x : left)) > 20)
          .map((tick) => (
            <text key={tick} x={x(tick)} y={BASE + BAR + 17} textAnchor="middle">
              {tick}
            </text>
          ))}
        <text x={right} y={CHART_HEIGHT - 6} textAnchor="end" className="cap">
          {measure === "days"
            ? `days overdue a year${right < ROOM_FOR_ALL ? "" : ", all tasks added"}`
            : "days by weight and by how far"}
          , by minutes a week
        </text>
        {named.map(({ name, point }) => (
          <circle
            key={name}
            cx={at(point).x}
            cy={y(overdueOf(point, measure))}
            r="4"
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth="1.6"
          />
        ))}
        {lately && measure === "days" && (
          <Label
            x={x(lately.minutesAWeek)}
            y={y(lately.overdueDays)}
            words="lately"
            right={right}
            above
          />
        )}
        {own && (
          <Label
            x={x(own.minutesAWeek)}
            y={y(overdueOf(own, measure))}
            words="your routine"
            right={right}
            solid
          />
        )}
        {changed && (
          <Label
            x={x(changed.givenAWeek)}
            y={y(measure === "days" ? changed.overdueDays : changed.weightedOverdue)}
            words="your change"
            right={right}
            above
            teal
          />
        )}
      </svg>
      <Slider.Root
        className="absolute flex cursor-pointer items-start select-none"
        style={{ left, width: Math.max(0, right - left), top: TOP, height: BASE + BAR - TOP }}
        min={0}
        max={1000}
        step={1}
        value={[chosen ? Math.round(((at(chosen).x - left) / (right - left)) * 1000) : 0]}
        onValueChange={([place = 0]) => {
          const wanted = left + (place / 1000) * (right - left);
          pick(
            coast.reduce(
              (best, point, i) =>
                Math.abs(at(point).x - wanted) < Math.abs(at(coast[best] ?? point).x - wanted)
                  ? i
                  : best,
              0,
            ),
          );
        }}
        onKeyDownCapture={(event) => {
          onKey(event);
          if (event.defaultPrevented) {
            event.stopPropagation();
          }
        }}
      >
        <Slider.Track className="h-full w-full" />
        <Slider.Thumb
          aria-label="Pattern on the line"
          aria-valuemin={0}
          aria-valuemax={coast.length - 1}
          aria-valuenow={Math.max(0, index)}
          aria-valuetext={
            chosen
              ? `${chosen.words}: ${Math.round(chosen.minutesAWeek)} minutes a week, ${Math.round(overdueOf(chosen, measure))} days overdue`
              : "none chosen yet"
          }
          className="group block w-0 outline-none"
          style={{ height: BASE + BAR - TOP }}
        >
          <svg width="1" height="1" className="overflow-visible" aria-hidden="true">
            {chosen && (
              <>
                <path
                  d={`M0 ${at(chosen).y - TOP}V${BASE - TOP}`}
                  stroke="var(--ink)"
                  strokeWidth="2"
                />
                <circle cx="0" cy={at(chosen).y - TOP} r="5" fill="var(--ink)" />
              </>
            )}
            <path
              d={`M0 ${BASE - TOP - 2}l9 9v14h-18v-14Z`}
              fill="var(--ink)"
              stroke="var(--paper)"
              strokeWidth="1.5"
              className="group-focus-visible:stroke-focus group-focus-visible:[stroke-width:3]"
            />
          </svg>
        </Slider.Thumb>
      </Slider.Root>
    </div>
  );
}

const TICKS = [5, 10, 15, 20, 25, 30, 40, 50, 60, 75, 90, 105, 120, 150, 180, 240, 300];

function root(value: number, from: number, to: number): number {
  const span = Math.sqrt(to) - Math.sqrt(from);
  return span > 0 ? (Math.sqrt(Math.max(0, value)) - Math.sqrt(from)) / span : 0;
}

/** A few round numbers up to the deepest. */
function ticksOf(deepest: number): number[] {
  const steps = [0, 0.04, 0.25, 0.5, 1].map((share) => share * deepest);
  return [...new Set(steps.map(rounded))].filter((tick) => tick <= deepest);
}

function rounded(value: number): number {
  const unit = 10 ** Math.max(0, Math.floor(Math.log10(Math.max(1, value))));
  return Math.floor(value / unit) * unit;
}

type LabelProps = {
  x: number;
  y: number;
  words: string;
  right: number;
  above?: boolean;
  solid?: boolean;
  teal?: boolean;
};

/** A point beside the coastline: the owner's own. */
function Label({ x, y, words, right, above = false, solid = false, teal = false }: LabelProps) {
  const turned = x > right - 90;
  const colour = teal ? "var(--t4)" : "var(--ink)";
  return (
    <g stroke="var(--paper)" strokeWidth="4" paintOrder="stroke" strokeLinejoin="round">
      <circle cx={x} cy={y} r="6" fill="var(--paper)" stroke={colour} strokeWidth="1.8" />
      {(solid || teal) && <circle cx={x} cy={y} r="2.5" fill={colour} stroke="none" />}
      <text
        x={x + (turned ? -11 : 11)}
        y={y + (above ? -8 : 4)}
        textAnchor={turned ? "end" : "start"}
        style={{ fontSize: 13, fontWeight: 650, fill: teal ? "var(--t5)" : undefined }}
      >
        {words}
      </text>
    </g>
  );
}

import type { KeyboardEvent } from "react";
import type { Today } from "../api/client";
import { percent } from "../shared/format";
import { useWidth } from "../shared/useWidth";
import { callOutsOf, placed } from "./callOuts";
import { LONGEST, NUMBERED, SHORTEST, TICKS, toMinutes, toPlace } from "./scale";

/** The first of the two rows of call-outs above the curve. */
const ROW = 12;
/** From one row of words to the next. */
const LINE = 18;
const TOP = 42;
const BASE = 134;
const BAR = 11;
const HEIGHT = 180;
/** The room that the chosen minutes take beside the stem. */
const VALUE = 150;
const FINE = 10_000;

type Props = { today: Today; minutes: number; onChange: (minutes: number) => void };

/** The time ruler: drag to the minutes at hand and see what each further minute buys. */
export function Ruler({ today, minutes, onChange }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(1152);
  const narrow = width < 700;
  const left = narrow ? 34 : 52;
  const right = Math.max(left + 1, width - (narrow ? 18 : 26));
  const x = (at: number) => left + toPlace(at) * (right - left);
  const y = (gain: number) => BASE - (BASE - TOP) * gain;
  const curve = today.curve.map(
    (point) => `${x(point.minutes).toFixed(1)} ${y(point.gain).toFixed(1)}`,
  );
  const line = `M${curve.join("L")}`;
  const gain = today.curve.find((point) => point.minutes === minutes)?.gain ?? today.gain;
  const at = x(minutes);

  function onKey(event: KeyboardEvent) {
    const stride = event.shiftKey ? 5 : 1;
    const next: Record<string, number> = {
      ArrowRight: minutes + stride,
      ArrowUp: minutes + stride,
      ArrowLeft: minutes - stride,
      ArrowDown: minutes - stride,
      PageUp: minutes + 5,
      PageDown: minutes - 5,
      Home: SHORTEST,
      End: LONGEST,
    };
    const wanted = next[event.key];
    if (wanted !== undefined) {
      // The range underneath counts places on the ruler; keys count minutes.
      event.preventDefault();
      onChange(Math.max(SHORTEST, Math.min(LONGEST, wanted)));
    }
  }

  return (
    <div ref={ref} className="relative touch-pan-y" style={{ height: HEIGHT }}>
      <svg
        width={width}
        height={HEIGHT}
        aria-hidden="true"
        className="absolute inset-0 overflow-visible"
      >
        <Water
          line={line}
          start={y(today.curve[0]?.gain ?? 0)}
          left={left}
          right={right}
          chosen={at}
        />
        {[0.25, 0.5, 0.75, 1].map((share) => (
          <g key={share}>
            <path d={`M${left - 6} ${y(share)}H${left}`} stroke="var(--ink)" />
            <text x={left - 9} y={y(share) + 4} textAnchor="end" className="fill-soft">
              {share * 100}
              {share === 1 && !narrow ? " %" : ""}
            </text>
          </g>
        ))}
        <path d={`M${left} ${y(1)}V${BASE}`} stroke="var(--ink)" />
        <path d={`M${left} ${y(1)}H${right}`} stroke="var(--hairline)" strokeDasharray="2 4" />
        <path d={line} fill="none" stroke="var(--ink)" strokeWidth="2" strokeLinejoin="round" />
        {!narrow && (
          <CallOuts today={today} minutes={minutes} x={x} y={y} left={left} right={right} />
        )}
        <Bar x={x} minutes={minutes} narrow={narrow} />
        <Value
          at={at}
          right={right}
          minutes={minutes}
          brings={
            today.ofSlot && minutes === today.minutes
              ? "by your routine"
              : `${percent(gain)} of what is due`
          }
        />
      </svg>
      <div
        className="absolute"
        style={{ left, width: right - left, top: TOP, height: BASE + BAR + 30 - TOP }}
      >
        <input
          id="minutes"
          type="range"
          className="ruler peer absolute inset-0 h-full w-full cursor-pointer touch-pan-y opacity-0"
          min={0}
          max={FINE}
          step={1}
          value={Math.round(toPlace(minutes) * FINE)}
          aria-label="Minutes at hand"
          aria-valuemin={SHORTEST}
          aria-valuemax={LONGEST}
          aria-valuenow={minutes}
          aria-valuetext={`${minutes} minutes, ${percent(gain)} of what is due`}
          onChange={(event) => onChange(toMinutes(event.target.valueAsNumber / FINE))}
          onKeyDown={onKey}
        />
        <div
          className="pointer-events-none absolute top-0 peer-focus-visible:[&_.house]:stroke-focus peer-focus-visible:[&_.house]:[stroke-width:3.5]"
          style={{ left: at - left }}
        >
          <Marker stem={y(gain) - TOP} foot={BASE - TOP} />
        </div>
      </div>
    </div>
  );
}

/** The water under the curve: deep in the part that is taken, shoal in the rest. */
function Water({
  line,
  start,
  left,
  right,
  chosen,
}: {
  line: string;
  start: number;
  left: number;
  right: number;
  chosen: number;
}) {
  const area = `${line}V${BASE}H${left}Z`;
  // The bands run on beyond the first minute, so that they do not turn down at the edge.
  const shore = `M${left - 80} ${start}L${line.slice(1)}`;
  return (
    <>
      <clipPath id="taken">
        <rect x={left} y="0" width={Math.max(0, chosen - left)} height={BASE} />
      </clipPath>
      <clipPath id="under">
        <path d={area} />
      </clipPath>
      <path d={area} fill="var(--t1)" />
      <g clipPath="url(#taken)">
        <g clipPath="url(#under)">
          <rect x={left} y="0" width={right - left} height={BASE} fill="var(--t4)" />
          {[
            [58, 3],
            [32, 2],
            [12, 1],
          ].map(([depth = 0, tint]) => (
            <g key={tint} fill="none" strokeLinejoin="round">
              <path d={shore} stroke="var(--contour)" strokeWidth={depth * 2 + 1.2} />
              <path d={shore} stroke={`var(--t${tint})`} strokeWidth={depth * 2} />
            </g>
          ))}
        </g>
      </g>
    </>
  );
}

function Bar({
  x,
  minutes,
  narrow,
}: {
  x: (at: number) => number;
  minutes: number;
  narrow: boolean;
}) {
  return (
    <g>
      {NUMBERED.slice(0, -1).map((from, index) => (
        <rect
          key={from}
          x={x(from)}
          y={BASE}
          width={x(NUMBERED[index + 1] ?? LONGEST) - x(from)}
          height={BAR}
          fill={index % 2 ? "var(--ink)" : "var(--paper)"}
          stroke="var(--ink)"
          strokeWidth="1.1"
        />
      ))}
      {TICKS.map((at) => (
        <path
          key={at}
          d={`M${x(at)} ${BASE + BAR}v${NUMBERED.includes(at) ? 8 : 4}`}
          stroke="var(--ink)"
          strokeWidth={NUMBERED.includes(at) ? 1.3 : 0.8}
        />
      ))}
      {NUMBERED.filter(
        (at) =>
          Math.abs(x(at) - x(minutes)) > 26 &&
          (!narrow || [5, 10, 20, 30, 60, 90, 120].includes(at)),
      ).map((at) => (
        <text
          key={at}
          x={x(at)}
          y={BASE + BAR + 22}
          textAnchor="middle"
          style={{ fontSize: 14, fontWeight: [5, 60, 120].includes(at) ? 650 : 450 }}
        >
          {at}
        </text>
      ))}
    </g>
  );
}

/** The chosen minutes, large, beside the stem of the marker. */
function Value({
  at,
  right,
  minutes,
  brings,
}: {
  at: number;
  right: number;
  minutes: number;
  brings: string;
}) {
  const turned = at > right - VALUE;
  const place = at + (turned ? -13 : 13);
  return (
    <g
      textAnchor={turned ? "end" : "start"}
      stroke={turned ? "none" : "var(--t1)"}
      strokeWidth="5"
      strokeLinejoin="round"
      paintOrder="stroke"
    >
      <text
        x={place}
        y={BASE - 46}
        className="serif"
        style={{ fontSize: 34, fill: turned ? "var(--paper)" : undefined }}
      >
        {minutes}
        <tspan style={{ fontSize: 20 }} dx="5">
          min
        </tspan>
      </text>
      <text
        x={place}
        y={BASE - 24}
        style={{ fontSize: 13, fill: turned ? "var(--paper)" : undefined }}
      >
        {brings}
      </text>
    </g>
  );
}

/** The marker that is dragged: a house on the ruler with a stem up to the curve. */
function Marker({ stem, foot }: { stem: number; foot: number }) {
  return (
    <svg width="1" height="1" className="overflow-visible" aria-hidden="true">
      <path d={`M0 ${stem}V${foot + 6}`} stroke="var(--ink)" strokeWidth="2" />
      <circle cx="0" cy={stem} r="5.5" fill="var(--ink)" />
      <path
        d={`M0 ${foot - 5}L17 ${foot + 10}V${foot + 44}H-17V${foot + 10}Z`}
        fill="var(--ink)"
        stroke="var(--paper)"
        strokeWidth="2"
        className="house"
      />
      <path
        d={`M-6 ${foot + 19}v15M0 ${foot + 19}v15M6 ${foot + 19}v15`}
        stroke="var(--paper)"
        strokeWidth="1.6"
      />
    </svg>
  );
}

type CallOutProps = Pick<Props, "today" | "minutes"> & {
  x: (at: number) => number;
  y: (gain: number) => number;
  left: number;
  right: number;
};

/** The points of the curve worth knowing, and what comes in next. */
function CallOuts({ today, minutes, x, y, left, right }: CallOutProps) {
  const gainAt = (at: number) => today.curve.find((point) => point.minutes === at)?.gain ?? 0;
  return (
    <g>
      {placed(callOutsOf(today), x, left, right).map((callOut) => {
        const baseline = callOut.row === 1 ? ROW + LINE : ROW;
        const end = y(gainAt(callOut.at));
        return (
          <g key={callOut.text}>
            <path
              className="leader"
              d={`M${callOut.x} ${baseline + 4}V${Math.max(baseline + 4, end)}`}
            />
            <circle
              cx={callOut.x}
              cy={end}
              r="3"
              fill="var(--paper)"
              stroke="var(--ink)"
              strokeWidth="1.6"
            />
            <text
              x={callOut.x + (callOut.turned ? 4 : -4)}
              y={baseline}
              textAnchor={callOut.turned ? "end" : "start"}
              style={{ fontSize: 13 }}
            >
              <tspan fontWeight="650">{callOut.at} min</tspan>
              {callOut.full && (
                <tspan className="note" dx="6">
                  {callOut.text}
                </tspan>
              )}
            </text>
          </g>
        );
      })}
      {hungOf(today, minutes, x, right).map((callOut) => (
        <g key={callOut.name}>
          <path className="leader" d={`M${callOut.from} ${BASE - 40}V${BASE}`} />
          <text x={callOut.from + 6} y={BASE - 25} style={{ fontSize: 13, fontWeight: 650 }}>
            +{callOut.at - minutes} min
          </text>
          <text x={callOut.from + 6} y={BASE - 9} style={{ fontSize: 13 }}>
            {callOut.name}
          </text>
        </g>
      ))}
    </g>
  );
}

type Hung = { at: number; name: string; from: number; to: number };

/** What comes in next, to the right of the marker, as far as the words stand beside each other and clear of the chosen minutes. */
function hungOf(today: Today, minutes: number, x: (at: number) => number, right: number): Hung[] {
  const hung: Hung[] = [];
  const coming = today.later
    .flatMap(({ comesInAt, ...task }) => (comesInAt === null ? [] : [{ ...task, at: comesInAt }]))
    .filter((task) => task.at > minutes)
    .sort((a, b) => a.at - b.at);
  for (const { at, ...task } of coming) {
    const from = x(at);
    const to = from + 10 + Math.max(task.shortName.length, 7) * 6.9;
    const clearOfValue = from > x(minutes) + VALUE || x(minutes) > right - VALUE;
    const clearOfMarker = from > x(minutes) + 24;
    if (clearOfValue && clearOfMarker && to < right && hung.every((other) => from > other.to)) {
      hung.push({ at, name: task.shortName, from, to });
    }
  }
  return hung;
}

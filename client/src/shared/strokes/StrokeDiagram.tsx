import { useId } from "react";
import type { Schemas } from "../../api/client";
import { GROUNDS, HIGH, WIDE } from "./grounds";
import { linesOf } from "./paths";

type Props = {
  step: Pick<Schemas["MethodStepView"], "stroke" | "ground" | "strokeName" | "aim" | "zones">;
  /** A pictogram for a row, or a picture to work by. */
  size?: "row" | "card" | "run";
  /** Further movements drawn over the first. */
  over?: Schemas["Stroke"][];
  /** What stands in the lower part of a windscreen. */
  note?: boolean;
};

const WEIGHT = { row: 8, card: 6, run: 5.5 } as const;

/** How the hand moves over what lies under it, drawn from the data of a method. */
export function StrokeDiagram({ step, size = "card", over = [], note = false }: Props) {
  const clip = useId();
  const ground = GROUNDS[step.ground];
  const lines = [step.stroke, ...over].flatMap((stroke) =>
    linesOf(stroke, ground, step.ground, step.zones, size === "row"),
  );
  const weight = WEIGHT[size];
  const numbered = size !== "row" && lines.filter((line) => line.start).length > 1;
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      role="img"
      aria-label={`${step.aim}: ${step.strokeName.toLowerCase()}`}
      data-stroke={step.stroke}
      data-ground={step.ground}
      className="block h-auto w-full"
    >
      <clipPath id={clip}>
        <path d={ground.outline} clipRule="evenodd" />
      </clipPath>
      <path
        d={ground.outline}
        fillRule="evenodd"
        fill="var(--t1)"
        stroke="var(--ink)"
        strokeWidth={size === "row" ? 3 : 2}
        strokeLinejoin="round"
        strokeDasharray={ground.dashed ? "9 5" : undefined}
      />
      {size !== "row" && <g clipPath={`url(#${clip})`}>{ground.detail}</g>}
      {step.ground === "linedPane" && size === "row" && (
        <g clipPath={`url(#${clip})`}>{ground.detail}</g>
      )}
      {step.zones > 1 && (
        <path
          d={`M0 ${(ground.field[1] + ground.field[3]) / 2}H${WIDE}`}
          clipPath={`url(#${clip})`}
          stroke="var(--ink)"
          strokeWidth={size === "row" ? 4 : 2}
          strokeDasharray={size === "row" ? "10 8" : "3 5"}
        />
      )}
      {lines.length === 0 && <Still />}
      {lines.map((line) => (
        <g key={line.d} fill="none" strokeLinejoin="round" strokeLinecap="round">
          <path d={line.d} stroke="var(--t1)" strokeWidth={weight * 2} />
          <path
            d={line.d}
            stroke={line.upright ? "var(--t4)" : "var(--ink)"}
            strokeWidth={line.upright ? weight * 0.75 : weight}
            strokeDasharray={line.upright ? `${weight * 2.2} ${weight * 1.6}` : undefined}
          />
          {size !== "row" && (
            <path
              d={line.d}
              pathLength={100}
              stroke="var(--paper)"
              strokeWidth={weight * 0.55}
              strokeDasharray="3 97"
              className="hand"
            />
          )}
          {line.end && (
            <path
              d={`M${-weight * 2.1} ${-weight * 1.7}L0 0L${-weight * 2.1} ${weight * 1.7}`}
              transform={`translate(${line.end.at[0]} ${line.end.at[1]}) rotate(${line.end.turn})`}
              stroke={line.upright ? "var(--t4)" : "var(--ink)"}
              strokeWidth={weight * 0.85}
            />
          )}
        </g>
      ))}
      {numbered &&
        lines
          .filter((line) => line.start)
          .map((line, index) => (
            <g key={line.d} transform={`translate(${line.start?.[0]} ${line.start?.[1]})`}>
              <circle
                r="14"
                fill={line.upright ? "var(--paper)" : "var(--ink)"}
                stroke={line.upright ? "var(--t4)" : "none"}
                strokeWidth="3"
              />
              <text
                y="6"
                textAnchor="middle"
                style={{
                  fontSize: 17,
                  fontWeight: 700,
                  fill: line.upright ? "var(--ink)" : "var(--paper)",
                }}
              >
                {index + 1}
              </text>
            </g>
          ))}
      {note && step.ground === "windscreen" && lines.length > 0 && (
        <text
          x={WIDE / 2}
          y={181}
          textAnchor="middle"
          className="note"
          style={{ fontSize: 16, paintOrder: "stroke", stroke: "var(--t2)", strokeWidth: 5 }}
        >
          hand turned, palm to the glass
        </text>
      )}
    </svg>
  );
}

/** Nothing is rubbed: an open mark where to look or lay a hand on. */
function Still() {
  return (
    <g fill="none" stroke="var(--ink)" strokeWidth="3">
      <circle cx={WIDE / 2} cy={HIGH / 2} r="20" fill="var(--paper)" />
      <circle cx={WIDE / 2} cy={HIGH / 2} r="4" fill="var(--ink)" stroke="none" />
      <path d="M175 66v-14M175 134v14M141 100h-14M209 100h14" />
    </g>
  );
}

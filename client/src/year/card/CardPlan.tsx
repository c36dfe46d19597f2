import type { Cabin, Schemas } from "../../api/client";
import { PlanBody, PlanMarks } from "../../shared/CabinDrawing";

type Line = Schemas["CardLineView"];
type Props = { cabin: Cabin; lines: Line[] };

/** Size of a number on the plan, in plan units, and how far apart two lines of them stand. */
const SIZE = 19;
const LINE = 21;

/** So many numbers stand side by side where there is room for them, in plan units. */
const ABREAST = 2;
const ROOM = 60;

/** Where each line of the card is done: its number on the plan. */
export function CardPlan({ cabin, lines }: Props) {
  const { plan } = cabin;
  const { bounds } = plan;
  return (
    <svg
      viewBox={`${bounds.x - 10} ${bounds.y - 10} ${bounds.width + 20} ${bounds.height + 20}`}
      className="mx-auto w-[88%]"
      role="img"
      aria-label="Plan of the cabin with the numbers of the tasks"
    >
      <PlanBody plan={plan} />
      {plan.shapes
        .filter((shape) => shape.layer !== "overhead")
        .map((shape) => (
          <g key={shape.surfaceId}>
            <path d={shape.outline} fill="var(--paper)" stroke="var(--line)" strokeWidth="1" />
            <PlanMarks plan={plan} surfaceId={shape.surfaceId} />
          </g>
        ))}
      {plan.shapes.map((shape) => {
        const rows = inRows(
          numbersOn(lines, shape.surfaceId),
          shape.bounds.width < ROOM ? 1 : ABREAST,
        );
        return rows.map((row, at) => (
          <text
            key={`${shape.surfaceId} ${row}`}
            x={shape.anchor.x}
            y={shape.anchor.y + SIZE / 3 + (at - (rows.length - 1) / 2) * LINE}
            textAnchor="middle"
            style={{ fontSize: SIZE, fontWeight: 650 }}
            stroke="var(--paper)"
            strokeWidth="6"
            strokeLinejoin="round"
            paintOrder="stroke"
          >
            {row}
          </text>
        ));
      })}
    </svg>
  );
}

function numbersOn(lines: Line[], surfaceId: string): number[] {
  return lines.filter((line) => line.surfaceIds.includes(surfaceId)).map((line) => line.number);
}

function inRows(numbers: number[], abreast: number): string[] {
  const rows: string[] = [];
  for (let at = 0; at < numbers.length; at += abreast) {
    rows.push(numbers.slice(at, at + abreast).join(", "));
  }
  return rows;
}

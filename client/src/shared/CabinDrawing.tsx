import type { ReactNode } from "react";
import type { Cabin, SurfaceOnChart } from "../api/client";
import { bandDepth, Contour } from "./chart";

export type PlanShape = Cabin["plan"]["shapes"][number];

type Props = {
  cabin: Cabin;
  /** Whether to draw what is overhead, over everything. */
  overhead?: boolean;
  /** Wraps the drawing of a surface, to make it something one can choose. */
  wrap?: (surface: SurfaceOnChart, shape: PlanShape, drawing: ReactNode) => ReactNode;
};

/** The cabin seen from above, in plan units. The plan comes from the server; this only draws it. */
export function CabinDrawing({ cabin, overhead = true, wrap }: Props) {
  const { plan } = cabin;
  const byId = new Map(cabin.surfaces.map((surface) => [surface.id, surface]));
  return (
    <g>
      <PlanMarks plan={plan} surfaceId={null} />
      <path d={plan.body} fill="var(--paper-deep)" stroke="var(--ink)" strokeWidth="1.8" />
      {plan.shapes.map((shape) => {
        const surface = byId.get(shape.surfaceId);
        if (shape.layer === "overhead" && !overhead) {
          return null;
        }
        if (!surface) {
          // There, but not asked for: an empty outline, so that the cabin can still be recognised.
          return (
            <path
              key={shape.surfaceId}
              d={shape.outline}
              fill="none"
              stroke="var(--line)"
              strokeWidth=".8"
              pointerEvents="none"
            />
          );
        }
        const drawing =
          shape.layer === "overhead" ? (
            <path
              d={shape.outline}
              fill="none"
              stroke={surface.overMark ? "var(--coral)" : "var(--ink)"}
              strokeWidth="1.3"
              strokeDasharray="9 5"
              opacity=".8"
              pointerEvents="stroke"
            />
          ) : (
            <>
              <Contour
                outline={shape.outline}
                level={surface.level}
                depth={bandDepth(shape.narrowest)}
                over={surface.overMark}
                tinted={surface.tinted}
              />
              <PlanMarks plan={plan} surfaceId={shape.surfaceId} />
            </>
          );
        return <g key={shape.surfaceId}>{wrap ? wrap(surface, shape, drawing) : drawing}</g>;
      })}
    </g>
  );
}

type MarksProps = { plan: Cabin["plan"]; surfaceId: string | null };

/** The fine detail of one surface; of the body itself where no surface is named. */
export function PlanMarks({ plan, surfaceId }: MarksProps) {
  const body = surfaceId === null;
  return plan.marks
    .filter((mark) => mark.surfaceId === surfaceId)
    .map((mark) => (
      <path
        key={mark.outline}
        d={mark.outline}
        fill={body ? "var(--paper-deep)" : mark.kind === "patch" ? "var(--paper)" : "none"}
        stroke="var(--ink)"
        strokeWidth={body ? 1.3 : 0.9}
        opacity={body ? 1 : 0.8}
        pointerEvents="none"
      />
    ));
}

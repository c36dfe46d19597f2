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
      <PlanBody plan={plan} />
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

/** The hull, with mirrors that stand out from under it and what is drawn on it. */
export function PlanBody({ plan }: { plan: Cabin["plan"] }) {
  const of = (kind: "patch" | "line") =>
    plan.marks
      .filter((mark) => mark.surfaceId === null && mark.kind === kind)
      .map((mark) => <path key={mark.outline} d={mark.outline} />);
  return (
    <g fill="var(--paper-deep)" stroke="var(--ink)">
      <g strokeWidth="1.3">{of("patch")}</g>
      <path d={plan.body} strokeWidth="1.8" />
      <g fill="none" stroke="var(--line)" strokeWidth=".9">
        {of("line")}
      </g>
    </g>
  );
}

type MarksProps = { plan: Cabin["plan"]; surfaceId: string };

/** The fine detail of one surface. */
export function PlanMarks({ plan, surfaceId }: MarksProps) {
  return plan.marks
    .filter((mark) => mark.surfaceId === surfaceId)
    .map((mark) => (
      <path
        key={mark.outline}
        d={mark.outline}
        fill={mark.kind === "patch" ? "var(--paper)" : "none"}
        stroke="var(--ink)"
        strokeWidth=".9"
        opacity=".8"
        pointerEvents="none"
      />
    ));
}

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
  const marks = (surfaceId: string | null) =>
    plan.marks
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

  return (
    <g>
      <g fill="var(--paper-deep)" stroke="var(--ink)" strokeWidth="1.3">
        {plan.marks
          .filter((mark) => mark.surfaceId === null)
          .map((mark) => (
            <path key={mark.outline} d={mark.outline} />
          ))}
      </g>
      <path d={plan.body} fill="var(--paper-deep)" stroke="var(--ink)" strokeWidth="1.8" />
      {plan.shapes.map((shape) => {
        const surface = byId.get(shape.surfaceId);
        if (!surface || (shape.layer === "overhead" && !overhead)) {
          return null;
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
              {marks(shape.surfaceId)}
            </>
          );
        return <g key={shape.surfaceId}>{wrap ? wrap(surface, shape, drawing) : drawing}</g>;
      })}
    </g>
  );
}

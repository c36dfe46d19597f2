import { useCabinPreview } from "../api/car";
import type { Layout } from "../api/client";
import { PlanBody, PlanMarks } from "../shared/CabinDrawing";
import { Contour } from "../shared/chart";

/** The cabin as it would be drawn from the answers so far. */
export function CabinSketch({ layout }: { layout: Layout }) {
  const preview = useCabinPreview(layout);
  const cabin = preview.data;
  if (!cabin) {
    return <div className="aspect-[4/3] w-full bg-deep" role="status" aria-label="Drawing" />;
  }
  const { plan } = cabin;
  const { x, y, width, height } = plan.bounds;
  return (
    <figure>
      <svg
        viewBox={`${x - 14} ${y - 10} ${width + 28} ${height + 20}`}
        className="block w-full"
        role="img"
        aria-label={`Plan of the cabin with ${cabin.count} surfaces`}
      >
        <PlanBody plan={plan} />
        {plan.shapes.map((shape) => (
          <g key={shape.surfaceId}>
            {shape.layer === "overhead" ? (
              <path
                d={shape.outline}
                fill="none"
                stroke="var(--ink)"
                strokeWidth="1.3"
                strokeDasharray="9 5"
                opacity=".8"
              />
            ) : (
              <Contour outline={shape.outline} level={0.15} depth={0} over={false} />
            )}
            <PlanMarks plan={plan} surfaceId={shape.surfaceId} />
          </g>
        ))}
      </svg>
      <figcaption className="mt-2 text-14 text-soft">
        {cabin.count} surfaces, {cabin.squareMetres.toFixed(1)} m² to care for. You can rename,
        divide or leave out any of them later.
      </figcaption>
    </figure>
  );
}

import type { DeepClean } from "../../api/client";
import { useWidth } from "../../shared/useWidth";

type Props = { deep: DeepClean };

/** The scale ends a little beyond the mark. */
const MOST = 1.6;
const HEIGHT = 26;

/** How deep soil sits in each textile: filled up to where it is taken to be, with a line as far as it may be. */
export function Settled({ deep }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(360);
  const x = (level: number) => 1 + (Math.min(level, MOST) / MOST) * (width - 2);
  return (
    <section aria-labelledby="settled" className="mt-6">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h3 id="settled" className="text-20">
          What has settled in
        </h3>
        <p className="text-13 text-soft">line: nine cases in ten lie within</p>
      </div>
      <ul className="mt-1">
        {deep.surfaces.map((surface, at) => (
          <li
            key={surface.surfaceId}
            className="grid grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)_56px] items-center gap-x-3 border-b border-hairline py-1"
          >
            <span className="text-14 leading-tight">
              {surface.name}
              {!surface.decides && (
                <span className="block text-12 text-soft">done with the others</span>
              )}
            </span>
            <div ref={at === 0 ? ref : undefined}>
              <svg width={width} height={HEIGHT} aria-hidden="true" className="block">
                <path d={`M0 3.5H${width}`} stroke="var(--hairline)" />
                <rect
                  x="1"
                  y="4"
                  width={Math.max(0, x(Math.min(surface.level, 1)) - 1)}
                  height="14"
                  fill="var(--t3)"
                />
                {surface.level > 1 && (
                  <rect
                    x={x(1)}
                    y="4"
                    width={Math.max(0, x(surface.level) - x(1))}
                    height="14"
                    fill="var(--coral)"
                  />
                )}
                <path
                  d={`M${x(surface.low)} 22H${x(surface.high)}M${x(surface.low)} 19v6M${x(surface.high)} 19v6`}
                  stroke="var(--ink)"
                  strokeWidth="1.2"
                />
                <path d={`M${x(1)} 0V${HEIGHT}`} stroke="var(--coral)" strokeWidth="1.4" />
              </svg>
            </div>
            <span
              className={`text-right text-14 ${surface.level >= 1 ? "over" : "font-semibold"}`}
              title="of what makes a deep clean due"
            >
              {Math.round(surface.level * 100)} %
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-14 text-soft">
        From the red line on only a deep clean brings it out. {deep.pressing}
      </p>
    </section>
  );
}

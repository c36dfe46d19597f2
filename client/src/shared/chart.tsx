import { useId } from "react";

/** The step of the ramp for a level: one per 0.2, from 1 to 5. */
export function step(level: number): number {
  return Math.max(1, Math.min(5, Math.ceil(level * 5 - 1e-9)));
}

/** Text on a step of the ramp: ink on the light ones, paper on the deep ones. */
export function inkOn(tint: number): string {
  return tint >= 4 ? "var(--paper)" : "var(--ink)";
}

/** How deep one band of tint may be so that all of them fit into half of the narrowest part. */
export function bandDepth(narrowest: number): number {
  return Math.max(0.9, Math.min(6, narrowest / 10));
}

/** The patterns every chart refers to; drawn once per page. */
export function ChartPatterns() {
  return (
    <svg width="0" height="0" className="absolute" aria-hidden="true">
      <defs>
        <pattern
          id="hatch"
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V6" stroke="var(--coral-hatch)" strokeWidth="1.7" />
        </pattern>
        <pattern
          id="hatch-foot"
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0V5" stroke="var(--coral)" strokeWidth="1.5" />
        </pattern>
        <pattern id="tint-film" width="7" height="7" patternUnits="userSpaceOnUse">
          <circle cx="1.75" cy="1.75" r=".8" fill="var(--ink)" />
          <circle cx="5.25" cy="5.25" r=".8" fill="var(--ink)" />
        </pattern>
      </defs>
    </svg>
  );
}

type ContourProps = {
  outline: string;
  level: number;
  depth: number;
  over: boolean;
  tinted?: boolean;
};

/** An area tinted by its level: bands step in from the edge, one for each 0.2, so it reads deep even in grey. */
export function Contour({ outline, level, depth, over, tinted = false }: ContourProps) {
  const clip = useId();
  const top = over ? 5 : step(level);
  const bands = Array.from({ length: top - 1 }, (_, index) => top - 1 - index);
  return (
    <>
      <clipPath id={clip}>
        <path d={outline} clipRule="evenodd" />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <path d={outline} fillRule="evenodd" fill={`var(--t${top})`} />
        {bands.map((band) => (
          <g key={band} fill="none" strokeLinejoin="round">
            <path d={outline} stroke="var(--contour)" strokeWidth={2 * band * depth + 0.9} />
            <path d={outline} stroke={`var(--t${band})`} strokeWidth={2 * band * depth} />
          </g>
        ))}
        {over && <path d={outline} fillRule="evenodd" fill="url(#hatch)" />}
        {tinted && <path d={outline} fillRule="evenodd" fill="url(#tint-film)" opacity=".55" />}
      </g>
      <path d={outline} className={over ? "edge edge-over" : "edge"} />
    </>
  );
}

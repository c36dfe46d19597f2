import type { Spot } from "../api/client";

/** How the hand moves on a spot: pressed and lifted from the edge inwards; and beside it what it must not do. */
export function SpotDrawing({ spot }: { spot: Spot }) {
  const dry = spot.kind === "pollen" || spot.kind === "mudOrClay" || spot.kind === "waxOrGum";
  const dots = [0, 1, 2, 3, 4].map((turn) => {
    const angle = (turn * 2 * Math.PI) / 5 - Math.PI / 2;
    return { x: 105 + 62 * Math.cos(angle), y: 92 + 48 * Math.sin(angle) };
  });
  return (
    <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-3" aria-hidden="true">
      <svg viewBox="0 0 210 180" className="w-full">
        <rect
          x="3"
          y="3"
          width="204"
          height="174"
          rx={spot.ground === "glass" || spot.ground === "screen" ? 4 : 22}
          fill="var(--paper-deep)"
          stroke="var(--ink)"
          strokeWidth="1.6"
        />
        <ellipse cx="105" cy="92" rx="82" ry="62" fill="var(--t1)" stroke="var(--contour)" />
        <ellipse cx="105" cy="92" rx="52" ry="38" fill="var(--t3)" opacity="0.7" />
        <path
          d={`${dots.map(({ x, y }, at) => `${at === 0 ? "M" : "L"}${x} ${y}`).join("")}L105 92`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.6"
          strokeDasharray="5 4"
        />
        {[...dots, { x: 105, y: 92 }].map(({ x, y }, at) => (
          <g key={`${x} ${y}`}>
            <circle cx={x} cy={y} r="11" fill="var(--ink)" />
            <text
              x={x}
              y={y + 5}
              textAnchor="middle"
              fontSize="14"
              fontWeight="700"
              style={{ fill: "var(--paper)" }}
            >
              {at + 1}
            </text>
          </g>
        ))}
        <text x="16" y="24" fontSize="13" fill="var(--ink)">
          {dry ? "lift, edge first" : "press and lift"}
        </text>
      </svg>
      <svg viewBox="0 0 105 180" className="w-full">
        <rect
          x="2"
          y="3"
          width="101"
          height="174"
          fill="none"
          stroke="var(--hairline)"
          strokeWidth="1.2"
        />
        <ellipse cx="52" cy="92" rx="34" ry="40" fill="var(--t1)" stroke="var(--contour)" />
        <path
          d="M20 60 84 78 22 96 82 114 26 130"
          fill="none"
          stroke="var(--ink)"
          strokeWidth="4"
          strokeLinejoin="round"
        />
        <path d="M12 168 93 14" stroke="var(--coral)" strokeWidth="5" />
      </svg>
    </div>
  );
}

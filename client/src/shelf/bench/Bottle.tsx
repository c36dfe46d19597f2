import type { Mixture } from "../../api/client";
import { volume } from "../../shared/units";

const FLOOR = 306;
const SHOULDER = 92;
const INK = { held: "url(#held)", water: "var(--t2)", product: "var(--t4)" };

/** The bottle with a line at every fill, drawn to scale from the floor up. */
export function Bottle({ mixture }: { mixture: Mixture }) {
  const layers = mixture.fill.map((layer) => ({
    ...layer,
    bottom: FLOOR - layer.from * (FLOOR - SHOULDER),
    top: FLOOR - layer.to * (FLOOR - SHOULDER),
    fill: INK[layer.kind],
  }));
  return (
    <svg
      viewBox="0 0 220 320"
      className="w-[220px] max-desk:mx-auto"
      role="img"
      aria-label={layers.map((known) => `${known.what} up to ${volume(known.upTo)}`).join(", ")}
    >
      <defs>
        <pattern id="held" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill="var(--t1)" />
          <path d="M0 6 6 0" stroke="var(--contour)" strokeWidth="0.900" />
        </pattern>
        <clipPath id="bottle-inside">
          <path d="M14 306V112c0-16 22-20 28-34V44h32v34c6 14 28 18 28 34v194z" />
        </clipPath>
      </defs>
      <g clipPath="url(#bottle-inside)">
        {layers.map((layer) => (
          <rect
            key={layer.what}
            x="10"
            width="100"
            y={layer.top}
            height={Math.max(1.5, layer.bottom - layer.top)}
            fill={layer.fill}
          />
        ))}
      </g>
      <path
        className="edge"
        d="M14 300V112c0-16 22-20 28-34V44h32v34c6 14 28 18 28 34v188q0 6-6 6H20q-6 0-6-6z"
      />
      <path className="edge" d="M38 44h40V30H38zM58 30V18M44 18h34l8-6" />
      {spread(layers.map((layer) => layer.top)).map((at, index) => {
        const layer = layers[index];
        return layer ? (
          <g key={layer.what}>
            <path d={`M14 ${layer.top}H108`} stroke="var(--ink)" strokeWidth="1.500" />
            <path
              d={`M108 ${layer.top}L116 ${at}`}
              stroke="var(--ink)"
              strokeWidth="0.900"
              fill="none"
            />
            <text x="119" y={at - 2} fontWeight="650" fontSize="14">
              {volume(layer.upTo)}
            </text>
            <text x="119" y={at + 12} className="cap" fontSize="12">
              {layer.kind === "held" ? "is in it" : layer.what.toLowerCase()}
            </text>
          </g>
        ) : null;
      })}
    </svg>
  );
}

/** Moves labels apart so that none covers another, from the lowest up. */
function spread(tops: number[]): number[] {
  const places: number[] = [];
  for (const top of tops) {
    const below = places.at(-1);
    places.push(below === undefined ? Math.min(top, FLOOR - 14) : Math.min(top, below - 32));
  }
  return places;
}

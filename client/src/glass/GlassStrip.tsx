import type { Glass, Pane } from "../api/client";
import { Contour, inkOn, step } from "../shared/chart";
import { days, daysSaid } from "../shared/format";
import { useWidth } from "../shared/useWidth";

const GAP = 12;
/** The width of a letter of the method, on the wide side. */
const GLYPH = 6.2;
/** The width of a letter of its name, on the wide side. */
const BOLD_GLYPH = 7.2;
const TOP = 14;
const LABELS = 70;
/** No pane is drawn narrower than its name. */
const NARROWEST = 86;

/** What a pane is called among panes: "Rear door" for the glass of the rear door. */
function nameOf(pane: Pane): string {
  return pane.shortName.replace(/ glass$/, "");
}

type Props = { glass: Glass; chosen: string | undefined; onChoose: (surfaceId: string) => void };

/** The panes unfolded: as one would walk past them, with film, days to the mark and method. */
export function GlassStrip({ glass, chosen, onChoose }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(1150);
  const natural = glass.panes.reduce((sum, pane) => sum + pane.shape.width, 0);
  const room = Math.max(width, glass.panes.length * 108) - GAP * (glass.panes.length - 1) - 20;
  const narrowest = (pane: Pane) => Math.max(NARROWEST, nameOf(pane).length * BOLD_GLYPH);
  const widthAt = (scale: number) =>
    glass.panes.reduce((sum, pane) => sum + Math.max(pane.shape.width * scale, narrowest(pane)), 0);
  // Panes that are drawn wider than they are, for their names, take it from the others.
  let scale = Math.min(2.1, room / natural);
  while (scale > 0.5 && widthAt(scale) > room) {
    scale *= 0.97;
  }
  let left = 10;
  const placed = glass.panes.map((pane) => {
    const own = Math.max(pane.shape.width * scale, narrowest(pane));
    const at = left;
    left += own + GAP;
    return { pane, at, own };
  });
  const high = Math.max(...glass.panes.map((pane) => pane.shape.height)) * scale;
  const total = left - GAP + 10;
  return (
    <section className="border-b-[1.5px] border-ink px-4 pt-3 pb-2 desk:px-[26px]">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <h2 className="text-20">The glass, unfolded</h2>
        <p className="text-13 text-soft">
          Inside faces, clockwise from the windscreen, with days left
        </p>
      </div>
      <div ref={ref} className="overflow-x-auto [scrollbar-width:thin]">
        <svg
          width={total}
          height={high + TOP + LABELS + 6}
          viewBox={`0 0 ${total} ${high + TOP + LABELS + 6}`}
          role="group"
          aria-label="The panes"
          className="mt-1 print:h-auto print:w-full"
        >
          {placed.map(({ pane, at, own }) => (
            <PaneShape
              key={pane.surfaceId}
              pane={pane}
              at={at}
              own={own}
              foot={TOP + high}
              scale={scale}
              chosen={pane.surfaceId === chosen}
              onChoose={() => onChoose(pane.surfaceId)}
            />
          ))}
        </svg>
      </div>
    </section>
  );
}

type ShapeProps = {
  pane: Pane;
  at: number;
  own: number;
  foot: number;
  scale: number;
  chosen: boolean;
  onChoose: () => void;
};

function PaneShape({ pane, at, own, foot, scale, chosen, onChoose }: ShapeProps) {
  const wide = pane.shape.width * scale;
  const high = pane.shape.height * scale;
  const x = at + (own - wide) / 2;
  const y = foot - high;
  const tint = pane.overMark ? 5 : step(pane.level);
  const middle = at + own / 2;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${pane.name}, ${daysSaid(pane.daysLeft)}, ${pane.condition}, ${pane.methodName ?? "wait"}`}
      className="area"
      onClick={onChoose}
      onKeyDown={(event) => {
        if (event.key === "Enter" || event.key === " ") {
          event.preventDefault();
          onChoose();
        }
      }}
    >
      <rect x={at} y={0} width={own} height={foot + LABELS} fill="transparent" />
      <g transform={`translate(${x} ${y}) scale(${scale})`}>
        <Contour
          outline={pane.shape.outline}
          level={pane.level}
          depth={Math.min(pane.shape.height / 13, 4.2)}
          over={pane.overMark}
          tinted={pane.tinted}
        />
        {pane.lined && (
          <g stroke="var(--ink)" strokeWidth=".5" opacity=".55">
            {[0.3, 0.5, 0.7].map((share) => (
              <path
                key={share}
                d={`M${pane.shape.width * 0.14} ${pane.shape.height * share}H${pane.shape.width * 0.86}`}
              />
            ))}
          </g>
        )}
      </g>
      {pane.overMark ? (
        <>
          <rect
            x={middle - 17}
            y={y + high / 2 - 12}
            width="34"
            height="23"
            rx="2"
            className="plate"
          />
          <text
            x={middle}
            y={y + high / 2 + 5.5}
            className="sounding over"
            style={{ fontSize: 16 }}
          >
            {days(pane.daysLeft)}
          </text>
        </>
      ) : (
        <text
          x={middle}
          y={y + high / 2 + 6}
          className="sounding"
          style={{
            fontSize: 17,
            fill: inkOn(tint),
            paintOrder: "stroke",
            stroke: `var(--t${tint})`,
            strokeWidth: 5,
          }}
        >
          {days(pane.daysLeft)}
        </text>
      )}
      {chosen && (
        <path
          d={`M${x - 5} ${y + 13}V${y - 5}H${x + 13}M${x + wide - 13} ${y - 5}H${x + wide + 5}V${y + 13}M${x + wide + 5} ${foot - 13}V${foot + 5}H${x + wide - 13}M${x + 13} ${foot + 5}H${x - 5}V${foot - 13}`}
          className="pick"
        />
      )}
      <rect
        x={at - 3}
        y={y - 8}
        width={own + 6}
        height={foot - y + LABELS}
        className="area-focus"
      />
      <path
        d={`M${at} ${foot + 10}v6M${at} ${foot + 13}H${at + own}M${at + own} ${foot + 10}v6`}
        stroke="var(--ink)"
        strokeWidth={chosen ? 2.4 : 1}
        fill="none"
      />
      <text x={middle} y={foot + 32} textAnchor="middle" style={{ fontSize: 13, fontWeight: 650 }}>
        {nameOf(pane)}
      </text>
      <text x={middle} y={foot + 48} textAnchor="middle" style={{ fontSize: 12 }}>
        {fitting(pane.methodName ?? "Wait", own + GAP)}
      </text>
      <text x={middle} y={foot + 64} textAnchor="middle" className="note">
        {pane.condition}
      </text>
    </g>
  );
}

/** As many whole words as stand below a pane without touching the next one; its own page says the rest. */
function fitting(words: string, width: number): string {
  const most = Math.floor(width / GLYPH);
  if (words.length <= most) {
    return words;
  }
  const kept = words.slice(0, most + 1).replace(/\s+\S*$/, "");
  return kept.replace(/\s+(by|with|and)$/, "");
}

import type { Cabin } from "../api/client";
import { Contour } from "../shared/chart";

/** How to read the chart. */
export function Legend({ cabin }: { cabin: Cabin }) {
  const anyTint = cabin.surfaces.some((surface) => surface.tinted);
  return (
    <div
      className="flex flex-wrap gap-x-10 gap-y-3 px-4 pt-1 pb-4 desk:px-[26px]"
      aria-hidden="true"
    >
      <div>
        <p className="cap mb-1.5">Darker is nearer to being due; 1.0 is due</p>
        <svg width="322" height="50" viewBox="0 0 322 50" className="max-w-full">
          {[0.15, 0.35, 0.55, 0.75, 0.95, 1.2].map((level, index) => (
            <Contour
              key={level}
              outline={`M${1 + index * 52} 1h52v30h-52z`}
              level={level}
              depth={3}
              over={level > 1}
            />
          ))}
          {["0", "0.2", "0.4", "0.6", "0.8", "1.0"].map((text, index) => (
            <text
              key={text}
              x={1 + index * 52}
              y="46"
              textAnchor={index ? "middle" : "start"}
              fontWeight={index === 5 ? 650 : 400}
            >
              {text}
            </text>
          ))}
          <text x="313" y="46" textAnchor="end" className="over">
            over
          </text>
        </svg>
      </div>
      <div>
        <p className="cap mb-1.5">Numbers: days left</p>
        <svg width="180" height="44" viewBox="0 0 180 44">
          <text className="sounding" x="14" y="14">
            7
          </text>
          <text x="36" y="14" style={{ fontSize: 13 }}>
            seven days left
          </text>
          <rect className="plate" x="1.500" y="24" width="25" height="18" rx="2" />
          <text className="sounding over" x="14" y="37.5">
            −4
          </text>
          <text x="36" y="37.5" style={{ fontSize: 13 }}>
            four days overdue
          </text>
        </svg>
      </div>
      <div>
        <p className="cap mb-1.5">Border bars are 20 cm</p>
        <svg width="180" height="44" viewBox="0 0 180 44">
          {anyTint && (
            <>
              <rect x="1" y="2" width="30" height="15" fill="var(--t2)" />
              <rect x="1" y="2" width="30" height="15" fill="url(#tint-film)" opacity=".55" />
              <rect x="1" y="2" width="30" height="15" className="edge" />
              <text x="40" y="14" style={{ fontSize: 13 }}>
                tint film on the pane
              </text>
            </>
          )}
          <path d="M1 33h30" stroke="var(--ink)" strokeWidth="1.3" strokeDasharray="9 5" />
          <text x="40" y="37.500" style={{ fontSize: 13 }}>
            headliner, overhead
          </text>
        </svg>
      </div>
    </div>
  );
}

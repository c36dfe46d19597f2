import type { TowelInHand } from "../api/client";

type Props = {
  towels: TowelInHand[];
  onTurn: (role: TowelInHand["role"]) => void;
  onSwap: (role: TowelInHand["role"]) => void;
};

/** The towels in hand, face by face. A loaded face is turned, never rubbed on. */
export function Towels({ towels, onTurn, onSwap }: Props) {
  if (towels.length === 0) {
    return null;
  }
  return (
    <section aria-label="Towels" className="mt-2 border-b border-hairline">
      {towels.map((towel) => (
        <div key={towel.role} className="flex items-center gap-2.5 border-t border-hairline py-1">
          <Fold face={towel.face} faces={towel.faces} />
          <p className="min-w-0 flex-1 text-16 leading-tight" title={towel.folded}>
            <b className="block font-bold">
              {towel.name} towel{towel.number > 1 ? ` ${towel.number}` : ""}
              {towel.colour && `, ${towel.colour.toLowerCase()}`}
            </b>
            face {towel.face} of {towel.faces}
          </p>
          <div className="flex gap-1.5">
            <button
              type="button"
              className="act2 min-h-11 px-3.5 text-16"
              aria-label={`Turn the ${towel.name.toLowerCase()} towel`}
              onClick={() => onTurn(towel.role)}
            >
              Turn
            </button>
            <button
              type="button"
              className="act2 min-h-11 px-3.5 text-16"
              aria-label={`Swap the ${towel.name.toLowerCase()} towel, it touched something else`}
              onClick={() => onSwap(towel.role)}
            >
              Swap
            </button>
          </div>
        </div>
      ))}
    </section>
  );
}

/** A folded towel, front above and back below: used faces hatched, the face in hand solid. */
function Fold({ face, faces }: { face: number; faces: number }) {
  const across = faces / 2;
  return (
    <svg width="51" height="34" viewBox="0 0 60 40" aria-hidden="true" className="flex-none">
      {Array.from({ length: faces }, (_, index) => {
        const x = 1 + (index % across) * 14.5;
        const y = 1 + Math.floor(index / across) * 19;
        return (
          <g key={`${x} ${y}`} stroke="var(--ink)" strokeWidth="1.2">
            <rect
              x={x}
              y={y}
              width="14.5"
              height="19"
              fill={index + 1 === face ? "var(--ink)" : "var(--paper)"}
            />
            {index + 1 < face && (
              <path
                d={`M${x + 1} ${y + 7}l6-6M${x + 1} ${y + 13}l12-12M${x + 2} ${y + 18}l12-12M${x + 8} ${y + 18}l6-6`}
              />
            )}
          </g>
        );
      })}
    </svg>
  );
}

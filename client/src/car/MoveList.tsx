import type { Moves } from "../api/client";
import { count, tinyDay } from "../shared/format";

/** "6 dates sooner, 1 date later" */
export function movesSaid(moves: Moves): string {
  const parts = [
    moves.sooner > 0 && `${count(moves.sooner, "date")} sooner`,
    moves.later > 0 && `${count(moves.later, "date")} later`,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(", ") : "No date moves";
}

/** Which dates a change moves, the most hastened first. */
export function MoveList({ moves }: { moves: Moves }) {
  if (moves.moved.length === 0) {
    return <p className="text-16 text-soft">No date moves.</p>;
  }
  const most = Math.max(...moves.moved.map((move) => Math.abs(move.days ?? 0)), 1);
  return (
    <>
      <p className="mb-3 text-14 text-soft">{movesSaid(moves)}</p>
      <ul className="text-13">
        {moves.moved.map((move) => {
          const days = move.days ?? 0;
          const long = (Math.abs(days) / most) * 44;
          return (
            <li
              key={move.taskId}
              className="grid grid-cols-[1fr_92px_40px] items-center gap-2 border-t border-hairline py-1.5 leading-[1.3]"
            >
              <span>
                {move.name}
                <span className="block text-12 text-soft">
                  {move.before ? tinyDay(move.before) : "never"} →{" "}
                  {move.after ? tinyDay(move.after) : "never"}
                </span>
              </span>
              <svg width="92" height="14" aria-hidden="true">
                <path d="M46 0v14" stroke="var(--ink)" />
                <rect
                  x={days < 0 ? 46 - long : 46}
                  y="3"
                  width={long}
                  height="8"
                  fill="var(--t4)"
                />
              </svg>
              <b className="text-right font-semibold">
                {move.days === null ? "" : `${days > 0 ? "+" : "−"}${Math.abs(days)} d`}
              </b>
            </li>
          );
        })}
      </ul>
    </>
  );
}

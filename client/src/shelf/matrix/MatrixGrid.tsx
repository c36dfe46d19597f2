import { type KeyboardEvent, useRef } from "react";
import type { Matrix } from "../../api/client";
import { VERDICT_WORDS, VerdictMark } from "../../shared/Verdict";

export type Column = { surface: Matrix["surfaces"][number]; index: number };

export type MatrixProps = {
  matrix: Matrix;
  columns: Column[];
  chosen: URLSearchParams;
  onChoose: (productId: string, surfaceId: string) => void;
};

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
};

/** The chart of verdicts: products down, surfaces across, one shape a cell. Arrow keys walk it. */
export function MatrixGrid({ matrix, columns, chosen, onChoose }: MatrixProps) {
  const table = useRef<HTMLTableElement>(null);
  const row = Math.max(
    0,
    matrix.rows.findIndex((row) => row.productId === chosen.get("product")),
  );
  const column = Math.max(
    0,
    columns.findIndex(({ surface }) => surface.id === chosen.get("surface")),
  );
  const isChosen = chosen.has("product") && chosen.has("surface");

  function go(toRow: number, toColumn: number) {
    const product = matrix.rows[toRow];
    const target = columns[toColumn];
    if (product && target) {
      onChoose(product.productId, target.surface.id);
      table.current
        ?.querySelector<HTMLElement>(`[data-cell="${toRow} ${toColumn}"]`)
        ?.focus({ preventScroll: false });
    }
  }

  function onKey(event: KeyboardEvent) {
    const step = STEPS[event.key];
    // From the cell that has the focus: keys can come faster than the address follows.
    const cell = (event.target as HTMLElement).dataset.cell?.split(" ").map(Number);
    const [down = row, across = column] = cell ?? [];
    if (step) {
      event.preventDefault();
      go(down + step[0], across + step[1]);
    } else if (event.key === "Home" || event.key === "End") {
      event.preventDefault();
      go(down, event.key === "Home" ? 0 : columns.length - 1);
    }
  }

  return (
    <div className="overflow-x-auto pr-3 pl-[26px] print:overflow-visible print:pl-0">
      <table
        ref={table}
        aria-label="Products against surfaces"
        className="border-collapse print:[zoom:0.74]"
        onKeyDown={onKey}
      >
        <thead>
          <tr>
            <th className="sticky left-0 min-w-[200px] bg-paper" aria-label="Product" />
            {columns.map(({ surface }, place) => (
              <th key={surface.id} scope="col" className="h-[172px] p-0 align-bottom">
                <span
                  className={`inline-block max-h-[166px] rotate-180 overflow-hidden pt-1.5 text-13 leading-[1.1] whitespace-nowrap [writing-mode:vertical-rl] ${
                    isChosen && place === column ? "font-bold" : ""
                  }`}
                >
                  {surface.shortName}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {matrix.rows.map((product, down) => (
            <tr key={product.productId} className="border-t border-hairline last:border-b">
              <th
                scope="row"
                className={`sticky left-0 max-w-[210px] truncate bg-paper py-0 pr-2 text-14 ${
                  isChosen && down === row ? "!font-bold" : ""
                }`}
              >
                {product.name}
              </th>
              {columns.map(({ surface, index }, across) => {
                const cell = product.cells[index];
                const here = down === row && across === column;
                return cell ? (
                  <td key={surface.id} className="p-0">
                    <button
                      type="button"
                      data-cell={`${down} ${across}`}
                      tabIndex={here ? 0 : -1}
                      aria-pressed={isChosen && here}
                      aria-label={`${product.name} on ${surface.name}: ${VERDICT_WORDS[cell.verdict]}`}
                      title={`${VERDICT_WORDS[cell.verdict]}: ${cell.why}`}
                      onClick={() => go(down, across)}
                      className={`grid h-[29px] w-[24px] desk-wide:w-[29px] place-items-center hover:bg-deep ${
                        isChosen && here
                          ? "bg-deep shadow-[inset_0_0_0_2px_var(--ink)]"
                          : isChosen && (down === row || across === column)
                            ? "bg-deep"
                            : ""
                      }`}
                    >
                      <VerdictMark verdict={cell.verdict} size={15} />
                    </button>
                  </td>
                ) : null;
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

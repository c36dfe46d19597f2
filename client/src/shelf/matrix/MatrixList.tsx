import { useState } from "react";
import { Choice } from "../../shared/Choice";
import { VerdictWord } from "../../shared/Verdict";
import type { MatrixProps } from "./MatrixGrid";

/** The same verdicts in words, for one product at a time. */
export function MatrixList({ matrix, columns, chosen, onChoose }: MatrixProps) {
  const [product, setProduct] = useState(chosen.get("product"));
  const row = matrix.rows.find((row) => row.productId === product) ?? matrix.rows[0];
  if (!row) {
    return null;
  }
  return (
    <div className="px-4 pt-3 desk:px-[26px]">
      <Choice
        label="Product"
        value={row.productId}
        options={matrix.rows.map((row) => ({ value: row.productId, label: row.name }))}
        onChange={setProduct}
      />
      <ul className="mt-3">
        {columns.map(({ surface, index }) => {
          const cell = row.cells[index];
          return cell ? (
            <li key={surface.id} className="border-t border-hairline">
              <button
                type="button"
                aria-pressed={surface.id === chosen.get("surface")}
                className="grid min-h-11 w-full grid-cols-[minmax(0,1fr)_auto] gap-x-4 py-2 text-left hover:bg-deep aria-pressed:bg-deep"
                onClick={() => onChoose(row.productId, surface.id)}
              >
                <span className="text-16 font-semibold">{surface.name}</span>
                <VerdictWord verdict={cell.verdict} />
                <span className="col-span-2 text-14 text-soft">{cell.why}</span>
              </button>
            </li>
          ) : null;
        })}
      </ul>
    </div>
  );
}

import type { ReactNode } from "react";

export type Cell = {
  label: string;
  value: ReactNode;
  /** From which width on it is shown; always when left out. */
  from?: "desk" | "wide";
};

/** The strip at the top of a place: its name, then facts in cells, like the title block of a chart. */
export function TitleBlock({ title, cells }: { title: string; cells: Cell[] }) {
  const [first, ...rest] = cells;
  return (
    <header className="flex min-h-[60px] flex-none flex-wrap items-stretch border-b-[1.5px] border-ink desk:flex-nowrap">
      <div className="flex items-center border-hairline px-4 desk:border-r desk:px-5 desk:pl-[26px]">
        <h1 className="py-3 text-[25px] leading-none">{title}</h1>
      </div>
      {first && (
        <dl className="min-w-0 flex-1 desk:flex-none">
          <Fact
            cell={first}
            className="h-full border-l max-desk:pr-4 desk:border-r desk:border-l-0"
          />
        </dl>
      )}
      <dl className="flex w-full overflow-x-auto border-t border-hairline max-desk:[scrollbar-width:none] desk:w-auto desk:border-t-0">
        {rest.map((cell) => (
          <Fact
            key={cell.label}
            cell={cell}
            className={`flex-none last:border-r-0 desk:border-r ${cell.from === "wide" ? "max-wide:hidden" : cell.from === "desk" ? "max-desk:hidden" : ""}`}
          />
        ))}
      </dl>
    </header>
  );
}

function Fact({ cell, className }: { cell: Cell; className: string }) {
  return (
    <div className={`border-hairline px-4 pt-2.5 pb-2 whitespace-nowrap desk:px-5 ${className}`}>
      <dt className="cap">{cell.label}</dt>
      <dd className="mt-0.5 text-[15px] leading-[1.3] max-desk:overflow-hidden">{cell.value}</dd>
    </div>
  );
}

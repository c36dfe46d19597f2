import type { ReactNode } from "react";

export type Cell = { label: string; value: ReactNode };

/** The strip at the top of a place: its name, then facts in cells, like the title block of a chart. */
export function TitleBlock({ title, cells }: { title: string; cells: Cell[] }) {
  return (
    <header className="flex min-h-[60px] flex-none flex-wrap items-stretch border-b-[1.5px] border-ink">
      <div className="flex items-center border-hairline px-5 desk:border-r desk:pl-[26px]">
        <h1 className="py-3 text-[25px] leading-none">{title}</h1>
      </div>
      <dl className="flex min-w-0 flex-1 flex-wrap">
        {cells.map((cell) => (
          <div
            key={cell.label}
            className="border-r border-hairline px-5 pt-2.5 pb-2 whitespace-nowrap last:border-r-0"
          >
            <dt className="cap">{cell.label}</dt>
            <dd className="mt-0.5 text-[15px] leading-[1.3]">{cell.value}</dd>
          </div>
        ))}
      </dl>
    </header>
  );
}

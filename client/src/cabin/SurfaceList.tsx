import type { Cabin } from "../api/client";
import { days } from "../shared/format";

type Props = {
  cabin: Cabin;
  chosen: string | null;
  onChoose: (surfaceId: string) => void;
};

/** The chart as a table: the same surfaces, soonest first. */
export function SurfaceList({ cabin, chosen, onChoose }: Props) {
  const byId = new Map(cabin.surfaces.map((surface) => [surface.id, surface]));
  const sorted = cabin.soonestFirst.flatMap((id) => byId.get(id) ?? []);
  return (
    <table className="w-full border-collapse text-14">
      <caption className="sr-only">Surfaces, soonest due first</caption>
      <thead>
        <tr className="cap h-7">
          <th className="pl-4 desk:pl-[26px]">Surface</th>
          <th className="w-20 pr-5 !text-right">Days left</th>
          <th className="w-16 pr-5 !text-right">Level</th>
          <th className="max-desk:hidden">Comes due first</th>
          <th className="max-desk:hidden">Lately</th>
        </tr>
      </thead>
      <tbody>
        {sorted.map((surface) => (
          <tr
            key={surface.id}
            className={`h-11 border-t border-hairline desk:h-8 ${surface.id === chosen ? "bg-deep" : ""}`}
          >
            <td className="pl-4 desk:pl-[26px]">
              <button
                type="button"
                aria-pressed={surface.id === chosen}
                className="min-h-11 w-full text-left font-semibold hover:underline desk:min-h-8"
                onClick={() => onChoose(surface.id)}
              >
                {surface.name}
              </button>
            </td>
            <td className={`pr-5 text-right font-semibold ${surface.overMark ? "over" : ""}`}>
              {days(surface.daysLeft)}
            </td>
            <td className="pr-5 text-right">{surface.level.toFixed(2)}</td>
            <td className="pr-4 max-desk:hidden">{surface.taskName}</td>
            <td className="note pr-4 max-desk:hidden">
              {[surface.worn && "worn, not dirty", surface.note].filter(Boolean).join("; ")}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

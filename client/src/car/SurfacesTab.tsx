import { useState } from "react";
import type { SurfaceRecord } from "../api/client";
import { AddSurface } from "./AddSurface";
import { SurfaceEditor } from "./SurfaceEditor";
import type { TabProps } from "./tab";

/** Every surface on record: to rename, correct, cut, leave out, mark as worn, or add. */
export function SurfacesTab({ vehicle, choices }: TabProps) {
  const [edited, setEdited] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const names = new Map(
    [...choices.materialNames, ...choices.finishNames, ...choices.factNames].map((part) => [
      part.value,
      part.name,
    ]),
  );
  const surface = vehicle.surfaces.find((part) => part.id === edited);
  return (
    <section className="px-4 pt-5 pb-8 desk:px-[26px]">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h2 className="text-26">Surfaces</h2>
          <p className="mt-1 text-16 text-soft">
            Correct what this cabin is made of, pane by pane and seat by seat.
          </p>
        </div>
        <button type="button" className="act2" onClick={() => setAdding(true)}>
          Add a surface
        </button>
      </div>
      {vehicle.zones.map((zone) => {
        const here = vehicle.surfaces.filter((part) => part.zone === zone.value);
        return here.length === 0 ? null : (
          <table key={zone.value} className="mb-6 w-full text-14">
            <caption className="pb-1 text-left">
              <h3 className="text-17">{zone.name}</h3>
            </caption>
            <thead className="sr-only">
              <tr>
                <th>Surface</th>
                <th>Make</th>
                <th>Area</th>
                <th>State</th>
              </tr>
            </thead>
            <tbody>
              {here.map((part) => (
                <tr
                  key={part.id}
                  className={`border-t border-hairline ${part.absent || part.cut ? "text-soft" : ""}`}
                >
                  <td className={part.partOf ? "w-[34%] pl-6" : "w-[34%]"}>
                    <button
                      type="button"
                      className={`min-h-11 w-full text-left font-semibold hover:underline ${
                        part.absent ? "line-through" : ""
                      }`}
                      onClick={() => setEdited(part.id)}
                    >
                      {part.name}
                    </button>
                  </td>
                  <td className="max-desk:hidden">
                    {[part.material, part.finish, ...part.facts]
                      .filter((value) => !["none", "plain"].includes(value))
                      .map((value) => names.get(value) ?? value)
                      .join(" · ")}
                  </td>
                  <td className="w-20 text-right">{area(part)}</td>
                  <td className="note w-[26%] pl-5">{state(part)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        );
      })}
      {surface && (
        <SurfaceEditor
          key={`${surface.id} ${vehicle.version}`}
          vehicle={vehicle}
          surface={surface}
          choices={choices}
          onClose={() => setEdited(null)}
        />
      )}
      {adding && (
        <AddSurface vehicle={vehicle} choices={choices} onClose={() => setAdding(false)} />
      )}
    </section>
  );
}

function area(surface: SurfaceRecord): string {
  return surface.squareMetres > 0 ? `${surface.squareMetres.toFixed(2)} m²` : "";
}

function state(surface: SurfaceRecord): string {
  if (surface.absent) {
    return "not in this car";
  }
  if (surface.cut) {
    return "cared for by its parts";
  }
  return surface.wear ? `worn: ${surface.wear}` : surface.added ? "added by you" : "";
}

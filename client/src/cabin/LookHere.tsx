import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, basedOn, type Inspection, type Surface } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { ResultButtons } from "../look/ResultButtons";
import { useLook } from "../look/useLook";
import { tinyDay } from "../shared/format";
import { InspectionDrawing } from "../shared/InspectionDrawing";
import { Sheet } from "../shared/Sheet";

type Props = { vehicleId: string; surface: Surface };

/** The looks that tell something of a surface, and what was seen and happened there lately. */
export function LookHere({ vehicleId, surface }: Props) {
  const [chosen, setChosen] = useState<Inspection | null>(null);
  const seen = useLook(vehicleId);
  return (
    <section className="border-t border-hairline pt-2 pb-3">
      <h3 className="mb-1 text-17">Quick checks</h3>
      <ul className="grid grid-cols-2 gap-1.5">
        {surface.inspections.map((inspection) => (
          <li key={inspection.id}>
            <button
              type="button"
              className="flex min-h-11 w-full items-center gap-2 rounded-button border border-ink px-2 text-left text-13 leading-tight font-semibold hover:bg-deep"
              onClick={() => setChosen(inspection)}
            >
              <InspectionDrawing id={inspection.id} width={40} />
              {inspection.name}
            </button>
          </li>
        ))}
      </ul>
      {surface.notes.length > 0 && <Notes vehicleId={vehicleId} notes={surface.notes} />}
      {chosen && (
        <Sheet open onClose={() => setChosen(null)} title={chosen.name} about={chosen.how}>
          <div className="mb-4 grid place-items-center">
            <InspectionDrawing id={chosen.id} width={180} />
          </div>
          <p className="mb-3 text-14 text-soft">
            On {surface.name.toLowerCase()} it tells of: {chosen.tells.join(", ").toLowerCase()}.
          </p>
          <ResultButtons
            inspection={chosen}
            busy={seen.isPending}
            onSeen={(result) =>
              seen.mutate(
                { inspection: chosen.id, result, surfaceId: surface.id },
                { onSuccess: () => setChosen(null) },
              )
            }
          />
          {seen.error && (
            <p role="alert" className="mt-3 text-coral">
              {seen.error.message}
            </p>
          )}
        </Sheet>
      )}
    </section>
  );
}

function Notes({ vehicleId, notes }: { vehicleId: string; notes: Surface["notes"] }) {
  const queries = useQueryClient();
  const undo = useMutation({
    mutationFn: (note: Surface["notes"][number]) =>
      ask(
        api.POST("/api/log/{entryId}/undo", {
          params: { path: { entryId: note.id } },
          headers: basedOn(note.version),
        }),
      ),
    onSuccess: () => refresh(queries, keys.car(vehicleId)),
  });
  return (
    <ul className="mt-2 text-13" aria-label="Checks and events here">
      {notes.map((note) => (
        <li key={note.id} className="grid grid-cols-[46px_1fr_auto] items-baseline gap-2 py-0.5">
          <span className="text-soft">{tinyDay(note.at)}</span>
          <span>{note.words}</span>
          <button
            type="button"
            className="lnk min-h-6"
            aria-label={`Undo: ${note.words}`}
            disabled={undo.isPending}
            onClick={() => undo.mutate(note)}
          >
            Undo
          </button>
        </li>
      ))}
    </ul>
  );
}

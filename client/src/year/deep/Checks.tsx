import { useState } from "react";
import type { DeepClean } from "../../api/client";
import { ResultButtons } from "../../look/ResultButtons";
import { useLook } from "../../look/useLook";
import { Choice } from "../../shared/Choice";
import { InspectionDrawing } from "../../shared/InspectionDrawing";
import { Sheet } from "../../shared/Sheet";

type Props = { vehicleId: string; deep: DeepClean };

/** The looks that tell how deep soil sits; what they say corrects the forecast. */
export function Checks({ vehicleId, deep }: Props) {
  const asked = deep.surfaces.filter((surface) => surface.decides);
  const [surfaceId, setSurfaceId] = useState(asked[0]?.surfaceId ?? "");
  const [chosen, setChosen] = useState<DeepClean["checks"][number]>();
  const seen = useLook(vehicleId);
  if (asked.length === 0) {
    return null;
  }
  return (
    <section aria-labelledby="look-deep" className="no-print mt-6">
      <h3 id="look-deep" className="text-20">
        Check it yourself
      </h3>
      <p className="text-14 text-soft">
        Each check corrects the date above and shows how fast soil settles in this car.
      </p>
      <ul className="mt-2 grid gap-2 desk:grid-cols-3">
        {deep.checks.map((check) => (
          <li key={check.id}>
            <button
              type="button"
              className="flex min-h-[60px] w-full items-center gap-2.5 rounded-button border border-ink px-2.5 py-1.5 text-left text-14 leading-tight font-semibold hover:bg-deep"
              onClick={() => setChosen(check)}
            >
              <InspectionDrawing id={check.id} width={48} />
              {check.name}
            </button>
          </li>
        ))}
      </ul>
      {chosen && (
        <Sheet open onClose={() => setChosen(undefined)} title={chosen.name} about={chosen.how}>
          <div className="mb-4 grid place-items-center">
            <InspectionDrawing id={chosen.id} width={180} />
          </div>
          <div className="mb-4 flex items-center gap-3">
            <span className="text-16 font-semibold">Where</span>
            <Choice
              label="Where"
              value={surfaceId}
              options={asked.map((surface) => ({
                value: surface.surfaceId,
                label: surface.name,
              }))}
              onChange={setSurfaceId}
            />
          </div>
          <ResultButtons
            inspection={chosen}
            busy={seen.isPending}
            onSeen={(result) =>
              seen.mutate(
                { inspection: chosen.id, result, surfaceId },
                { onSuccess: () => setChosen(undefined) },
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

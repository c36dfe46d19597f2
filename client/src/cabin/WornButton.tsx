import { useState } from "react";
import { useVehicle } from "../api/car";
import { api, basedOn, type Surface } from "../api/client";
import * as limits from "../api/limits";
import { useSurfaceChange } from "../car/useSurfaceChange";
import { Field } from "../shared/Field";
import { Sheet } from "../shared/Sheet";

type Props = { vehicleId: string; surface: Surface };

/** Marks what is worn and not dirty, so that it is not rubbed again and again. */
export function WornButton({ vehicleId, surface }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="act2 no-print w-full" onClick={() => setOpen(true)}>
        {surface.wear ? "Change what is worn" : "Worn, not dirty"}
      </button>
      {open && <WornSheet vehicleId={vehicleId} surface={surface} onClose={() => setOpen(false)} />}
    </>
  );
}

function WornSheet({ vehicleId, surface, onClose }: Props & { onClose: () => void }) {
  const [wear, setWear] = useState(surface.wear ?? "");
  const vehicle = useVehicle(vehicleId);
  const record = vehicle.data?.surfaces.find((known) => known.id === surface.id);
  const change = useSurfaceChange(vehicleId, onClose);
  const save = (next: string) => {
    if (record && vehicle.data) {
      const { version } = vehicle.data;
      change.make(() =>
        api.PUT("/api/vehicles/{vehicleId}/surfaces/{surfaceId}", {
          params: { path: { vehicleId, surfaceId: surface.id } },
          headers: basedOn(version),
          body: {
            name: record.name,
            material: record.material,
            finish: record.finish,
            squareMetres: record.squareMetres,
            facts: record.facts,
            absent: record.absent,
            wear: next || null,
          },
        }),
      );
    }
  };
  return (
    <Sheet
      open
      onClose={onClose}
      title="Worn, not dirty"
      about="Scuffs, rubbed edges and a polished heel patch stay after cleaning. From now on this place is cleaned gently and without a brush, and comes due later. Worn leather is conditioned before it is sealed."
    >
      <Field label="What stays after cleaning?" error={change.errors.wear?.[0]}>
        <input
          className="field"
          {...limits.ChangedSurface.wear}
          value={wear}
          onChange={(event) => setWear(event.target.value)}
        />
      </Field>
      {change.sentence && !change.errors.wear && (
        <p role="alert" className="mb-3 text-coral">
          {change.sentence}
        </p>
      )}
      <button
        type="button"
        className="act w-full"
        disabled={change.busy || !record || wear.trim() === ""}
        onClick={() => save(wear)}
      >
        Mark it as worn
      </button>
      {surface.wear && (
        <button
          type="button"
          className="act2 mt-3 w-full"
          disabled={change.busy || !record}
          onClick={() => save("")}
        >
          It is not worn after all
        </button>
      )}
    </Sheet>
  );
}

import { useState } from "react";
import { api, basedOn, type Choices, type SurfaceRecord, type VehicleDetail } from "../api/client";
import * as limits from "../api/limits";
import { Choice } from "../shared/Choice";
import { Field } from "../shared/Field";
import { Labelled } from "../shared/Labelled";
import { Sheet } from "../shared/Sheet";
import { useSurfaceChange } from "./useSurfaceChange";

type Props = { vehicle: VehicleDetail; choices: Choices; onClose: () => void };

/** A surface that the generated cabin does not have: a bed, a partition, a second screen. */
export function AddSurface({ vehicle, choices, onClose }: Props) {
  const [name, setName] = useState("");
  const [kindId, setKind] = useState<SurfaceRecord["kind"]>("trim");
  const [material, setMaterial] = useState("");
  const [zone, setZone] = useState(vehicle.zones[0]?.value ?? "");
  const [area, setArea] = useState("0.2");
  const change = useSurfaceChange(vehicle.id, onClose);
  const kind = choices.kinds.find((option) => option.kind === kindId);
  const made = kind?.materials.find((option) => option === material) ?? kind?.materials[0];
  return (
    <Sheet
      open
      onClose={onClose}
      title="Add a surface"
      about="It is cared for like others of its kind, and listed beside the plan."
    >
      <Field label="Name" error={change.errors.name?.[0]}>
        <input
          className="field"
          {...limits.NewSurface.name}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </Field>
      <Labelled label="It is like the">
        <Choice
          label="It is like the"
          value={kindId}
          options={choices.kinds.map((option) => ({ value: option.kind, label: option.name }))}
          onChange={(value) => setKind(value as SurfaceRecord["kind"])}
        />
      </Labelled>
      {kind && kind.materials.length > 1 && made && (
        <Labelled label="Made of">
          <Choice
            label="Made of"
            value={made}
            options={kind.materials.map((option) => ({
              value: option,
              label: choices.materialNames.find((other) => other.value === option)?.name ?? option,
            }))}
            onChange={setMaterial}
          />
        </Labelled>
      )}
      <Labelled label="Reached from">
        <Choice
          label="Reached from"
          value={zone}
          options={vehicle.zones.map((option) => ({ value: option.value, label: option.name }))}
          onChange={setZone}
        />
      </Labelled>
      <Field label="Area, m²" error={change.errors.squareMetres?.[0]}>
        <input
          className="field"
          type="number"
          step="any"
          value={area}
          onChange={(event) => setArea(event.target.value)}
        />
      </Field>
      {change.sentence && (
        <p role="alert" className="mb-3 text-16 text-coral">
          {change.sentence}
        </p>
      )}
      <button
        type="button"
        className="act w-full"
        disabled={change.busy || !kind || !made}
        onClick={() =>
          kind &&
          made &&
          change.make(() =>
            api.POST("/api/vehicles/{vehicleId}/surfaces", {
              params: { path: { vehicleId: vehicle.id } },
              headers: basedOn(vehicle.version),
              body: {
                name,
                kind: kindId,
                material: made,
                finish: kind.finishes[0] ?? "plain",
                squareMetres: Number(area),
                zone,
              },
            }),
          )
        }
      >
        Add it
      </button>
    </Sheet>
  );
}

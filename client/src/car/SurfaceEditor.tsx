import { useState } from "react";
import { api, basedOn, type Choices, type SurfaceRecord, type VehicleDetail } from "../api/client";
import * as limits from "../api/limits";
import { Choice } from "../shared/Choice";
import { Field } from "../shared/Field";
import { Labelled } from "../shared/Labelled";
import { Pick } from "../shared/Pick";
import { Sheet } from "../shared/Sheet";
import { Facts } from "./Facts";
import { useSurfaceChange } from "./useSurfaceChange";

type Props = {
  vehicle: VehicleDetail;
  surface: SurfaceRecord;
  choices: Choices;
  onClose: () => void;
};

const PARTS = ["2", "3", "4"];

/** One surface: its name, make and facts; absent, worn, cut into parts or joined again. */
export function SurfaceEditor({ vehicle, surface, choices, onClose }: Props) {
  const [draft, setDraft] = useState(surface);
  const [parts, setParts] = useState("2");
  const change = useSurfaceChange(vehicle.id, onClose);
  const kind = choices.kinds.find((option) => option.kind === surface.kind);
  const set = (next: Partial<SurfaceRecord>) => setDraft((old) => ({ ...old, ...next }));
  const name = (list: Choices["materialNames"], value: string) =>
    list.find((option) => option.value === value)?.name ?? value;
  const at = {
    params: { path: { vehicleId: vehicle.id, surfaceId: surface.id } },
    headers: basedOn(vehicle.version),
  };
  const save = () =>
    change.make(() =>
      api.PUT("/api/vehicles/{vehicleId}/surfaces/{surfaceId}", {
        ...at,
        body: {
          name: draft.name,
          material: draft.material,
          finish: draft.finish,
          squareMetres: draft.squareMetres,
          facts: draft.facts,
          absent: draft.absent,
          wear: draft.wear,
        },
      }),
    );
  const split = () =>
    change.make(() =>
      api.POST("/api/vehicles/{vehicleId}/surfaces/{surfaceId}/split", {
        ...at,
        body: {
          names: Array.from(
            { length: Number(parts) },
            (_, index) => `${surface.shortName.slice(0, 12)}, part ${index + 1}`,
          ),
        },
      }),
    );
  return (
    <Sheet open onClose={onClose} title={surface.name}>
      <Field label="Name" error={change.errors.name?.[0]}>
        <input
          className="field"
          {...limits.ChangedSurface.name}
          value={draft.name}
          onChange={(event) => set({ name: event.target.value })}
        />
      </Field>
      {kind && kind.materials.length > 1 && (
        <Labelled label="Made of" error={change.errors.material?.[0]}>
          <Choice
            label="Made of"
            value={draft.material}
            options={kind.materials.map((option) => ({
              value: option,
              label: name(choices.materialNames, option),
            }))}
            onChange={(value) => set({ material: value as SurfaceRecord["material"] })}
          />
        </Labelled>
      )}
      {kind && kind.finishes.length > 1 && (
        <Labelled label="Finish" error={change.errors.finish?.[0]}>
          <Choice
            label="Finish"
            value={draft.finish}
            options={kind.finishes.map((option) => ({
              value: option,
              label: name(choices.finishNames, option),
            }))}
            onChange={(value) => set({ finish: value as SurfaceRecord["finish"] })}
          />
        </Labelled>
      )}
      {kind && kind.facts.length > 0 && (
        <Facts
          offered={kind.facts}
          value={draft.facts}
          choices={choices}
          onChange={(facts) => set({ facts })}
        />
      )}
      <Field label="Area, m²" error={change.errors.squareMetres?.[0]}>
        <input
          className="field"
          type="number"
          step="any"
          value={draft.squareMetres}
          onChange={(event) => set({ squareMetres: Number(event.target.value) })}
        />
      </Field>
      <Field
        label="Worn, not dirty"
        hint="Scuffs, shine or fading that stay after cleaning. It is cleaned gently, without a brush, and comes due later."
        error={change.errors.wear?.[0]}
      >
        <input
          className="field"
          {...limits.ChangedSurface.wear}
          placeholder="Nothing worn"
          value={draft.wear ?? ""}
          onChange={(event) => set({ wear: event.target.value || null })}
        />
      </Field>
      <Pick
        label="This car has it"
        value={draft.absent ? "no" : "yes"}
        options={[
          { value: "yes", label: "Yes" },
          { value: "no", label: "No, leave it out" },
        ]}
        onChange={(value) => set({ absent: value === "no" })}
        error={change.errors.absent?.[0]}
      />
      {change.sentence && (
        <p role="alert" className="mb-3 text-16 text-coral">
          {change.sentence}
        </p>
      )}
      <button type="button" className="act w-full" disabled={change.busy} onClick={save}>
        Save
      </button>
      <div className="mt-5 border-t border-hairline pt-4">
        {surface.cut ? (
          <button
            type="button"
            className="act2 w-full"
            disabled={change.busy}
            onClick={() =>
              change.make(() => api.POST("/api/vehicles/{vehicleId}/surfaces/{surfaceId}/join", at))
            }
          >
            Join its parts again
          </button>
        ) : (
          <div className="flex items-end gap-3 [&>div]:mb-0 [&>div]:flex-1">
            <Pick
              label="Care for it in parts"
              value={parts}
              options={PARTS.map((option) => ({ value: option, label: option }))}
              onChange={setParts}
            />
            <button type="button" className="act2" disabled={change.busy} onClick={split}>
              Divide it
            </button>
          </div>
        )}
        {surface.added && (
          <button
            type="button"
            className="act2 mt-3 w-full !border-coral text-coral"
            disabled={change.busy}
            onClick={() =>
              change.make(() => api.DELETE("/api/vehicles/{vehicleId}/surfaces/{surfaceId}", at))
            }
          >
            Take it away
          </button>
        )}
      </div>
    </Sheet>
  );
}

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, ask, basedOn, Problem, type Today } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { Field } from "../shared/Field";
import { settings } from "../shared/settings";
import { distanceAWeek, fromField, toField } from "../shared/units";

/** How far the car is driven in a week, from now on. */
export function DistanceForm({ today, onSaved }: { today: Today; onSaved: () => void }) {
  const queries = useQueryClient();
  const [typed, setTyped] = useState(
    String(toField(today.kilometresAWeek, settings().distanceScale)),
  );
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.PUT("/api/vehicles/{vehicleId}/distance", {
          params: { path: { vehicleId: today.vehicle.id } },
          headers: basedOn(today.useVersion),
          body: { kilometresAWeek: fromField(Number(typed), settings().distanceScale) },
        }),
      ),
    onSuccess: async () => {
      await refresh(queries, keys.car(today.vehicle.id));
      onSaved();
    },
    onError: () => refresh(queries, keys.car(today.vehicle.id)),
  });
  const problem = save.error instanceof Problem ? save.error : null;
  const field = problem?.errors.kilometresAWeek?.[0];
  return (
    <form
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <Field label={distanceAWeek()} error={field}>
        <input
          className="field"
          inputMode="decimal"
          type="number"
          step="any"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </Field>
      {problem && !field && (
        <p role="alert" className="mb-3 text-coral">
          {problem.message}
        </p>
      )}
      <button type="submit" className="act w-full" disabled={save.isPending || typed === ""}>
        Save
      </button>
    </form>
  );
}

import { useMutation, useQueryClient } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { api, ask, basedOn, Problem } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { CabinSketch } from "../builder/CabinSketch";
import { LayoutForm } from "../builder/LayoutForm";
import { NameFields } from "../builder/NameFields";
import { Elsewhere } from "../shared/Elsewhere";
import { within } from "../shared/format";
import { useDraft } from "../shared/useDraft";
import type { TabProps } from "./tab";

/** Name and layout of a car that is there already. */
export function LayoutTab({ vehicle, choices }: TabProps) {
  const queries = useQueryClient();
  const { draft, version, elsewhere, change, settle } = useDraft(
    { name: vehicle.name, description: vehicle.description, ...vehicle.layout },
    vehicle.version,
  );
  const { name, description, ...layout } = draft;
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.PUT("/api/vehicles/{vehicleId}", {
          params: { path: { vehicleId: vehicle.id } },
          headers: basedOn(version),
          body: { name, description, layout },
        }),
      ),
    onError: () => refresh(queries, keys.car(vehicle.id)),
    onSuccess: async () => {
      settle();
      await refresh(queries, keys.vehicles);
      await refresh(queries, keys.car(vehicle.id));
    },
  });
  const errors = save.error instanceof Problem ? save.error.errors : {};
  const form = (part: "frame" | "cabin" | "fittings") => (
    <LayoutForm
      choices={choices}
      layout={layout}
      onChange={change}
      errors={within(errors, "layout.")}
      part={part}
    />
  );
  return (
    <form
      className="grid gap-x-10 px-4 pt-5 pb-8 desk:grid-cols-[1fr_1fr_1.25fr] desk:px-[26px]"
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <div>
        <NameFields names={{ name, description }} onChange={change} errors={errors} />
        {form("frame")}
      </div>
      <div>
        {form("cabin")}
        {form("fittings")}
      </div>
      <div>
        <div className="desk:sticky desk:top-6">
          <CabinSketch layout={layout} />
          <p className="mt-4 text-14 text-soft">
            What you changed on single surfaces stays. What a new layout leaves out goes, with its
            level; what it adds starts as lived in.
          </p>
          <Elsewhere differences={elsewhere} />
          {save.error && elsewhere.length === 0 && (
            <p role="alert" className="mt-3 text-16 text-coral">
              {save.error.message}
            </p>
          )}
          <button type="submit" className="act mt-4 w-full" disabled={save.isPending}>
            Redraw the cabin
          </button>
          {save.isSuccess && (
            <p role="status" className="mt-2 text-center text-14 text-kelp">
              Redrawn.
            </p>
          )}
        </div>
      </div>
    </form>
  );
}

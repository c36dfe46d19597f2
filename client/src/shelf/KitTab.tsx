import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, ask, basedOn, type Schemas } from "../api/client";
import { keys } from "../api/keys";
import * as limits from "../api/limits";
import { refresh } from "../api/refresh";
import { Choice } from "../shared/Choice";
import { Elsewhere } from "../shared/Elsewhere";
import { Labelled } from "../shared/Labelled";
import { useDraft } from "../shared/useDraft";
import type { ShelfTabProps } from "./tab";

type Kit = Required<Schemas["KitDocument"]>;

const SCREENS: { value: Schemas["ScreenSchool"]; label: string }[] = [
  { value: "gentlestFirst", label: "The gentlest that works" },
  { value: "dryOnly", label: "Never more than a dry cloth" },
  { value: "water", label: "Up to plain water" },
  { value: "diluteRinseless", label: "Up to very dilute rinseless wash" },
  { value: "alcoholDetailer", label: "Up to an alcohol-based detailer" },
  { value: "glassCleaner", label: "Up to ammonia-free glass cleaner" },
];

/** Tools with their count, towels by role and colour, and how far to go with screens. */
export function KitTab({ vehicleId, shelf, choices }: ShelfTabProps) {
  const queries = useQueryClient();
  const { draft, version, changed, elsewhere, change, settle } = useDraft(
    shelf.kit as Kit,
    shelf.kitVersion,
  );
  const save = useMutation({
    mutationFn: () => ask(api.PUT("/api/shelf/kit", { headers: basedOn(version), body: draft })),
    onSuccess: async (next) => {
      settle();
      queries.setQueryData(keys.shelf, next);
      await refresh(queries, keys.car(vehicleId));
    },
    onError: () => refresh(queries, keys.shelf),
  });
  const { today } = shelf;
  const toolOf = (tool: Schemas["Tool"]) => draft.tools.find((owned) => owned.tool === tool);
  const setTool = (
    tool: Schemas["Tool"],
    next: { count?: number; note?: string; since?: string } | null,
  ) => {
    const rest = draft.tools.filter((owned) => owned.tool !== tool);
    change({
      tools: next
        ? [...rest, { tool, count: 1, note: "", since: null, ...toolOf(tool), ...next }]
        : rest,
    });
  };
  const towelsOf = (role: Schemas["TowelRole"]) =>
    draft.towels.find((towel) => towel.role === role);
  const setTowels = (
    role: Schemas["TowelRole"],
    next: { count?: number; colour?: string; since?: string },
  ) =>
    change({
      towels: [
        ...draft.towels.filter((towel) => towel.role !== role),
        { role, colour: "", count: 0, since: null, ...towelsOf(role), ...next },
      ],
    });
  return (
    <form
      className="grid gap-x-12 px-4 pt-5 pb-8 desk:grid-cols-2 desk:px-[26px]"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <section>
        <h2 className="text-26">Tools</h2>
        <p className="mt-1 mb-3 text-16 text-soft">
          Once you tick one, Cove chooses only among those you have.
        </p>
        <ul>
          {choices.tools.map(({ tool, name }) => {
            const owned = toolOf(tool);
            return (
              <li
                key={tool}
                className="grid min-h-11 grid-cols-[minmax(0,1fr)_72px_minmax(0,1fr)] items-center gap-3 border-t border-hairline py-1"
              >
                <label className="flex min-h-11 items-center gap-3 text-16">
                  <input
                    type="checkbox"
                    className="size-5 accent-[var(--ink)]"
                    checked={owned !== undefined}
                    onChange={(event) => setTool(tool, event.target.checked ? {} : null)}
                  />
                  {name}
                </label>
                {owned && (
                  <>
                    <input
                      className="field"
                      type="number"
                      {...limits.ToolDocument.count}
                      aria-label={`${name}, how many`}
                      value={owned.count}
                      onChange={(event) => setTool(tool, { count: Number(event.target.value) })}
                    />
                    <input
                      className="field"
                      {...limits.ToolDocument.note}
                      aria-label={`${name}, note`}
                      placeholder={tool === "vacuum" ? "Which nozzles" : "Note"}
                      value={owned.note}
                      onChange={(event) => setTool(tool, { note: event.target.value })}
                    />
                    <Wear
                      wear={shelf.wear.find((wear) => wear.tool === tool)}
                      name={name}
                      isNew={owned.since === today}
                      onNew={() => setTool(tool, { since: today })}
                    />
                  </>
                )}
              </li>
            );
          })}
        </ul>
      </section>
      <section className="max-desk:mt-8">
        <h2 className="text-26">Towels</h2>
        <p className="mt-1 mb-3 text-16 text-soft">
          Kept apart by role; the colour is your own code.
        </p>
        <ul className="mb-6">
          {choices.towelRoles.map(({ role, name }) => (
            <li
              key={role}
              className="grid min-h-11 grid-cols-[minmax(0,1fr)_72px_minmax(0,1fr)] items-center gap-3 border-t border-hairline py-1 text-16"
            >
              {name}
              <input
                className="field"
                type="number"
                {...limits.TowelDocument.count}
                aria-label={`${name}, how many`}
                value={towelsOf(role)?.count ?? 0}
                onChange={(event) => setTowels(role, { count: Number(event.target.value) })}
              />
              <input
                className="field"
                {...limits.TowelDocument.colour}
                aria-label={`${name}, colour`}
                placeholder="Colour"
                value={towelsOf(role)?.colour ?? ""}
                onChange={(event) => setTowels(role, { colour: event.target.value })}
              />
              <Wear
                wear={shelf.wear.find((wear) => wear.towels === role)}
                name={`${name} towels`}
                isNew={towelsOf(role)?.since === today}
                onNew={() => setTowels(role, { since: today })}
              />
            </li>
          ))}
        </ul>
        <Labelled label="How far to go with screens">
          <Choice
            label="How far to go with screens"
            value={draft.screenSchool}
            options={SCREENS}
            onChange={(value) => change({ screenSchool: value as Schemas["ScreenSchool"] })}
          />
        </Labelled>
        <Elsewhere differences={elsewhere} />
        {save.isError && elsewhere.length === 0 && (
          <p role="alert" className="mb-3 text-coral">
            {save.error.message}
          </p>
        )}
        <button type="submit" className="act w-full" disabled={!changed || save.isPending}>
          Save
        </button>
        {!changed && save.isSuccess && (
          <p role="status" className="mt-2 text-center text-14 text-kelp">
            Saved.
          </p>
        )}
      </section>
    </form>
  );
}

type WearProps = {
  wear: Schemas["WearView"] | undefined;
  name: string;
  isNew: boolean;
  onNew: () => void;
};

/** How far a tool has come by the record, and that a new one has taken its place. */
function Wear({ wear, name, isNew, onNew }: WearProps) {
  if (!wear || (wear.sessions === 0 && !isNew)) {
    return null;
  }
  return (
    <p className="col-span-3 flex flex-wrap items-center gap-x-3 pb-1 text-soft">
      <span className={wear.isDue && !isNew ? "text-coral" : ""}>
        {isNew ? "New from today on, once you save." : wear.sentence}
      </span>
      {!isNew && (
        <button
          type="button"
          className="min-h-8 underline"
          aria-label={`${name}: retired, a new one is in use`}
          onClick={onNew}
        >
          A new one
        </button>
      )}
    </p>
  );
}

import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, ask, Problem, type Schemas } from "../api/client";
import { keys } from "../api/keys";
import * as limits from "../api/limits";
import { refresh } from "../api/refresh";
import { Field } from "../shared/Field";
import { minutes as said } from "../shared/format";

type ChoicesProps = { vehicleId: string; surfaceId: string | undefined; onDone: () => void };

/** Asks what was done, on what, when and with what. */
export function DidThisForm({ vehicleId, surfaceId, onDone }: ChoicesProps) {
  const work = useQuery({
    queryKey: keys.place(vehicleId, "work"),
    queryFn: ({ signal }) =>
      ask(api.GET("/api/vehicles/{vehicleId}/work", { params: { path: { vehicleId } }, signal })),
  });
  if (work.isError) {
    return <p className="text-coral">{work.error.message}</p>;
  }
  return work.data ? (
    <Form vehicleId={vehicleId} surfaceId={surfaceId} work={work.data} onDone={onDone} />
  ) : (
    <p>Loading</p>
  );
}

type FormProps = ChoicesProps & { work: Schemas["WorkChoicesView"] };

function Form({ vehicleId, surfaceId, work, onDone }: FormProps) {
  const queries = useQueryClient();
  const tasks = work.tasks.filter(
    (task) => !surfaceId || task.surfaces.some((surface) => surface.id === surfaceId),
  );
  const [chosen, setChosen] = useState<string[]>(
    tasks.length === 1 ? [tasks[0]?.taskId ?? ""] : [],
  );
  const [surfaces, setSurfaces] = useState<string[]>(surfaceId ? [surfaceId] : []);
  const [day, setDay] = useState(work.today);
  const [took, setTook] = useState("");
  const [clean, setClean] = useState(true);
  const [byOther, setByOther] = useState(false);
  const [productId, setProductId] = useState("");
  const [note, setNote] = useState("");
  const only = chosen.length === 1 ? tasks.find((task) => task.taskId === chosen[0]) : undefined;
  const record = useMutation({
    mutationFn: (anotherTime: boolean) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/work", {
          params: { path: { vehicleId } },
          body: {
            tasks: chosen,
            surfaces,
            day: day === work.today ? null : day,
            minutes: took === "" ? 0 : Number(took),
            cameClean: clean,
            byProfessional: byOther,
            productId: productId === "" || byOther ? null : productId,
            note,
            anotherTime,
          },
        }),
      ),
    onSuccess: async () => {
      await refresh(queries, keys.car(vehicleId));
      await refresh(queries, keys.shelf);
      onDone();
    },
  });
  const problem = record.error instanceof Problem ? record.error : null;
  const errors = problem?.errors ?? {};
  const isKnown = problem?.status === 409;
  return (
    <form
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        record.mutate(isKnown);
      }}
    >
      <fieldset className="mb-3">
        <legend className="mb-1 text-16 font-semibold">Tasks</legend>
        <div className="max-h-[34dvh] overflow-y-auto border-y border-hairline">
          {tasks.map((task) => (
            <Check
              key={task.taskId}
              label={task.name}
              on={chosen.includes(task.taskId)}
              onChange={(on) => {
                record.reset();
                setSurfaces(surfaceId ? [surfaceId] : []);
                setChosen(
                  on ? [...chosen, task.taskId] : chosen.filter((id) => id !== task.taskId),
                );
              }}
            />
          ))}
        </div>
        {errors.tasks && <p className="text-14 text-coral">{errors.tasks[0]}</p>}
      </fieldset>
      {only && !surfaceId && only.surfaces.length > 1 && (
        <details className="mb-3">
          <summary className="lnk min-h-11 cursor-pointer py-2 text-16">
            {surfaces.length === 0
              ? `On all of it, ${only.surfaces.length} surfaces`
              : `On ${surfaces.length} of ${only.surfaces.length} surfaces`}
          </summary>
          {only.surfaces.map((surface) => (
            <Check
              key={surface.id}
              label={surface.name}
              on={surfaces.includes(surface.id)}
              onChange={(on) =>
                setSurfaces(
                  on ? [...surfaces, surface.id] : surfaces.filter((id) => id !== surface.id),
                )
              }
            />
          ))}
        </details>
      )}
      <div className="grid grid-cols-2 gap-x-4">
        <Field label="Day" error={errors.day?.[0]}>
          <input
            className="field"
            type="date"
            required
            max={work.today}
            value={day}
            onChange={(event) => {
              record.reset();
              setDay(event.target.value);
            }}
          />
        </Field>
        <Field label="Minutes, if you know" error={errors.minutes?.[0]}>
          <input
            className="field"
            type="number"
            min="0"
            max="1440"
            step="any"
            inputMode="decimal"
            placeholder={only ? `about ${said(only.minutes)}` : ""}
            value={took}
            onChange={(event) => setTook(event.target.value)}
          />
        </Field>
      </div>
      <Check label="It came clean" on={clean} onChange={setClean} />
      <Check label="A professional did it" on={byOther} onChange={setByOther} />
      {!byOther && (
        <Field label="With" error={errors.productId?.[0]}>
          <select
            className="field"
            value={productId}
            onChange={(event) => setProductId(event.target.value)}
          >
            <option value="">Nothing, or something else</option>
            {work.products.map((product) => (
              <option key={product.id} value={product.id}>
                {product.name}
              </option>
            ))}
          </select>
        </Field>
      )}
      <Field label="Note" error={errors.note?.[0]}>
        <textarea
          className="field"
          rows={2}
          {...limits.NewWork.note}
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
      </Field>
      {problem && Object.keys(errors).length === 0 && (
        <p role="alert" className="mb-3 text-16 text-coral">
          {problem.message}
        </p>
      )}
      <button
        type="submit"
        className="act w-full"
        disabled={record.isPending || chosen.length === 0}
      >
        {isKnown ? "Save it anyway" : "Save"}
      </button>
    </form>
  );
}

type CheckProps = { label: string; on: boolean; onChange: (on: boolean) => void };

function Check({ label, on, onChange }: CheckProps) {
  return (
    <label className="flex min-h-11 items-center gap-2.5 text-16">
      <input
        type="checkbox"
        className="size-5 flex-none accent-[var(--ink)]"
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Switch } from "radix-ui";
import { type FormEvent, useId, useState } from "react";
import { api, ask, basedOn, type LogEntry, Problem } from "../api/client";
import { keys } from "../api/keys";
import * as limits from "../api/limits";
import { refresh } from "../api/refresh";
import { Field } from "../shared/Field";
import { Sheet } from "../shared/Sheet";

type Props = { entry: LogEntry; now: string; vehicleId: string; onClose: () => void };

/** Corrects an entry of the log. */
export function CorrectSheet({ entry, now, vehicleId, onClose }: Props) {
  const queries = useQueryClient();
  const [at, setAt] = useState(entry.at.slice(0, 16));
  const [taken, setTaken] = useState(String(entry.takenMinutes));
  const [cameClean, setCameClean] = useState(entry.cameClean);
  const [note, setNote] = useState(entry.note);
  const cleanId = useId();
  const care = entry.kind === "care";
  const timed = care || entry.kind === "deepClean";
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.PUT("/api/log/{entryId}", {
          params: { path: { entryId: entry.id } },
          headers: basedOn(entry.version),
          body: { at: withOffset(at, entry.at), takenMinutes: Number(taken), cameClean, note },
        }),
      ),
    onSuccess: async () => {
      await refresh(queries, keys.car(vehicleId));
      onClose();
    },
  });
  const errors = save.error instanceof Problem ? save.error.errors : {};
  return (
    <Sheet
      open
      onClose={onClose}
      title="Correct this entry"
      about={`${entry.name}. Levels and dates follow what you say here.`}
    >
      <form
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <Field label="When" error={errors.at?.[0]}>
          <input
            className="field"
            type="datetime-local"
            required
            max={now.slice(0, 16)}
            value={at}
            onChange={(event) => setAt(event.target.value)}
          />
        </Field>
        {timed && (
          <Field label="Minutes taken" error={errors.takenMinutes?.[0]}>
            <input
              className="field"
              type="number"
              min="0"
              max="1440"
              step="any"
              required
              value={taken}
              onChange={(event) => setTaken(event.target.value)}
            />
          </Field>
        )}
        {care && (
          <div className="mb-4 flex min-h-11 items-center justify-between">
            <label htmlFor={cleanId} className="text-16 font-semibold">
              It came clean
            </label>
            <Switch.Root
              id={cleanId}
              checked={cameClean}
              onCheckedChange={setCameClean}
              className="flex h-8 w-[60px] items-center border-[1.5px] border-ink bg-paper p-0.5 data-[state=checked]:bg-ink"
            >
              <Switch.Thumb className="block size-6 bg-ink data-[state=checked]:translate-x-[28px] data-[state=checked]:bg-paper" />
            </Switch.Root>
          </div>
        )}
        <Field label="Note" error={errors.note?.[0]}>
          <textarea
            className="field"
            rows={2}
            {...limits.LogCorrection.note}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </Field>
        {save.error && Object.keys(errors).length === 0 && (
          <p role="alert" className="mb-3 text-coral">
            {save.error.message}
          </p>
        )}
        <button type="submit" className="act w-full" disabled={save.isPending}>
          Save the correction
        </button>
      </form>
    </Sheet>
  );
}

/** A wall-clock time with the offset that the entry was shown with. */
function withOffset(local: string, shown: string): string {
  const offset = shown.match(/(Z|[+-]\d\d:\d\d)$/)?.[0] ?? "Z";
  // Seconds are kept when the minute was not touched, so that an unchanged time stays the same instant.
  return local === shown.slice(0, 16) ? shown : `${local}:00${offset}`;
}

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, ask, type DeepClean, Problem, type Schemas } from "../../api/client";
import { keys } from "../../api/keys";
import * as limits from "../../api/limits";
import { refresh } from "../../api/refresh";
import { Field } from "../../shared/Field";
import { Pick } from "../../shared/Pick";
import { Sheet } from "../../shared/Sheet";

type Props = {
  vehicleId: string;
  prices: DeepClean["prices"];
  currency: string;
  today: string;
  onClose: () => void;
};
type By = Schemas["DeepCleanBy"];
type Part = Schemas["DeepCleanParts"];

const BY: { value: By; label: string }[] = [
  { value: "hiredMachine", label: "Hired machine" },
  { value: "ownMachine", label: "Own machine" },
  { value: "shop", label: "A shop" },
];

const PARTS: { part: Part; name: string }[] = [
  { part: "vacuumed", name: "Dusted and vacuumed" },
  { part: "washed", name: "Everything washed" },
  { part: "extracted", name: "Cloth and pile extracted" },
  { part: "glass", name: "Glass" },
  { part: "protected", name: "Protectant applied" },
];

/** Records that the car was cleaned deeply. Levels follow what was done. */
export function RecordSheet({ vehicleId, prices, currency, today, onClose }: Props) {
  const queries = useQueryClient();
  const [by, setBy] = useState<By>("hiredMachine");
  const [parts, setParts] = useState<Part[]>(PARTS.map(({ part }) => part));
  const [day, setDay] = useState(today);
  const [hours, setHours] = useState("");
  const [cost, setCost] = useState<string>();
  const [note, setNote] = useState("");
  const usual = by === "shop" ? prices.shop : by === "hiredMachine" ? prices.hire : null;
  const shownCost = cost ?? usual?.toString() ?? "";
  const record = useMutation({
    mutationFn: () =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/deep-cleans", {
          params: { path: { vehicleId } },
          body: {
            by,
            parts,
            day,
            hours: hours === "" ? 0 : Number(hours),
            cost: shownCost === "" ? null : Number(shownCost),
            note,
          },
        }),
      ),
    onSuccess: async () => {
      await refresh(queries, keys.car(vehicleId));
      onClose();
    },
  });
  const errors = record.error instanceof Problem ? record.error.errors : {};
  return (
    <Sheet
      open
      onClose={onClose}
      title="Record a deep clean"
      about="Levels and dates follow what was done. It can be undone in the log."
    >
      <form
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          record.mutate();
        }}
      >
        <Field label="Finished on" error={errors.day?.[0]}>
          <input
            className="field"
            type="date"
            required
            max={today}
            value={day}
            onChange={(event) => setDay(event.target.value)}
          />
        </Field>
        <Pick label="By" value={by} options={BY} onChange={(value) => setBy(value as By)} />
        <fieldset className="mb-4">
          <legend className="mb-1 text-16 font-semibold">What was done</legend>
          {PARTS.map(({ part, name }) => (
            <label key={part} className="flex min-h-11 items-center gap-2.5 text-16">
              <input
                type="checkbox"
                className="size-5 flex-none accent-[var(--ink)]"
                checked={parts.includes(part)}
                onChange={(event) =>
                  setParts(
                    PARTS.map((other) => other.part).filter((other) =>
                      other === part ? event.target.checked : parts.includes(other),
                    ),
                  )
                }
              />
              {name}
            </label>
          ))}
          {errors.parts && <p className="text-14 text-coral">{errors.parts[0]}</p>}
        </fieldset>
        <div className="grid grid-cols-2 gap-x-4">
          <Field label="Hours" error={errors.hours?.[0]}>
            <input
              className="field"
              type="number"
              min="0"
              max="24"
              step="any"
              inputMode="decimal"
              value={hours}
              onChange={(event) => setHours(event.target.value)}
            />
          </Field>
          <Field label={currency ? `Cost, ${currency}` : "Cost"} error={errors.cost?.[0]}>
            <input
              className="field"
              type="number"
              min="0"
              step="any"
              inputMode="decimal"
              value={shownCost}
              onChange={(event) => setCost(event.target.value)}
            />
          </Field>
        </div>
        <Field label="Note" error={errors.note?.[0]}>
          <textarea
            className="field"
            rows={2}
            {...limits.NewDeepClean.note}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </Field>
        {record.error && Object.keys(errors).length === 0 && (
          <p role="alert" className="mb-3 text-coral">
            {record.error.message}
          </p>
        )}
        <button
          type="submit"
          className="act w-full"
          disabled={record.isPending || parts.length === 0}
        >
          Record it
        </button>
      </form>
    </Sheet>
  );
}

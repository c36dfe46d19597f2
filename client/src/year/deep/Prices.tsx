import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, ask, type DeepClean, Problem } from "../../api/client";
import { keys } from "../../api/keys";
import { refresh } from "../../api/refresh";
import { Field } from "../../shared/Field";

type Props = { vehicleId: string; deep: DeepClean };

/** What a deep clean costs, and what the routine spares of it. */
export function Prices({ vehicleId, deep }: Props) {
  const queries = useQueryClient();
  const { prices } = deep;
  const [shop, setShop] = useState(prices.shop?.toString() ?? "");
  const [hire, setHire] = useState(prices.hire?.toString() ?? "");
  const save = useMutation({
    mutationFn: () =>
      ask(
        api.PUT("/api/vehicles/{vehicleId}/deep-clean/prices", {
          params: { path: { vehicleId } },
          body: { shop: numberIn(shop), hire: numberIn(hire) },
        }),
      ),
    onSuccess: () => refresh(queries, keys.car(vehicleId)),
  });
  const errors = save.error instanceof Problem ? save.error.errors : {};
  return (
    <section aria-labelledby="deep-cost" className="mt-6">
      <h3 id="deep-cost" className="text-20">
        What it costs
      </h3>
      <p className="text-14 text-soft">
        {deep.spared
          ? deep.spared
          : "Enter what a shop charges near you, and Cove shows what the routine saves."}
      </p>
      <form
        className="no-print mt-2 grid grid-cols-2 gap-x-4"
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <Field label="Shop price" error={errors.shop?.[0]}>
          <input
            className="field"
            type="number"
            min="0"
            step="any"
            inputMode="decimal"
            value={shop}
            onChange={(event) => setShop(event.target.value)}
          />
        </Field>
        <Field label="Hired machine, a day" error={errors.hire?.[0]}>
          <input
            className="field"
            type="number"
            min="0"
            step="any"
            inputMode="decimal"
            value={hire}
            onChange={(event) => setHire(event.target.value)}
          />
        </Field>
        <div className="mb-4 flex items-end">
          <button type="submit" className="act2 w-full" disabled={save.isPending}>
            Save the prices
          </button>
        </div>
      </form>
      {save.error && Object.keys(errors).length === 0 && (
        <p role="alert" className="text-14 text-coral">
          {save.error.message}
        </p>
      )}
    </section>
  );
}

function numberIn(text: string): number | null {
  return text.trim() === "" ? null : Number(text);
}

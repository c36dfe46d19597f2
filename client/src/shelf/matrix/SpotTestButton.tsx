import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { type Answer, api, ask } from "../../api/client";
import { keys } from "../../api/keys";
import * as limits from "../../api/limits";
import { refresh } from "../../api/refresh";
import { Field } from "../../shared/Field";
import { Sheet } from "../../shared/Sheet";

type Props = { vehicleId: string; productId: string; surfaceId: string; told: Answer };

/** Records how a product did on a hidden spot. */
export function SpotTestButton({ vehicleId, productId, surfaceId, told }: Props) {
  const [open, setOpen] = useState(false);
  const [all, setAll] = useState(told.alike.length > 0);
  const [note, setNote] = useState("");
  const queries = useQueryClient();
  const record = useMutation({
    mutationFn: (passed: boolean) =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/spot-tests", {
          params: { path: { vehicleId } },
          body: {
            productId,
            surfaceId,
            strength: told.strength,
            passed,
            note,
            forAllAlike: all,
          },
        }),
      ),
    onSuccess: async () => {
      setOpen(false);
      setNote("");
      await refresh(queries, keys.car(vehicleId));
    },
  });
  return (
    <>
      <button
        type="button"
        className={told.judgement.verdict === "testFirst" ? "act w-full" : "act2 w-full"}
        onClick={() => setOpen(true)}
      >
        Record a spot test
      </button>
      <Sheet
        open={open}
        onClose={() => setOpen(false)}
        title="Spot test"
        about={`${told.productName}, ${told.strengthInWords.toLowerCase()}, on ${told.surfaceName.toLowerCase()}.`}
      >
        <ol className="mb-4 list-decimal pl-5 text-16 leading-[1.5]">
          <li>Choose a hidden place: under a seat, behind a flap.</li>
          <li>A little on a white towel, wipe once, look at the towel.</li>
          <li>Let it dry and compare in daylight.</li>
        </ol>
        {told.alike.length > 0 && (
          <label className="mb-3 flex min-h-11 items-center gap-3 text-16">
            <input
              type="checkbox"
              className="size-5 accent-[var(--ink)]"
              checked={all}
              onChange={(event) => setAll(event.target.checked)}
            />
            It speaks for all of the same make: {told.alike.join(", ").toLowerCase()} too
          </label>
        )}
        <Field label="Where, and what you saw (may be empty)">
          <input
            className="field"
            {...limits.NewSpotTest.note}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </Field>
        {record.isError && (
          <p role="alert" className="mb-3 text-coral">
            {record.error.message}
          </p>
        )}
        <div className="grid gap-2.5">
          <button
            type="button"
            className="act2 min-h-[54px]"
            disabled={record.isPending}
            onClick={() => record.mutate(true)}
          >
            Passed: no colour, no change
          </button>
          <button
            type="button"
            className="act2 min-h-[54px] !border-coral text-coral"
            disabled={record.isPending}
            onClick={() => record.mutate(false)}
          >
            Failed: colour on the towel, or a mark
          </button>
        </div>
      </Sheet>
    </>
  );
}

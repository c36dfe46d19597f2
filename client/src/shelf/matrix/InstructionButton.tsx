import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { type Answer, api, ask, Problem } from "../../api/client";
import { keys } from "../../api/keys";
import * as limits from "../../api/limits";
import { refresh } from "../../api/refresh";
import { Field } from "../../shared/Field";
import { Pick } from "../../shared/Pick";
import { Sheet } from "../../shared/Sheet";

type Props = { vehicleId: string; productId: string; surfaceId: string; told: Answer };

/** Records what a maker's instruction says of this product on this surface. */
export function InstructionButton({ vehicleId, productId, surfaceId, told }: Props) {
  const [open, setOpen] = useState(false);
  const [says, setSays] = useState("allows");
  const [about, setAbout] = useState("both");
  const [note, setNote] = useState("");
  const queries = useQueryClient();
  const record = useMutation({
    mutationFn: () =>
      ask(
        api.POST("/api/vehicles/{vehicleId}/instructions", {
          params: { path: { vehicleId } },
          body: {
            surfaceId: about === "product" ? null : surfaceId,
            productId: about === "surface" ? null : productId,
            allows: says === "allows",
            note,
          },
        }),
      ),
    onSuccess: async () => {
      setOpen(false);
      setNote("");
      await refresh(queries, keys.car(vehicleId));
    },
  });
  const errors = record.error instanceof Problem ? record.error.errors : {};
  return (
    <>
      <button type="button" className="act2 w-full" onClick={() => setOpen(true)}>
        The maker says otherwise
      </button>
      <Sheet
        open={open}
        onClose={() => setOpen(false)}
        title="A maker's instruction"
        about="What a handbook or label says counts before Cove's rules about the surface. Rules that keep people from harm stay."
      >
        <Pick
          label="It"
          value={says}
          options={[
            { value: "allows", label: "allows it" },
            { value: "forbids", label: "forbids it" },
          ]}
          onChange={setSays}
        />
        <Pick
          label="It is about"
          value={about}
          options={[
            { value: "both", label: "this pair" },
            { value: "surface", label: "this surface" },
            { value: "product", label: "this product" },
          ]}
          onChange={setAbout}
        />
        <Field label="Where it stands and what it says" error={errors.note?.[0]}>
          <textarea
            className="field min-h-24"
            {...limits.NewInstruction.note}
            value={note}
            placeholder={`Handbook of ${told.surfaceName.toLowerCase()}: ...`}
            onChange={(event) => setNote(event.target.value.replace(/\n/g, " "))}
          />
        </Field>
        {record.isError && !errors.note && (
          <p role="alert" className="mb-3 text-coral">
            {record.error.message}
          </p>
        )}
        <button
          type="button"
          className="act w-full"
          disabled={record.isPending || note.trim() === ""}
          onClick={() => record.mutate()}
        >
          Save
        </button>
      </Sheet>
    </>
  );
}

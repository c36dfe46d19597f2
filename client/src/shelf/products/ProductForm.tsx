import { useMutation, useQueryClient } from "@tanstack/react-query";
import type { FormEvent } from "react";
import {
  api,
  ask,
  basedOn,
  Problem,
  type Product,
  type ProductDetails,
  type Schemas,
  type Shelf,
  type ShelfChoices,
} from "../../api/client";
import { keys } from "../../api/keys";
import { limits } from "../../api/limits";
import { refresh } from "../../api/refresh";
import { Choice } from "../../shared/Choice";
import { Elsewhere } from "../../shared/Elsewhere";
import { Field } from "../../shared/Field";
import { Labelled } from "../../shared/Labelled";
import { Pick } from "../../shared/Pick";
import { useDraft } from "../../shared/useDraft";
import { Bottles } from "./Bottles";
import { Hazards } from "./Hazards";

type Props = { product?: Product; choices: ShelfChoices; onClose: () => void };

const IN_IT = [
  ["ammonia", "Ammonia"],
  ["acid", "Acid or vinegar"],
  ["chlorine", "Chlorine bleach"],
  ["peroxide", "Peroxide"],
  ["solvent", "Solvent"],
  ["oil", "Oil or silicone"],
  ["abrasive", "Abrasive"],
  ["leavesFilm", "Leaves a film"],
  ["uv", "Blocks UV"],
  ["antistatic", "Keeps dust off"],
  ["scented", "Scented"],
] as const;

const FORMS: { value: Schemas["ProductForm"]; label: string }[] = [
  { value: "liquid", label: "Liquid" },
  { value: "spray", label: "Spray bottle" },
  { value: "aerosol", label: "Aerosol can" },
  { value: "foam", label: "Foam" },
  { value: "cream", label: "Cream or wax" },
  { value: "gel", label: "Gel or putty" },
  { value: "wipes", label: "Wipes" },
  { value: "solid", label: "Solid" },
];

/** A product from its label: what it is, what is in it, how strong it is used, and its bottles. */
export function ProductForm({ product, choices, onClose }: Props) {
  const queries = useQueryClient();
  const { draft, version, elsewhere, change, settle } = useDraft(
    (product?.details ?? choices.classes[1]?.usual) as ProductDetails,
    product?.version ?? 0,
  );
  const refreshAll = async () => {
    await refresh(queries, keys.shelf);
    await refresh(queries, keys.wastebasket);
    await refresh(queries, keys.cars);
  };
  const path = { params: { path: { productId: product?.id ?? "" } } };
  const save = useMutation({
    mutationFn: () =>
      ask(
        product
          ? api.PUT("/api/shelf/products/{productId}", {
              ...path,
              headers: basedOn(version),
              body: draft,
            })
          : api.POST("/api/shelf/products", { body: draft }),
      ),
    onSuccess: async (saved) => {
      if (product) {
        // The next change is based on this one, whether or not the list has been read again.
        change(saved.details as ProductDetails);
        settle();
        queries.setQueryData<Shelf>(
          keys.shelf,
          (old) =>
            old && {
              ...old,
              products: old.products.map((one) => (one.id === saved.id ? saved : one)),
            },
        );
      } else {
        onClose();
      }
      await refreshAll();
    },
    onError: refreshAll,
  });
  const remove = useMutation({
    mutationFn: () =>
      ask(
        api.DELETE("/api/shelf/products/{productId}", {
          ...path,
          headers: basedOn(version),
        }),
      ),
    onSuccess: async () => {
      onClose();
      await refreshAll();
    },
  });
  const failed = (save.error ?? remove.error) as Error | null;
  const errors = failed instanceof Problem ? failed.errors : {};
  const error = (field: string) => errors[field]?.[0];
  return (
    <form
      className="px-4 pt-4 pb-6 desk:px-[22px]"
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <div className="mb-3 flex items-start justify-between gap-3">
        <h2 className="text-[22px]">{product ? product.details.name : "A new product"}</h2>
        <button type="button" className="lnk min-h-6 text-14" onClick={onClose}>
          Close
        </button>
      </div>
      <Labelled label="Class" error={error("class")}>
        <Choice
          label="Class"
          value={draft.class}
          options={choices.classes.map((one) => ({ value: one.class, label: one.name }))}
          onChange={(value) => {
            const usual = choices.classes.find((one) => one.class === value)?.usual;
            if (usual) {
              // What such products are usually like; name and bottles stay the owner's.
              change({
                ...(usual as ProductDetails),
                name: product || draft.name !== usualName(choices, draft) ? draft.name : usual.name,
                bottles: draft.bottles,
                note: draft.note,
              });
            }
          }}
        />
      </Labelled>
      <Field label="Name" error={error("name")}>
        <input
          className="field"
          {...limits.ProductDocument.name}
          value={draft.name}
          onChange={(event) => change({ name: event.target.value })}
        />
      </Field>
      <h3 className="mt-5 mb-1 text-17">What is in it</h3>
      <p className="mb-2 text-14 text-soft">
        Filled in as usual for its class. The label comes first: where it is silent, leave a tick
        rather than take one off.
      </p>
      <div className="mb-3 grid grid-cols-2 gap-x-3">
        {IN_IT.map(([key, name]) => (
          <label key={key} className="flex min-h-9 items-center gap-2 text-[15px]">
            <input
              type="checkbox"
              className="size-[18px] accent-[var(--ink)]"
              checked={draft[key]}
              onChange={(event) => change({ [key]: event.target.checked })}
            />
            {name}
          </label>
        ))}
      </div>
      <div className="grid grid-cols-2 gap-x-4">
        <Field label="pH" hint="7 is neutral" error={error("ph")}>
          <input
            className="field"
            type="number"
            step="0.1"
            {...limits.ProductDocument.ph}
            value={draft.ph}
            onChange={(event) => change({ ph: Number(event.target.value) })}
          />
        </Field>
        <Field label="Alcohol, %" error={error("alcoholPercent")}>
          <input
            className="field"
            type="number"
            {...limits.ProductDocument.alcoholPercent}
            value={draft.alcoholPercent}
            onChange={(event) => change({ alcoholPercent: Number(event.target.value) })}
          />
        </Field>
      </div>
      <Labelled label="Form" error={error("form")}>
        <Choice
          label="Form"
          value={draft.form}
          options={FORMS}
          onChange={(form) => change({ form: form as Schemas["ProductForm"] })}
        />
      </Labelled>
      <Pick
        label="Finish it leaves"
        value={draft.sheen}
        options={[
          { value: "none", label: "None, matte" },
          { value: "satin", label: "Satin" },
          { value: "gloss", label: "Gloss" },
        ]}
        onChange={(sheen) => change({ sheen: sheen as Schemas["Sheen"] })}
      />
      <Hazards
        chosen={draft.hazards}
        error={error("hazards")}
        onChange={(hazards) => change({ hazards })}
      />
      <h3 className="mt-5 mb-1 text-17">Strengths</h3>
      <p className="mb-2 text-14 text-soft">
        As parts, 1:8 or 8:1 alike: eight of water to one of product. Or a percentage of the whole.
      </p>
      <div className="grid grid-cols-3 gap-x-3">
        {(["weakest", "usual", "strongest"] as const).map((key) => (
          <Field
            key={key}
            label={{ weakest: "Weakest", usual: "Usual", strongest: "Strongest" }[key]}
            error={error(key)}
          >
            <input
              className="field"
              {...limits.ProductDocument.usual}
              value={draft[key]}
              onChange={(event) => change({ [key]: event.target.value })}
            />
          </Field>
        ))}
      </div>
      <Bottles
        bottles={draft.bottles}
        pieces={draft.form === "solid" || draft.form === "wipes"}
        errors={errors}
        onChange={(bottles) => change({ bottles })}
      />
      <Field
        label="Keeps how many months once opened (empty: it keeps)"
        error={error("shelfLifeMonths")}
      >
        <input
          className="field"
          type="number"
          {...limits.ProductDocument.shelfLifeMonths}
          value={draft.shelfLifeMonths ?? ""}
          onChange={(event) =>
            change({
              shelfLifeMonths: event.target.value === "" ? null : Number(event.target.value),
            })
          }
        />
      </Field>
      <Field label="Note" error={error("note")}>
        <input
          className="field"
          {...limits.ProductDocument.note}
          value={draft.note}
          onChange={(event) => change({ note: event.target.value })}
        />
      </Field>
      <Elsewhere differences={elsewhere} />
      {failed && elsewhere.length === 0 && (
        <p role="alert" className="mb-3 text-16 text-coral">
          {failed.message}
        </p>
      )}
      <div className="sticky bottom-0 grid gap-2 bg-paper py-3 max-desk:bottom-18">
        <button type="submit" className="act w-full" disabled={save.isPending}>
          {product ? "Keep it so" : "Put it on the shelf"}
        </button>
        {save.isSuccess && product && (
          <p role="status" className="text-center text-14 text-kelp">
            Saved.
          </p>
        )}
      </div>
      {product && (
        <button
          type="button"
          className="act2 w-full"
          disabled={remove.isPending}
          onClick={() => remove.mutate()}
        >
          Take it off the shelf
        </button>
      )}
    </form>
  );
}

function usualName(choices: ShelfChoices, draft: ProductDetails): string | undefined {
  return choices.classes.find((one) => one.class === draft.class)?.usual.name;
}

import type { FormEvent } from "react";
import { Problem, type Product, type ProductDetails, type ShelfChoices } from "../../api/client";
import * as limits from "../../api/limits";
import { Choice } from "../../shared/Choice";
import { Elsewhere } from "../../shared/Elsewhere";
import { Field } from "../../shared/Field";
import { Labelled } from "../../shared/Labelled";
import { Bottles } from "./Bottles";
import { Contents } from "./Contents";
import { LabelLimits } from "./LabelLimits";
import { PasteLabel } from "./PasteLabel";
import { Strengths } from "./Strengths";
import { useProduct } from "./useProduct";
import { Welcome } from "./Welcome";

type Props = { product?: Product; choices: ShelfChoices; onClose: () => void };

/** A product from its label: what it is, what is in it, how strong it is used, and its bottles. */
export function ProductForm({ product, choices, onClose }: Props) {
  const { draft, change, elsewhere, save, remove } = useProduct(
    product,
    choices.classes[1]?.usual as ProductDetails,
    onClose,
  );
  const failed = (save.error ?? remove.error) as Error | null;
  const errors = failed instanceof Problem ? failed.errors : {};
  const error = (field: string) => errors[field]?.[0];
  if (!product && save.data) {
    return (
      <div className="px-4 pt-4 pb-6 desk:px-[22px]">
        <h2 className="mb-3 text-[22px]" role="status">
          {save.data.details.name} is on the shelf
        </h2>
        <Welcome productId={save.data.id} />
        <button type="button" className="act w-full" onClick={onClose}>
          Back to the shelf
        </button>
      </div>
    );
  }
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
          options={choices.classes.map((option) => ({ value: option.class, label: option.name }))}
          onChange={(value) => {
            const usual = choices.classes.find((option) => option.class === value)?.usual;
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
          {...limits.NewProduct.name}
          value={draft.name}
          onChange={(event) => change({ name: event.target.value })}
        />
      </Field>
      <PasteLabel
        draft={draft}
        named={Boolean(product) || draft.name !== usualName(choices, draft)}
        change={change}
      />
      <Contents draft={draft} change={change} error={error} />
      <LabelLimits draft={draft} change={change} />
      <Strengths draft={draft} change={change} error={error} />
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
          {...limits.NewProduct.shelfLifeMonths}
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
          {...limits.NewProduct.note}
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
          {product ? "Save" : "Put it on the shelf"}
        </button>
        {save.isSuccess && product && (
          <p role="status" className="text-center text-14 text-kelp">
            Saved.
          </p>
        )}
      </div>
      {product && save.isSuccess && <Welcome productId={product.id} />}
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
  return choices.classes.find((option) => option.class === draft.class)?.usual.name;
}

import type { ProductDetails, Schemas } from "../../api/client";
import * as limits from "../../api/limits";
import { Choice } from "../../shared/Choice";
import { Field } from "../../shared/Field";
import { Labelled } from "../../shared/Labelled";
import { Pick } from "../../shared/Pick";
import { Hazards } from "./Hazards";

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

/** A part of the form for a product. */
export type PartProps = {
  draft: ProductDetails;
  change: (part: Partial<ProductDetails>) => void;
  error: (field: string) => string | undefined;
};

/** What is in a product and how it comes, from its label. */
export function Contents({ draft, change, error }: PartProps) {
  return (
    <>
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
            {...limits.NewProduct.ph}
            value={draft.ph}
            onChange={(event) => change({ ph: Number(event.target.value) })}
          />
        </Field>
        <Field label="Alcohol, %" error={error("alcoholPercent")}>
          <input
            className="field"
            type="number"
            {...limits.NewProduct.alcoholPercent}
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
    </>
  );
}

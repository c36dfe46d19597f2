import * as limits from "../../api/limits";
import { Field } from "../../shared/Field";
import type { PartProps } from "./Contents";

/** How strong a product is mixed. */
export function Strengths({ draft, change, error }: PartProps) {
  return (
    <>
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
              {...limits.NewProduct.usual}
              value={draft[key]}
              onChange={(event) => change({ [key]: event.target.value })}
            />
          </Field>
        ))}
      </div>
    </>
  );
}

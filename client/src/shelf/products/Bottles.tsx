import type { BottleDetails } from "../../api/client";
import * as limits from "../../api/limits";
import { Field } from "../../shared/Field";
import { settings } from "../../shared/settings";
import { fromField, toField, volumeSign } from "../../shared/units";

/** What is solid is counted. */
const PIECES = { name: "pieces", sign: "pieces", size: 1, zero: 0 };

type Props = {
  bottles: BottleDetails[];
  pieces: boolean;
  errors: Record<string, string[]>;
  onChange: (bottles: BottleDetails[]) => void;
};

/** The containers of a product, as bought or mixed at home. */
export function Bottles({ bottles, pieces, errors, onChange }: Props) {
  const change = (index: number, next: Partial<BottleDetails>) =>
    onChange(bottles.map((bottle, place) => (place === index ? { ...bottle, ...next } : bottle)));
  const unit = pieces ? "pieces" : volumeSign();
  const scale = pieces ? PIECES : settings().volumeScale;
  return (
    <section className="mt-5">
      <h3 className="mb-1 text-17">{pieces ? "Packs" : "Bottles"}</h3>
      {bottles.map((bottle, index) => {
        const error = (field: string) => errors[`bottles[${index}].${field}`]?.[0];
        const name = bottle.mixed ? `Bottle ${index + 1}, mixed` : `Bottle ${index + 1}`;
        return (
          <fieldset key={bottle.id ?? index} className="mb-3 border-t border-hairline pt-2">
            <legend className="float-left text-[15px] font-semibold">{name}</legend>
            <button
              type="button"
              className="lnk float-right min-h-6 text-14"
              aria-label={`Take off ${name.toLowerCase()}`}
              onClick={() => onChange(bottles.filter((_, place) => place !== index))}
            >
              Take off
            </button>
            <div className="clear-both grid grid-cols-3 gap-x-3 pt-1">
              <Amount
                label={`Holds, ${unit}`}
                value={toField(bottle.size, scale)}
                error={error("size")}
                onChange={(size) => change(index, { size: fromField(size ?? 0, scale) })}
              />
              <Amount
                label={`Left, ${unit}`}
                value={Math.round(toField(bottle.left, scale) * 10) / 10}
                error={error("left")}
                onChange={(left) => change(index, { left: fromField(left ?? 0, scale) })}
              />
              {bottle.mixed ? (
                <Field label="Strength" error={error("mixed")}>
                  <input
                    className="field"
                    {...limits.BottleDocument.mixed}
                    value={bottle.mixed}
                    onChange={(event) => change(index, { mixed: event.target.value })}
                  />
                </Field>
              ) : (
                <Amount
                  label="Price"
                  value={bottle.price ?? null}
                  error={error("price")}
                  onChange={(price) => change(index, { price })}
                />
              )}
            </div>
            <div className="grid grid-cols-2 gap-x-3">
              {bottle.mixed ? (
                <Day
                  label="Mixed"
                  value={bottle.mixedOn}
                  error={error("mixedOn")}
                  onChange={(mixedOn) => change(index, { mixedOn })}
                />
              ) : (
                <>
                  <Day
                    label="Bought"
                    value={bottle.bought}
                    error={error("bought")}
                    onChange={(bought) => change(index, { bought })}
                  />
                  <Day
                    label="Opened"
                    value={bottle.opened}
                    error={error("opened")}
                    onChange={(opened) => change(index, { opened })}
                  />
                </>
              )}
            </div>
          </fieldset>
        );
      })}
      <button
        type="button"
        className="act2 mb-4"
        onClick={() =>
          onChange([...bottles, pieces ? { size: 1, left: 1 } : { size: 500, left: 500 }])
        }
      >
        Add a {pieces ? "pack" : "bottle"}
      </button>
    </section>
  );
}

type AmountProps = {
  label: string;
  value: number | null;
  error: string | undefined;
  onChange: (value: number | null) => void;
};

function Amount({ label, value, error, onChange }: AmountProps) {
  return (
    <Field label={label} error={error}>
      <input
        className="field"
        type="number"
        step="any"
        min={0}
        value={value ?? ""}
        onChange={(event) =>
          onChange(event.target.value === "" ? null : event.target.valueAsNumber)
        }
      />
    </Field>
  );
}

type DayProps = {
  label: string;
  value: string | null | undefined;
  error: string | undefined;
  onChange: (value: string | null) => void;
};

function Day({ label, value, error, onChange }: DayProps) {
  return (
    <Field label={label} error={error}>
      <input
        className="field"
        type="date"
        value={value ?? ""}
        onChange={(event) => onChange(event.target.value || null)}
      />
    </Field>
  );
}

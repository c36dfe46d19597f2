import { useState } from "react";
import { type Mixture, Problem, type Product, type Schemas } from "../../api/client";
import * as limits from "../../api/limits";
import { useMixture } from "../../api/shelf";
import { Caution } from "../../shared/Caution";
import { Choice } from "../../shared/Choice";
import { Field } from "../../shared/Field";
import { Labelled } from "../../shared/Labelled";
import { Pick } from "../../shared/Pick";
import { settings } from "../../shared/settings";
import { volume } from "../../shared/units";
import type { ShelfTabProps } from "../tab";
import { Bottle } from "./Bottle";
import { BottleLabel } from "./BottleLabel";
import { KeepButton } from "./KeepButton";

type Unit = Schemas["VolumeUnit"];
type Amounts = Record<string, string>;

const ANY = "any";

/** A common spray bottle in each unit. */
const USUAL_BOTTLE: Record<string, string> = {
  millilitre: "500",
  usFluidOunce: "16",
  imperialFluidOunce: "17",
};

const UNITS: { value: Unit; label: string }[] = [
  { value: "millilitre", label: "ml" },
  { value: "litre", label: "l" },
  { value: "usFluidOunce", label: "US fl oz" },
  { value: "imperialFluidOunce", label: "imp fl oz" },
  { value: "drop", label: "drops" },
];
const NEW_FIELDS = [
  ["product", "Product"],
  ["water", "Water"],
  ["total", "Together"],
] as const;

/** Mixes: any two of product, water, total and strength give the rest. Or tops a bottle up. */
export function BenchTab({ shelf }: ShelfTabProps) {
  const mixable = shelf.products.filter((option) => option.details.usual !== "neat");
  const [productId, setProductId] = useState(mixable[0]?.id ?? ANY);
  const product = shelf.products.find((option) => option.id === productId);
  const [way, setWay] = useState("new");
  const [unit, setUnit] = useState<Unit>(settings().chosen.volume);
  const [amounts, setAmounts] = useState<Amounts>({
    total: USUAL_BOTTLE[settings().chosen.volume] ?? "500",
  });
  const [strength, setStrength] = useState(product?.details.usual ?? "1:8");
  const [held, setHeld] = useState("1:20");
  const mixture = useMixture({
    productId: productId === ANY ? null : productId,
    unit,
    ...(way === "new"
      ? {
          ...Object.fromEntries(NEW_FIELDS.map(([key]) => [key, number(amounts[key])])),
          strength: strength.trim() || null,
        }
      : {
          held: number(amounts.held) ?? 0,
          heldStrength: held,
          total: number(amounts.total) ?? 0,
          target: strength,
        }),
  });
  const errors = mixture.error instanceof Problem ? mixture.error.errors : {};
  const fieldError = (key: string) => errors[key]?.[0];
  const unitName = UNITS.find((option) => option.value === unit)?.label;
  const amount = (key: string, label: string) => (
    <Field key={key} label={`${label}, ${unitName}`} error={fieldError(key)}>
      <input
        className="field"
        type="number"
        step="any"
        min={0}
        value={amounts[key] ?? ""}
        onChange={(event) => setAmounts({ ...amounts, [key]: event.target.value })}
      />
    </Field>
  );
  return (
    <div className="grid flex-1 gap-x-10 px-4 pt-5 pb-8 desk:grid-cols-[minmax(0,380px)_minmax(0,1fr)] desk:px-[26px]">
      <form className="no-print" onSubmit={(event) => event.preventDefault()}>
        <Labelled label="What is mixed" error={fieldError("productId")}>
          <Choice
            label="What is mixed"
            value={productId}
            options={[
              ...shelf.products.map((option) => ({ value: option.id, label: option.details.name })),
              { value: ANY, label: "Something else" },
            ]}
            onChange={(next) => {
              setProductId(next);
              const usual = shelf.products.find((option) => option.id === next)?.details.usual;
              if (usual) {
                setStrength(usual);
                setAmounts({ total: amounts.total || "500", held: amounts.held ?? "" });
              }
            }}
          />
        </Labelled>
        <Pick
          label="The bottle is"
          value={way}
          options={[
            { value: "new", label: "Empty" },
            { value: "topUp", label: "Part full" },
          ]}
          onChange={(next) => {
            setWay(next);
            setAmounts({ total: "500", ...(next === "topUp" ? { held: "200" } : {}) });
          }}
        />
        <Labelled label="Unit">
          <Choice
            label="Unit"
            value={unit}
            options={UNITS}
            onChange={(next) => setUnit(next as Unit)}
          />
        </Labelled>
        {way === "new" ? (
          <>
            <p className="mb-2 text-14 text-soft">Fill in any two; leave the others empty.</p>
            <div className="grid grid-cols-3 gap-x-3">
              {NEW_FIELDS.map(([key, label]) => amount(key, label))}
            </div>
          </>
        ) : (
          <div className="grid grid-cols-2 gap-x-3">
            {amount("held", "Holds now")}
            <Field label="How strong that is" error={fieldError("heldStrength")}>
              <input
                className="field"
                {...limits.NewTopUp.heldStrength}
                value={held}
                onChange={(event) => setHeld(event.target.value)}
              />
            </Field>
            {amount("total", "Should hold")}
          </div>
        )}
        <Field
          label={way === "new" ? "Strength" : "Strength wanted"}
          hint="1:8, 8:1 and 11.1 % are the same"
          error={fieldError("strength") ?? fieldError("target")}
        >
          <input
            className="field"
            {...limits.NewMixture.strength}
            value={strength}
            onChange={(event) => setStrength(event.target.value)}
          />
        </Field>
        {unit === "drop" && mixture.data && (
          <p className="text-14 text-soft">
            Taking {mixture.data.dropsToTheMillilitre} drops to the millilitre. Droppers differ:
            count how many fill 5 ml to know yours.
          </p>
        )}
        {mixture.isError && Object.keys(errors).length === 0 && (
          <p role="alert" className="text-coral">
            {mixture.error.message}
          </p>
        )}
      </form>
      <div aria-live="polite">
        {mixture.data ? (
          <Result mixture={mixture.data} product={product} isNew={way === "new"} />
        ) : (
          <p className="text-16 text-soft">
            {mixture.isError ? "Nothing to pour yet." : "Working it out"}
          </p>
        )}
      </div>
    </div>
  );
}

type ResultProps = { mixture: Mixture; product: Product | undefined; isNew: boolean };

function Result({ mixture, product, isNew }: ResultProps) {
  const hand = mixture.byHand;
  return (
    <div className="grid gap-x-8 desk:grid-cols-[220px_minmax(0,1fr)]">
      <div className="no-print">
        <Bottle mixture={mixture} />
      </div>
      <div>
        <div className="no-print">
          <p className="serif text-26 leading-tight">{mixture.inWords}</p>
          <h3 className="mt-5 text-17">By hand</h3>
          <p className="mt-1 text-19">
            <b>
              {hand.productMillilitres === 0
                ? "No more"
                : hand.drops === null
                  ? volume(hand.productMillilitres)
                  : `${hand.drops} drops`}{" "}
              product
            </b>
            {hand.waterMillilitres > 0 && `, ${volume(hand.waterMillilitres)} water`}
          </p>
          <p className="mt-1 text-14 text-soft">
            Comes to {hand.inWords.toLowerCase()}.
            {hand.waterMillilitres > 0 &&
              hand.productMillilitres > 0 &&
              " Water first, then the product: it foams less."}
          </p>
          <h3 className="mt-5 text-17">Exactly</h3>
          <table className="mt-1 border-collapse text-[15px]">
            <thead>
              <tr className="cap">
                <th className="w-24" aria-label="Part" />
                <th className="w-24 !text-right">ml</th>
                <th className="w-28 !text-right">US fl oz</th>
                <th className="w-28 !text-right">imp fl oz</th>
              </tr>
            </thead>
            <tbody>
              {(
                [
                  ["Product", mixture.product],
                  ["Water", mixture.water],
                  ["In all", mixture.total],
                ] as const
              ).map(([name, volume]) => (
                <tr key={name} className="border-t border-hairline">
                  <th>{name}</th>
                  <td className="text-right font-semibold">{ml(volume.millilitres)}</td>
                  <td className="text-right">{volume.usFluidOunces.toFixed(2)}</td>
                  <td className="text-right">{volume.imperialFluidOunces.toFixed(2)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="mt-4 grid max-w-[52ch] gap-2">
            {mixture.remark && <Caution>{mixture.remark}</Caution>}
            <Caution>
              One product to a bottle, and its label on it. Never mix two products; the label of the
              original comes first.
            </Caution>
          </div>
        </div>
        {product && <BottleLabel mixture={mixture} product={product} />}
        {product && isNew && mixture.byHand.strength !== "neat" && (
          <KeepButton
            key={`${product.id} ${mixture.total.millilitres} ${mixture.byHand.strength}`}
            mixture={mixture}
            product={product}
          />
        )}
      </div>
    </div>
  );
}

function ml(value: number): string {
  return value >= 100 ? String(Math.round(value)) : value.toFixed(1);
}

function number(text: string | undefined): number | null {
  return text === undefined || text.trim() === "" ? null : Number(text);
}

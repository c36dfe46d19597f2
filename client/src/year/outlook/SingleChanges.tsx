import { useState } from "react";
import type { Routine, Schemas, Use } from "../../api/client";
import { useSavings, useSingleChanges } from "../../api/routine";
import { Choice } from "../../shared/Choice";
import { count } from "../../shared/format";

type Change = Schemas["SingleChangeView"];
type Saving = Schemas["SavingView"];
type Tried = { change: Change; saving: Saving };
type Props = {
  vehicleId: string;
  currency: string;
  onTry: (asked: { use: Use; routine: Routine }) => void;
};

/** So many are shown; the rest helps less. */
const SHOWN = 6;

type Order = "days" | "minute" | "money";

const ORDERS: { value: Order; label: string }[] = [
  { value: "days", label: "most days" },
  { value: "minute", label: "days per minute" },
  { value: "money", label: "days per money" },
];

/** What helps most, each thing tried alone. */
export function SingleChanges({ vehicleId, currency, onTry }: Props) {
  const [open, setOpen] = useState(false);
  return open ? (
    <Found vehicleId={vehicleId} currency={currency} onTry={onTry} />
  ) : (
    <button type="button" className="act2 mt-4" onClick={() => setOpen(true)}>
      What helps most?
    </button>
  );
}

function Found({ vehicleId, currency, onTry }: Props) {
  const [order, setOrder] = useState<Order>("days");
  const changes = useSingleChanges(vehicleId, true);
  const all = changes.data ?? [];
  const savings = useSavings(vehicleId, all);
  const tried = all.flatMap((change, at) => {
    const saving = savings[at]?.data;
    return saving ? [{ change, saving }] : [];
  });
  const done = savings.filter((saving) => !saving.isPending).length;
  const error = changes.error ?? savings.find((saving) => saving.error)?.error;
  return (
    <section aria-labelledby="helps" className="mt-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-3">
        <h3 id="helps" className="text-17">
          What helps most
        </h3>
        <span className="text-13 text-soft">
          by{" "}
          <Choice
            plain
            label="What counts"
            value={order}
            options={ORDERS}
            onChange={(value) => setOrder(value as Order)}
          />
        </span>
      </div>
      {error && (
        <p role="alert" className="mt-1 text-14 text-coral">
          {error.message}
        </p>
      )}
      {done < all.length || all.length === 0 ? (
        <p role="status" className="mt-1 text-14 text-soft">
          {all.length === 0
            ? "Trying one thing after the other…"
            : `Trying one thing after the other: ${done} of ${all.length}.`}
        </p>
      ) : null}
      <ul>
        {ranked(tried, order)
          .slice(0, SHOWN)
          .map(({ change, saving }) => (
            <li key={change.name}>
              <button
                type="button"
                className="flex min-h-11 w-full items-center justify-between gap-3 border-b border-hairline text-left text-14 hover:bg-deep"
                onClick={() =>
                  onTry({ use: change.use as Use, routine: change.routine as Routine })
                }
              >
                <span>{change.name}</span>
                <span className="flex-none text-right">
                  <b className="font-semibold">{count(saving.days, "day")}</b>
                  <span className="block text-13 text-soft">{price(saving, currency)}</span>
                </span>
              </button>
            </li>
          ))}
      </ul>
    </section>
  );
}

/** Those that save days, the best first by what counts. What asks for nothing comes before what asks for something. */
function ranked(tried: Tried[], order: Order): Tried[] {
  const worth = ({ saving }: Tried) => {
    const asked =
      order === "minute" ? saving.minutesAWeek : order === "money" ? saving.cost : undefined;
    return asked === undefined ? saving.days : asked > 0 ? saving.days / asked : saving.days * 1e6;
  };
  return tried
    .filter(({ saving }) => saving.days > 0)
    .sort((one, other) => worth(other) - worth(one));
}

/** "for 5 min a week, 3 kr a year" */
function price({ minutesAWeek, cost }: Saving, currency: string): string {
  const asked = [
    minutesAWeek > 0 ? `${Math.round(minutesAWeek)} min a week` : "",
    cost >= 1 ? `${Math.round(cost)}${currency ? ` ${currency}` : ""} a year` : "",
  ].filter((part) => part !== "");
  return asked.length > 0 ? `for ${asked.join(", ")}` : "for no minutes";
}

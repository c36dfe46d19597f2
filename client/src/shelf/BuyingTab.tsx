import type { Schemas } from "../api/client";
import { useStock } from "../api/shelf";
import { shortDay } from "../shared/format";
import { Failed, Loading } from "../shared/States";
import { settings } from "../shared/settings";
import { money } from "../shared/units";
import type { ShelfTabProps } from "./tab";

type Stock = Schemas["StockView"];

/** What to buy and by when, how long the bottles last, and what the routine costs. */
export function BuyingTab(_: ShelfTabProps) {
  const stock = useStock();
  if (stock.isError) {
    return <Failed error={stock.error} again={() => stock.refetch()} />;
  }
  return stock.data ? <Loaded stock={stock.data} /> : <Loading what="Loading" />;
}

function Loaded({ stock }: { stock: Stock }) {
  const known = stock.shopping.filter((known) => known.price !== null);
  const sum = known.reduce((total, item) => total + (item.price ?? 0), 0);
  return (
    <div className="grid gap-x-12 px-4 pt-5 pb-8 desk:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)] desk:px-[26px]">
      <section>
        <h2 className="text-26">{stock.shopping.length === 0 ? "Nothing to buy" : "To buy"}</h2>
        <p className="mt-1 mb-3 text-16 text-soft">
          What runs out within {stock.horizonDays} days on the present routine of all your cars, and
          what is lacking.
        </p>
        {stock.shopping.length > 0 && (
          <table className="w-full border-collapse text-[15px]">
            <thead>
              <tr className="cap h-6">
                <th>What</th>
                <th className="w-32">By</th>
                <th className="w-20 !text-right">Price</th>
              </tr>
            </thead>
            <tbody>
              {stock.shopping.map((item) => (
                <tr key={item.name + item.by} className="border-t border-hairline align-top">
                  <td className="py-2 pr-3">
                    <b className="font-semibold">{item.name}</b>
                    <span className="block text-14 text-soft">{item.why}</span>
                  </td>
                  <td className="py-2">{shortDay(item.by)}</td>
                  <td className="py-2 text-right">
                    {item.price === null ? "–" : money(item.price)}
                  </td>
                </tr>
              ))}
            </tbody>
            {known.length > 0 && (
              <tfoot>
                <tr className="border-t-[1.5px] border-ink">
                  <th className="py-2 !font-bold" colSpan={2}>
                    Together
                    {known.length < stock.shopping.length && (
                      <span className="font-normal text-soft"> as far as prices are known</span>
                    )}
                  </th>
                  <td className="py-2 text-right font-bold">{money(sum)}</td>
                </tr>
              </tfoot>
            )}
          </table>
        )}
      </section>
      <section className="max-desk:mt-8">
        <dl className="mb-6 flex gap-10 border-b-[1.5px] border-ink pb-3">
          <Fact name="A year of the routine" value={money(stock.costPerYear)} />
          <Fact
            name="A session"
            value={stock.costPerSession === null ? "No session yet" : money(stock.costPerSession)}
          />
        </dl>
        <h3 className="text-20">How long they last</h3>
        <table className="mt-2 w-full border-collapse text-[15px]">
          <thead>
            <tr className="cap h-6">
              <th>Product</th>
              <th className="w-20 !text-right">Left</th>
              <th className="w-24 !text-right">A month</th>
              <th className="w-36 pl-4">Runs out</th>
            </tr>
          </thead>
          <tbody>
            {stock.items.map((item) => (
              <tr key={item.productId} className="h-8 border-t border-hairline">
                <td className="pr-2">{item.name}</td>
                <td className="text-right">{amount(item.left)}</td>
                <td className="text-right">
                  {item.perMonth > 0 ? amount(item.perMonth) : <span className="text-soft">–</span>}
                </td>
                <td className="pl-4">
                  {item.runsOut ? (
                    shortDay(item.runsOut)
                  ) : (
                    <span className="text-soft">
                      {item.perMonth > 0 ? "Not for years" : "Not in use"}
                    </span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="mt-3 text-14 text-soft">
          {settings().volumeScale.name.replace(/^./, (first) => first.toUpperCase())} of product
          without water, pieces for what is solid.
          {stock.withoutPrice > 0 &&
            ` ${stock.withoutPrice} in use have no price, so the cost is a little low.`}
        </p>
      </section>
    </div>
  );
}

function Fact({ name, value }: { name: string; value: string }) {
  return (
    <div>
      <dt className="cap">{name}</dt>
      <dd className="text-20 font-semibold">{value}</dd>
    </div>
  );
}

function amount(value: number): string {
  return value >= 10 ? String(Math.round(value)) : String(Math.round(value * 10) / 10);
}

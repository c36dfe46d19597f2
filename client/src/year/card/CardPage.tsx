import { Link, useParams } from "react-router";
import { useVehicle } from "../../api/car";
import type { Schemas } from "../../api/client";
import { useCabin } from "../../api/queries";
import { useRoutineCard } from "../../api/routine";
import { dayOnPaper, shortDay } from "../../shared/format";
import { Mark } from "../../shared/icons";
import { Empty, Failed, Loading } from "../../shared/States";
import { inUnits, volume } from "../../shared/units";
import { CardPlan } from "./CardPlan";

type Card = Schemas["RoutineCardView"];
type Line = Card["groups"][number]["lines"][number];

/** The routine on paper: two pages that can be followed with the computer off. */
export function CardPage() {
  const { vehicleId = "" } = useParams();
  const card = useRoutineCard(vehicleId);
  const vehicle = useVehicle(vehicleId);
  const cabin = useCabin(vehicleId);
  for (const needed of [card, vehicle, cabin]) {
    if (needed.isError) {
      return <Failed error={needed.error} again={() => needed.refetch()} />;
    }
  }
  if (!card.data || !vehicle.data || !cabin.data) {
    return <Loading what="Loading" />;
  }
  const back = (
    <Link className="lnk" to={`/cars/${vehicleId}/year`}>
      Back to the year
    </Link>
  );
  if (card.data.groups.length === 0) {
    return (
      <Empty title="Nothing to print yet">
        <p>The card is made from your routine. Set up a routine first.</p>
        <p className="mt-6">{back}</p>
      </Empty>
    );
  }
  return (
    <main className="flex-1 bg-deep print:bg-transparent">
      <p className="no-print flex flex-wrap items-center gap-5 px-4 py-3 desk:px-[26px]">
        <button type="button" className="act" onClick={() => window.print()}>
          Print
        </button>
        {back}
        <span className="text-14 text-soft">Two A4 pages. A printer can also write a PDF.</span>
      </p>
      <article className="sheet">
        <header className="flex items-stretch border border-ink text-13 max-desk:flex-wrap print:flex-nowrap">
          <div className="flex items-center gap-2 border-r border-ink px-4 py-2">
            <Mark size={30} />
            <h1 className="text-26 whitespace-nowrap">Routine card</h1>
          </div>
          <Fact label="Vehicle" value={vehicle.data.name} />
          <Fact label="Written" value={dayOnPaper(card.data.printed)} />
          <Fact label="Missed one?" value="Spread it over the next ones" />
        </header>
        <p className="mt-2 text-13">{inUnits(card.data.slots.join(" · "))}</p>
        <table className="mt-2 w-full min-w-[640px] table-fixed border-collapse text-[11.5px] leading-[1.3] [&_td]:py-[3px] [&_tr>th]:py-[3px]">
          <thead>
            <tr className="cap border-b border-ink text-left">
              <th scope="col" className="w-[4%] py-1 font-medium">
                No.
              </th>
              <th scope="col" className="w-[27%] font-medium">
                Task
              </th>
              <th scope="col" className="w-[11%] font-medium">
                Min + dry
              </th>
              <th scope="col" className="w-[29%] font-medium">
                Product and strength
              </th>
              <th scope="col" className="w-[19%] font-medium">
                How
              </th>
              <th scope="col" className="w-[10%] text-right font-medium">
                Next
              </th>
            </tr>
          </thead>
          {card.data.groups.map((group) => (
            <tbody key={group.rhythm}>
              <tr>
                <th scope="rowgroup" colSpan={6} className="border-b border-ink pt-2!">
                  <h2 className="text-17">{RHYTHMS[group.rhythm]}</h2>
                </th>
              </tr>
              {group.lines.map((line) => (
                <CardRow key={line.number} line={line} />
              ))}
            </tbody>
          ))}
        </table>
        <section className="mt-4 min-w-[640px] border-t border-ink pt-3 print:break-before-page print:border-t-0">
          <h2 className="mb-1 text-17">Where</h2>
          <CardPlan cabin={cabin.data} lines={card.data.groups.flatMap((group) => group.lines)} />
          <p className="mt-2 text-[11.5px] text-soft">
            1:8 means 1 part product to 8 parts water. Min + dry: your minutes, then drying time.
            Walking, fetching and putting back come on top.
          </p>
        </section>
        <section className="mt-3 border-t border-ink pt-2 max-desk:min-w-[640px]">
          <h2 className="mb-1 text-17">Take care</h2>
          <p className="text-[11.5px] font-semibold">
            Product labels, makers' instructions and local rules come first.
          </p>
          <ul className="gap-x-6 text-[11.5px] leading-[1.25] desk:columns-2 print:columns-2">
            {card.data.cautions.map((caution) => (
              <li
                key={caution.sentence}
                className="break-inside-avoid border-b border-hairline py-[2.5px]"
              >
                <b className="font-semibold">{caution.lines.join(", ")}</b> {caution.sentence}
              </li>
            ))}
          </ul>
        </section>
      </article>
    </main>
  );
}

const RHYTHMS: Record<Card["groups"][number]["rhythm"], string> = {
  eachSession: "Each session",
  everyFewWeeks: "Every few weeks",
  eachSeason: "Each season",
  onceAYear: "Once a year",
};

function Fact({ label, value }: { label: string; value: string }) {
  return (
    <div className="border-ink px-4 py-2 whitespace-nowrap not-last:border-r">
      <div className="cap">{label}</div>
      <div className="font-semibold">{value}</div>
    </div>
  );
}

function CardRow({ line }: { line: Line }) {
  return (
    <tr className="border-b border-hairline align-baseline break-inside-avoid">
      <td className="font-semibold">{line.number}</td>
      <th scope="row" className="pr-2 text-[12.5px] font-semibold">
        {line.name}
      </th>
      <td className="pr-2 whitespace-nowrap">
        {line.minutes}
        {line.dryingMinutes > 0 && ` + ${dryingSaid(line.dryingMinutes)}`}
      </td>
      <td className="pr-2">
        {line.products.length === 0 ? "Dry" : line.products.map(productSaid).join("; ")}
      </td>
      <td className="pr-2">{line.how}</td>
      <td className="text-right font-semibold whitespace-nowrap">{shortDay(line.next)}</td>
    </tr>
  );
}

/** "Fabric cleaner 1:8, 11 ml + 88 ml" */
function productSaid(product: Line["products"][number]): string {
  const whole = product.mixtureMillilitres;
  if (product.strength === "neat" || whole === null) {
    return whole === null ? product.name : `${product.name}, ${volume(whole)}`;
  }
  return `${product.name} ${product.strength}, ${volume(product.amount)} + ${volume(whole - product.amount)}`;
}

function dryingSaid(minutes: number): string {
  return minutes < 90 ? `${Math.round(minutes)} min` : `${Math.round(minutes / 60)} h`;
}

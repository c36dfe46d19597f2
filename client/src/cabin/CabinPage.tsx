import { ToggleGroup } from "radix-ui";
import { useEffect, useRef, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import type { Cabin } from "../api/client";
import { useCabin } from "../api/queries";
import { Choice } from "../shared/Choice";
import { clock, days, shortDay } from "../shared/format";
import { PrintButton } from "../shared/PrintButton";
import { Failed, Loading } from "../shared/States";
import { useShortcuts } from "../shared/shortcuts";
import { TitleBlock } from "../shared/TitleBlock";
import { VehicleCell } from "../shared/VehicleCell";
import { Chart, spoken } from "./Chart";
import { Legend } from "./Legend";
import { SurfaceList } from "./SurfaceList";
import { SurfaceSheet } from "./SurfaceSheet";

const ALL = "all";
const WORK = [
  { value: "dry", label: "Dust and vacuum" },
  { value: "wet", label: "Wipe and wash" },
  { value: "protect", label: "Protect" },
  { value: "glass", label: "Glass" },
] as const;

/** Cabin: the vehicle as a chart, and one surface of it in full. */
export function CabinPage() {
  const { vehicleId = "" } = useParams();
  const [search] = useSearchParams();
  const work = WORK.find((option) => option.value === search.get("work"))?.value;
  const cabin = useCabin(vehicleId, work);
  if (cabin.isError) {
    return <Failed error={cabin.error} again={() => cabin.refetch()} />;
  }
  return cabin.data ? <Loaded cabin={cabin.data} /> : <Loading what="Loading" />;
}

function Loaded({ cabin }: { cabin: Cabin }) {
  const [search, setSearch] = useSearchParams();
  const [view, setView] = useState<"chart" | "list">("chart");
  const sheet = useRef<HTMLElement>(null);
  const asked = search.get("surface");
  const chosen = cabin.surfaces.some((surface) => surface.id === asked)
    ? asked
    : (cabin.soonestFirst[0] ?? null);
  const zone = cabin.zones.find((option) => option.value === search.get("zone"))?.value ?? null;
  const put = (name: string, value: string) =>
    setSearch(
      (old) => {
        const next = new URLSearchParams(old);
        if (value === ALL) {
          next.delete(name);
        } else {
          next.set(name, value);
        }
        return next;
      },
      { replace: true },
    );
  const choose = (surface: string) => put("surface", surface);
  useShortcuts([
    { keys: "← →", label: "Walk from surface to surface" },
    { keys: "v", label: "Chart or list", run: () => setView(view === "chart" ? "list" : "chart") },
    {
      keys: "z",
      label: "Next zone, larger",
      run: () => {
        const at = cabin.zones.findIndex((option) => option.value === zone);
        put("zone", cabin.zones[at + 1]?.value ?? ALL);
      },
    },
    { keys: "p", label: "Print the chart", run: () => window.print() },
  ]);
  const onPlan = new Set(cabin.plan.shapes.map((shape) => shape.surfaceId));
  const unseen = cabin.surfaces.filter((surface) => !onPlan.has(surface.id));
  const byTap = useRef(false);

  useEffect(() => {
    // On a phone the sheet lies below the chart: bring it up when a surface was tapped.
    if (byTap.current && chosen && window.innerWidth < 900) {
      sheet.current?.scrollIntoView({ block: "start" });
    }
    byTap.current = false;
  }, [chosen]);
  const tap = (surface: string) => {
    byTap.current = true;
    choose(surface);
  };

  return (
    <main className="flex flex-1 flex-col">
      <TitleBlock
        title="Cabin"
        cells={[
          { label: "Vehicle", value: <VehicleCell vehicle={cabin.vehicle} /> },
          { label: "Levels as at", value: `${shortDay(cabin.now)}, ${clock(cabin.now)}` },
          {
            label: "Overdue",
            value: (
              <>
                <b className={cabin.overMark ? "over" : ""}>{cabin.overMark}</b> of{" "}
                {cabin.surfaces.length} surfaces
              </>
            ),
          },
          {
            label: "Within a week",
            value: `${cabin.withinAWeek} more`,
          },
          { label: "Paper", value: <PrintButton label="Print the chart" />, from: "wide" },
        ]}
      />
      <div className="grid flex-1 grid-cols-[minmax(0,1fr)] desk:grid-cols-[minmax(0,1fr)_352px] print:block">
        <section className="min-w-0 desk:pt-3">
          <div className="no-print flex flex-wrap items-center gap-x-5 gap-y-2 px-4 py-2 desk:px-[26px] desk:pt-0">
            <Choice
              plain
              label="Kind of work"
              value={search.get("work") ?? ALL}
              options={[{ value: ALL, label: "All work" }, ...WORK]}
              onChange={(value) => put("work", value)}
            />
            <Choice
              plain
              label="Zone"
              value={zone ?? ALL}
              options={[
                { value: ALL, label: "Whole car" },
                ...cabin.zones.map((option) => ({ value: option.value, label: option.name })),
              ]}
              onChange={(value) => put("zone", value)}
            />
            {unseen.length > 0 && (
              <ul
                className="flex flex-wrap gap-x-4 text-13 max-desk:order-last max-desk:w-full"
                aria-label="Not on the plan"
              >
                {unseen.map((surface) => (
                  <li key={surface.id}>
                    <button
                      type="button"
                      className="min-h-6 hover:underline"
                      aria-label={spoken(surface)}
                      aria-pressed={surface.id === chosen}
                      onClick={() => tap(surface.id)}
                    >
                      {surface.shortName}{" "}
                      <b className={surface.overMark ? "over" : "font-semibold"}>
                        {days(surface.daysLeft)}
                      </b>
                    </button>
                  </li>
                ))}
              </ul>
            )}
            <div className="ml-auto flex items-center gap-4">
              <Link to={`/cars/${cabin.vehicle.id}/look`} className="act2 !min-h-11 desk:!min-h-9">
                Quick check
              </Link>
              <ToggleGroup.Root
                type="single"
                aria-label="Show as"
                value={view}
                onValueChange={(next) => next && setView(next as "chart" | "list")}
                className="flex border-[1.5px] border-ink"
              >
                {(["chart", "list"] as const).map((option) => (
                  <ToggleGroup.Item
                    key={option}
                    value={option}
                    className="min-h-9 px-4 font-semibold capitalize data-[state=on]:bg-ink data-[state=on]:text-paper max-desk:min-h-11"
                  >
                    {option === "chart" ? "Chart" : "List"}
                  </ToggleGroup.Item>
                ))}
              </ToggleGroup.Root>
            </div>
          </div>
          {view === "chart" ? (
            <>
              <div className="overflow-x-auto px-2 desk:px-3.5 print:overflow-visible">
                <div className="max-desk:w-[820px] print:w-full">
                  <Chart cabin={cabin} chosen={chosen} onChoose={tap} zone={zone} />
                </div>
              </div>
              <Legend cabin={cabin} />
            </>
          ) : (
            <SurfaceList cabin={cabin} chosen={chosen} onChoose={tap} />
          )}
          {view === "chart" && (
            <div className="hidden print:block print:break-before-page">
              <SurfaceList cabin={cabin} chosen={null} onChoose={tap} />
            </div>
          )}
        </section>
        <aside
          ref={sheet}
          aria-label="Chosen surface"
          className="no-print flex flex-col border-ink max-desk:border-t-[1.5px] desk:sticky desk:top-0 desk:max-h-[calc(100dvh-60px)] desk:overflow-y-auto desk:border-l-[1.5px]"
        >
          {chosen && <SurfaceSheet key={chosen} vehicleId={cabin.vehicle.id} surfaceId={chosen} />}
        </aside>
      </div>
    </main>
  );
}

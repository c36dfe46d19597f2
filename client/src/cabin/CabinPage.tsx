import { useQuery } from "@tanstack/react-query";
import { ToggleGroup } from "radix-ui";
import { useEffect, useRef, useState } from "react";
import { useParams, useSearchParams } from "react-router";
import { api, ask, type Cabin } from "../api/client";
import { clock, days, fullDay } from "../shared/format";
import { Failed, Loading } from "../shared/States";
import { useShortcuts } from "../shared/shortcuts";
import { TitleBlock } from "../shared/TitleBlock";
import { VehicleCell } from "../shared/VehicleCell";
import { Chart, spoken } from "./Chart";
import { Legend } from "./Legend";
import { SurfaceList } from "./SurfaceList";
import { SurfaceSheet } from "./SurfaceSheet";

/** Cabin: the vehicle as a chart, and one surface of it in full. */
export function CabinPage() {
  const { vehicleId = "" } = useParams();
  const cabin = useQuery({
    queryKey: ["vehicle", vehicleId, "cabin"],
    queryFn: ({ signal }) =>
      ask(api.GET("/api/vehicles/{vehicleId}/cabin", { params: { path: { vehicleId } }, signal })),
  });
  if (cabin.isError) {
    return <Failed error={cabin.error} again={() => cabin.refetch()} />;
  }
  return cabin.data ? <Loaded cabin={cabin.data} /> : <Loading what="Drawing the chart" />;
}

function Loaded({ cabin }: { cabin: Cabin }) {
  const [search, setSearch] = useSearchParams();
  const [view, setView] = useState<"chart" | "list">("chart");
  const sheet = useRef<HTMLElement>(null);
  const worst = [...cabin.surfaces].sort((a, b) => (a.daysLeft ?? 9999) - (b.daysLeft ?? 9999))[0];
  const asked = search.get("surface");
  const chosen = cabin.surfaces.some((surface) => surface.id === asked)
    ? asked
    : (worst?.id ?? null);
  const choose = (surface: string) => setSearch({ surface }, { replace: true });
  useShortcuts([
    { keys: "← →", label: "Walk from surface to surface" },
    { keys: "v", label: "Chart or list", run: () => setView(view === "chart" ? "list" : "chart") },
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
          { label: "Levels as at", value: `${fullDay(cabin.now)}, ${clock(cabin.now)}` },
          {
            label: "Over the mark",
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
        ]}
      />
      <div className="grid flex-1 desk:grid-cols-[minmax(0,1fr)_352px]">
        <section className="min-w-0 desk:pt-3">
          <div className="no-print flex items-center justify-between px-4 py-2 desk:px-[26px] desk:pt-0">
            <ul className="flex flex-wrap gap-x-4 text-13" aria-label="Not on the plan">
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
            <ToggleGroup.Root
              type="single"
              aria-label="Show as"
              value={view}
              onValueChange={(next) => next && setView(next as "chart" | "list")}
              className="flex border-[1.5px] border-ink"
            >
              {(["chart", "list"] as const).map((one) => (
                <ToggleGroup.Item
                  key={one}
                  value={one}
                  className="min-h-9 px-4 font-semibold capitalize data-[state=on]:bg-ink data-[state=on]:text-paper max-desk:min-h-11"
                >
                  {one === "chart" ? "Chart" : "List"}
                </ToggleGroup.Item>
              ))}
            </ToggleGroup.Root>
          </div>
          {view === "chart" ? (
            <>
              <div className="overflow-x-auto px-2 desk:px-3.5">
                <div className="max-desk:w-[820px]">
                  <Chart cabin={cabin} chosen={chosen} onChoose={tap} />
                </div>
              </div>
              <Legend cabin={cabin} />
            </>
          ) : (
            <SurfaceList cabin={cabin} chosen={chosen} onChoose={tap} />
          )}
        </section>
        <aside
          ref={sheet}
          aria-label="Chosen surface"
          className="flex flex-col border-ink max-desk:border-t-[1.5px] desk:sticky desk:top-0 desk:max-h-[calc(100dvh-60px)] desk:overflow-y-auto desk:border-l-[1.5px]"
        >
          {chosen && <SurfaceSheet key={chosen} vehicleId={cabin.vehicle.id} surfaceId={chosen} />}
        </aside>
      </div>
    </main>
  );
}

import { useEffect, useRef } from "react";
import { NavLink, useParams } from "react-router";
import type { Choices, VehicleDetail } from "../api/client";
import { useChoices, useVehicle } from "../api/queries";
import { Failed, Loading } from "../shared/States";
import { TitleBlock } from "../shared/TitleBlock";
import { VehicleCell } from "../shared/VehicleCell";
import { FileTab } from "./FileTab";
import { LayoutTab } from "./LayoutTab";
import { LearntTab } from "./LearntTab";
import { SurfacesTab } from "./SurfacesTab";
import { UseTab } from "./UseTab";

export type TabProps = { vehicle: VehicleDetail; choices: Choices };

const TABS = [
  { path: "use", name: "How it is used", Tab: UseTab },
  { path: "layout", name: "Layout", Tab: LayoutTab },
  { path: "surfaces", name: "Surfaces", Tab: SurfacesTab },
  { path: "learnt", name: "Learnt", Tab: LearntTab },
  { path: "file", name: "File and archive", Tab: FileTab },
];

/** Car: how the vehicle is used, how it is built, and what Cove has learnt of it. */
export function CarPage() {
  const { vehicleId = "", tab = "use" } = useParams();
  const vehicle = useVehicle(vehicleId);
  const choices = useChoices();
  if (vehicle.isError || choices.isError) {
    const failed = vehicle.isError ? vehicle : choices;
    return <Failed error={failed.error as Error} again={() => failed.refetch()} />;
  }
  if (!vehicle.data || !choices.data) {
    return <Loading what="Opening the ship's papers" />;
  }
  const shown = TABS.find((one) => one.path === tab) ?? TABS[0];
  const { layout } = vehicle.data;
  const body = choices.data.bodies.find((one) => one.body === layout.body);
  const seats = (layout.frontSeats ?? 2) + layout.secondRowSeats + (layout.thirdRowSeats ?? 0);
  return (
    <main className="flex flex-1 flex-col">
      <TitleBlock
        title="Car"
        cells={[
          { label: "Vehicle", value: <VehicleCell vehicle={vehicle.data} /> },
          { label: "Body", value: body?.name ?? layout.body },
          { label: "Seats", value: seats },
          {
            label: "Surfaces in care",
            value: vehicle.data.surfaces.filter((one) => !one.absent && !one.cut).length,
          },
        ]}
      />
      <Tabs vehicleId={vehicleId} shown={shown?.path} />
      {shown && <shown.Tab key={vehicleId} vehicle={vehicle.data} choices={choices.data} />}
    </main>
  );
}

/** The pages about a car; the one that is shown is brought into sight where not all fit. */
function Tabs({ vehicleId, shown }: { vehicleId: string; shown: string | undefined }) {
  const bar = useRef<HTMLElement>(null);
  useEffect(() => {
    bar.current
      ?.querySelector(`[href$="/car/${shown}"]`)
      ?.scrollIntoView({ block: "nearest", inline: "center" });
  }, [shown]);
  return (
    <nav
      ref={bar}
      aria-label="About this car"
      className="no-print flex flex-none gap-1 overflow-x-auto border-b border-hairline px-2 desk:px-[18px]"
    >
      {TABS.map(({ path, name }) => (
        <NavLink
          key={path}
          to={`/cars/${vehicleId}/car/${path}`}
          className={`flex min-h-11 items-center px-3 text-16 whitespace-nowrap ${
            path === shown
              ? "border-b-[3px] border-ink pt-[3px] font-bold"
              : "text-soft hover:text-ink"
          }`}
        >
          {name}
        </NavLink>
      ))}
    </nav>
  );
}

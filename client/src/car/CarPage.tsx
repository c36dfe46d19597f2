import { useParams } from "react-router";
import { useChoices, useVehicle } from "../api/queries";
import { Failed, Loading } from "../shared/States";
import { Tabs } from "../shared/Tabs";
import { TitleBlock } from "../shared/TitleBlock";
import { VehicleCell } from "../shared/VehicleCell";
import { FileTab } from "./FileTab";
import { LayoutTab } from "./LayoutTab";
import { LearntTab } from "./LearntTab";
import { SchoolsTab } from "./SchoolsTab";
import { SurfacesTab } from "./SurfacesTab";
import { UseTab } from "./UseTab";

const TABS = [
  { path: "use", name: "How it is used", Tab: UseTab },
  { path: "layout", name: "Layout", Tab: LayoutTab },
  { path: "surfaces", name: "Surfaces", Tab: SurfacesTab },
  { path: "schools", name: "Ways of working", Tab: SchoolsTab },
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
      <Tabs
        label="About this car"
        base={`/cars/${vehicleId}/car`}
        tabs={TABS}
        shown={shown?.path}
      />
      {shown && <shown.Tab key={vehicleId} vehicle={vehicle.data} choices={choices.data} />}
    </main>
  );
}

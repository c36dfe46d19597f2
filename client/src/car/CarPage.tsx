import { useParams } from "react-router";
import { useChoices, useVehicle } from "../api/car";
import { TabbedPage } from "../shared/TabbedPage";
import { VehicleCell } from "../shared/VehicleCell";
import { FileTab } from "./FileTab";
import { LayoutTab } from "./LayoutTab";
import { LearntTab } from "./LearntTab";
import { SchoolsTab } from "./SchoolsTab";
import { SurfacesTab } from "./SurfacesTab";
import { UseTab } from "./UseTab";

/** Car: how the vehicle is used, how it is built, and what Cove has learnt of it. */
export function CarPage() {
  const { vehicleId = "" } = useParams();
  return (
    <TabbedPage
      place="car"
      title="Car"
      label="About this car"
      loading="Loading"
      tabs={[
        { path: "use", name: "How it is used", Tab: UseTab },
        { path: "layout", name: "Layout", Tab: LayoutTab },
        { path: "surfaces", name: "Surfaces", Tab: SurfacesTab },
        { path: "schools", name: "Ways of working", Tab: SchoolsTab },
        { path: "learnt", name: "How it soils", Tab: LearntTab },
        { path: "file", name: "File and archive", Tab: FileTab },
      ]}
      needs={[useVehicle(vehicleId), useChoices()]}
      cells={(vehicle, choices) => {
        const { body, frontSeats, secondRowSeats, thirdRowSeats } = vehicle.layout;
        return [
          { label: "Vehicle", value: <VehicleCell vehicle={vehicle} /> },
          {
            label: "Body",
            value: choices.bodies.find((known) => known.body === body)?.name ?? body,
          },
          { label: "Seats", value: (frontSeats ?? 2) + secondRowSeats + (thirdRowSeats ?? 0) },
          {
            label: "Surfaces in care",
            value: vehicle.surfaces.filter((surface) => !surface.absent && !surface.cut).length,
          },
        ];
      }}
      propsOf={(vehicle, choices) => ({ vehicle, choices })}
    />
  );
}

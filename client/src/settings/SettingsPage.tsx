import { useParams } from "react-router";
import { hours } from "../shared/format";
import { Pick } from "../shared/Pick";
import { TitleBlock } from "../shared/TitleBlock";
import { type ThemeChoice, useTheme } from "../shared/theme";
import { distance, money, temperature, volume } from "../shared/units";
import { VehicleNameCell } from "../shared/VehicleNameCell";
import { PhotosSetAside } from "./PhotosSetAside";
import { UnitPicks } from "./UnitPicks";

const THEMES = [
  { value: "device", label: "As device" },
  { value: "light", label: "Day" },
  { value: "dark", label: "Night" },
];

/** Settings: how quantities, times and money read, and how the screen looks. */
export function SettingsPage() {
  const { vehicleId = "" } = useParams();
  const { choice, choose } = useTheme();
  return (
    <main className="flex flex-1 flex-col">
      <TitleBlock
        title="Settings"
        cells={[
          { label: "Vehicle", value: <VehicleNameCell vehicleId={vehicleId} />, from: "desk" },
          {
            label: "Reads as",
            value: `${distance(240)}, ${volume(100)}, ${temperature(20)}, ${hours("14:30")}, ${money(12.5)}`,
          },
        ]}
      />
      <div className="grid max-w-[1120px] gap-x-12 px-4 pt-5 pb-8 desk:grid-cols-[minmax(0,2fr)_minmax(0,1fr)] desk:px-[26px]">
        <section>
          <h2 className="mb-1 text-26">Units and money</h2>
          <p className="mb-4 max-w-[62ch] text-16 text-soft">
            For all your cars, on every device. Each choice counts at once and changes only how
            things read, never what is planned.
          </p>
          <UnitPicks />
        </section>
        <section className="max-desk:mt-4">
          <h2 className="mb-1 text-26">This device</h2>
          <p className="mb-4 text-16 text-soft">Night mode is easy on the eyes in a dim garage.</p>
          <Pick
            label="Night mode"
            value={choice}
            options={THEMES}
            onChange={(value) => choose(value as ThemeChoice)}
          />
          <h2 className="mt-6 mb-1 text-26">Your data</h2>
          <p className="text-16 text-soft">
            Everything is kept on the machine that Cove runs on, and nothing is sent anywhere. Under
            Car you save a car to a file or import one.
          </p>
          <PhotosSetAside />
        </section>
      </div>
    </main>
  );
}

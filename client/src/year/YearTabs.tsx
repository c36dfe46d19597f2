import { Tabs } from "../shared/Tabs";

const TABS = [
  { path: "routine", name: "Routine" },
  { path: "outlook", name: "Outlook" },
  { path: "deep", name: "Deep clean" },
];

/** The sheets of Year. */
export function YearTabs({ vehicleId, shown }: { vehicleId: string; shown: string }) {
  return <Tabs label="Year" base={`/cars/${vehicleId}/year`} tabs={TABS} shown={shown} />;
}

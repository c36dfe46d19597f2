import type { Choices, VehicleDetail } from "../api/client";

/** What each tab of the car is given. */
export type TabProps = { vehicle: VehicleDetail; choices: Choices };

import type { Shelf, ShelfChoices } from "../api/client";

/** What each tab of the shelf is given. */
export type ShelfTabProps = { vehicleId: string; shelf: Shelf; choices: ShelfChoices };

import { lazy, Suspense, useState } from "react";
import type { Today } from "../api/client";
import { Sheet } from "../shared/Sheet";
import { distance } from "../shared/units";

const DistanceForm = lazy(async () => ({
  default: (await import("./DistanceForm")).DistanceForm,
}));

/** How far the car is driven; opens a sheet to change it. */
export function DistanceCell({ today }: { today: Today }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="lnk min-h-6 !font-normal" onClick={() => setOpen(true)}>
        {distance(today.kilometresAWeek)} a week
      </button>
      <Sheet
        open={open}
        onClose={() => setOpen(false)}
        title="How far is it driven?"
        about="Levels rise with the distance. A change counts from now on; what came before stays as it was."
      >
        <Suspense fallback={null}>
          <DistanceForm today={today} onSaved={() => setOpen(false)} />
        </Suspense>
      </Sheet>
    </>
  );
}

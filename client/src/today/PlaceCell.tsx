import { lazy, Suspense, useState } from "react";
import type { Place, Today } from "../api/client";
import { Sheet } from "../shared/Sheet";

const PlaceForm = lazy(async () => ({ default: (await import("./PlaceForm")).PlaceForm }));

/** Where the owner works and how long the car may stand; opens a sheet to say so. */
export function PlaceCell({ today }: { today: Today }) {
  const [open, setOpen] = useState(false);
  const place = today.place as Place;
  return (
    <>
      <button type="button" className="lnk min-h-6 !font-normal" onClick={() => setOpen(true)}>
        {inShort(place)}
      </button>
      <Sheet
        open={open}
        onClose={() => setOpen(false)}
        title="Where do you work today?"
        about="What cannot be done there, or cannot dry in time, is left out of the session."
      >
        <Suspense fallback={null}>
          <PlaceForm vehicleId={today.vehicle.id} place={place} onSaved={() => setOpen(false)} />
        </Suspense>
      </Sheet>
    </>
  );
}

function inShort(place: Place): string {
  const lacks = [!place.tap && "no water", !place.power && "no power"].filter(Boolean);
  const day = [
    place.sun && "in the sun",
    place.touch !== "cool" && place.touch,
    place.damp && "damp",
  ].filter(Boolean);
  const stands = {
    anHour: "driven within the hour",
    someHours: "stands until evening",
    untilTomorrow: "stands until tomorrow",
  }[place.standing];
  const text = [...lacks, ...day, stands].join(", ");
  return text.charAt(0).toUpperCase() + text.slice(1);
}

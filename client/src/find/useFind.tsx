import { lazy, Suspense, useState } from "react";
import { Sheet } from "../shared/Sheet";
import { useShortcuts } from "../shared/shortcuts";

const FindSheet = lazy(async () => ({ default: (await import("./FindSheet")).FindSheet }));

/** Opens the one field that finds everything; key "/". */
export function useFind(vehicleId: string) {
  const [open, setOpen] = useState(false);
  useShortcuts([{ keys: "/", label: "Find anything by name", run: () => setOpen(true) }]);
  const sheet = (
    <Sheet open={open} onClose={() => setOpen(false)} title="Find">
      <Suspense fallback={null}>
        <FindSheet vehicleId={vehicleId} onClose={() => setOpen(false)} />
      </Suspense>
    </Sheet>
  );
  return { sheet, find: () => setOpen(true) };
}

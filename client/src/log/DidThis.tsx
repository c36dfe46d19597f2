import { lazy, Suspense, useState } from "react";
import { Sheet } from "../shared/Sheet";

const DidThisForm = lazy(async () => ({ default: (await import("./DidThisForm")).DidThisForm }));

type Props = {
  vehicleId: string;
  /** The surface it is said from; its tasks come first, and nothing else is meant. */
  surfaceId?: string;
  className?: string;
};

/** A button by which an owner says what was done without a session: yesterday, at the car wash, in passing. */
export function DidThis({ vehicleId, surfaceId, className = "act2" }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className={className} onClick={() => setOpen(true)}>
        I did this
      </button>
      <Sheet
        open={open}
        onClose={() => setOpen(false)}
        title="What was done?"
        about="Days left and the routine follow. It can be corrected or undone in the log."
      >
        <Suspense fallback={null}>
          <DidThisForm vehicleId={vehicleId} surfaceId={surfaceId} onDone={() => setOpen(false)} />
        </Suspense>
      </Sheet>
    </>
  );
}

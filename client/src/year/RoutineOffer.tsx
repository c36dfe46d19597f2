import { useState } from "react";
import type { Routine } from "../api/client";
import { useRoutine } from "../api/routine";
import { FirstSteps } from "./FirstSteps";
import { useKeepRoutine } from "./useKeepRoutine";

/** Offers a first routine to whoever has none; no is an answer, and is not asked again. */
export function RoutineOffer({ vehicleId }: { vehicleId: string }) {
  const routine = useRoutine(vehicleId).data;
  const keep = useKeepRoutine(vehicleId, routine?.version ?? 0);
  const [open, setOpen] = useState(false);
  if (!routine) {
    return null;
  }
  return (
    <section aria-label="A routine" className="no-print border-b border-hairline bg-deep">
      {open ? (
        <FirstSteps
          first={routine.first as Routine}
          hosts={routine.hosts}
          busy={keep.isPending}
          error={keep.error}
          onKeep={(first) => keep.mutate(first)}
        />
      ) : (
        <p className="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2 text-14 desk:px-[26px]">
          <span>
            <b className="font-semibold">Shall Cove plan the year?</b> Two answers, when and how
            long, and each session comes with what it should hold.
          </span>
          <button type="button" className="act2" onClick={() => setOpen(true)}>
            Plan a routine
          </button>
          <button
            type="button"
            className="min-h-11 px-1 underline underline-offset-4"
            disabled={keep.isPending}
            onClick={() => keep.mutate({ ...(routine.routine as Routine), declined: true })}
          >
            No, thanks
          </button>
        </p>
      )}
    </section>
  );
}

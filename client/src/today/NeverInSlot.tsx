import type { Routine, Schemas } from "../api/client";
import { useRoutine } from "../api/routine";
import { useKeepRoutine } from "../year/useKeepRoutine";

type Props = { vehicleId: string; slotId: string; task: { taskId: string; name: string } };

/** Remembers a choice: a task that is left out today is not planned into this slot any more. */
export function NeverInSlot({ vehicleId, slotId, task }: Props) {
  const routine = useRoutine(vehicleId);
  return routine.data ? (
    <Remember vehicleId={vehicleId} routine={routine.data} slotId={slotId} task={task} />
  ) : null;
}

function Remember({
  vehicleId,
  routine: { routine, version },
  slotId,
  task,
}: Props & { routine: Schemas["RoutineView"] }) {
  const save = useKeepRoutine(vehicleId, version);
  const slots = routine.slots ?? [];
  const slot = slots.find((known) => known.id === slotId);
  if (!slot) {
    return null;
  }
  if (slot.without?.includes(task.taskId)) {
    return <span>It is not planned into this slot any more.</span>;
  }
  const without = [...(slot.without ?? []), task.taskId];
  return (
    <>
      <button
        type="button"
        className="lnk min-h-6 max-desk:min-h-11"
        aria-label={`Never in this slot: ${task.name}`}
        disabled={save.isPending}
        onClick={() =>
          save.mutate({
            ...routine,
            slots: slots.map((known) => (known === slot ? { ...slot, without } : known)),
          } as Routine)
        }
      >
        Never in this slot
      </button>
      {save.isError && (
        <span role="alert" className="text-coral">
          {save.error.message}
        </span>
      )}
    </>
  );
}

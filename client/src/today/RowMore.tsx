import type { PlannedStep, Today } from "../api/client";
import { useWhy } from "../api/queries";
import { said } from "../shared/usedProduct";
import { type Ask, settled, without, withTask } from "./ask";

type Props = { today: Today; step: PlannedStep; ask: Ask; onAsk: (ask: Ask) => void };

/** An open row: why the task is in, what it saves, how it is done, and what else may be done with it. */
export function RowMore({ today, step, ask, onAsk }: Props) {
  const why = useWhy(today.vehicle.id, today.minutes, today.ofSlot, ask, step.taskId);
  const kept = ask.keptIn.includes(step.taskId);
  const first = ask.first === step.taskId;
  const last = ask.last === step.taskId;
  const how = [step.methods.join(", "), step.products.map(said).join(", "), step.kits.join(", ")]
    .filter((text) => text !== "")
    .join(" · ");
  return (
    <div className="text-13 leading-[1.35] max-desk:text-16">
      <p>
        {step.why} {why.data?.sentence}
      </p>
      {how && <p className="mt-0.5 text-soft">{how}</p>}
      <p className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        <Act label="Leave out" onClick={() => onAsk(without(ask, step.taskId))} />
        <Act
          label={kept ? "Let Cove choose" : "Keep in"}
          onClick={() => onAsk(kept ? settled(ask, step.taskId) : withTask(ask, step.taskId))}
        />
        <Act
          label={first ? "Not first" : "Do it first"}
          onClick={() => onAsk({ ...ask, first: first ? null : step.taskId })}
        />
        <Act
          label={last ? "Not last" : "Do it last"}
          onClick={() => onAsk({ ...ask, last: last ? null : step.taskId })}
        />
      </p>
    </div>
  );
}

function Act({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <button type="button" className="lnk min-h-6 max-desk:min-h-11" onClick={onClick}>
      {label}
    </button>
  );
}

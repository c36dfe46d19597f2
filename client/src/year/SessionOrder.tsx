import { Link } from "react-router";
import type { PlannedSlot, Slot } from "../api/client";
import { useSessionOrder } from "../api/routine";
import { Choice } from "../shared/Choice";
import { shortDay } from "../shared/format";
import { UsedProducts } from "../shared/UsedProducts";
import { inUnits } from "../shared/units";
import { keyOf } from "./moves";

type Props = {
  vehicleId: string;
  slot: PlannedSlot;
  place: Slot | undefined;
  others: PlannedSlot[];
  isToday: boolean;
  onMove: (task: string, from: PlannedSlot, to: PlannedSlot) => void;
};

/** A coming session step by step, with what to mix, and where each task could go instead. */
export function SessionOrder({ vehicleId, slot, place, others, isToday, onMove }: Props) {
  const order = useSessionOrder(vehicleId, {
    tasks: slot.tasks.map((task) => task.taskId),
    minutes: slot.minutes,
    tap: place?.tap ?? true,
    power: place?.power ?? true,
    shade: place?.shade ?? true,
    standing: place?.standing ?? "anHour",
  });
  if (slot.tasks.length === 0) {
    return <p className="mt-1 text-14 text-soft">Nothing to do.</p>;
  }
  const planned = new Map(slot.tasks.map((task) => [task.taskId, task]));
  return (
    <>
      <p className="mt-1 text-14 text-soft">
        {slot.kits.length > 0 && `Get out: ${slot.kits.join(", ").toLowerCase()}. `}
        {isToday ? (
          <Link className="lnk" to={`/cars/${vehicleId}/today`}>
            Start it from Today
          </Link>
        ) : (
          order.data && `About ${order.data.minutes} min in all.`
        )}
      </p>
      {order.data && order.data.mixtures.length > 0 && (
        <ul className="mt-1 text-14 font-semibold" aria-label="Mix first">
          {order.data.mixtures.map(inUnits).map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      )}
      {order.isError && (
        <p role="alert" className="mt-1 text-14 text-coral">
          {order.error.message}
        </p>
      )}
      <table className="mt-2 w-full text-14">
        <caption className="sr-only">Order of work</caption>
        <tbody>
          {order.data?.steps.map((step, at) => {
            const task = step.putsBack ? undefined : planned.get(step.taskId);
            return (
              <tr key={`${at} ${step.name}`} className="border-b border-hairline align-top">
                <td className="w-7 py-1 text-soft">{at + 1}</td>
                <th scope="row" className="py-1 text-left font-normal">
                  <span className={task ? "font-semibold" : "text-soft"}>{step.name}</span>
                  {task?.overdue && <span className="over ml-2 text-13">overdue</span>}
                  {task?.pinned && <span className="ml-2 text-13 text-soft">pinned</span>}
                  <div className="text-13">
                    {task && step.methods.join(", ")}
                    <UsedProducts products={step.products} />
                    {step.dryingMinutes !== null && (
                      <span className="text-soft">
                        then dries for {dryingSaid(step.dryingMinutes)}
                      </span>
                    )}
                  </div>
                </th>
                <td className="py-1 pl-3 text-right whitespace-nowrap">{step.minutes} min</td>
                <td className="w-24 py-1 pl-3 text-right">
                  {task && others.length > 0 && (
                    <MoveTo task={task} slot={slot} others={others} onMove={onMove} />
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {order.data && order.data.leftOut.length > 0 && (
        <p className="mt-1 text-14 text-soft">
          On the day there may be no time for: {order.data.leftOut.join(", ").toLowerCase()}.
        </p>
      )}
    </>
  );
}

type MoveProps = {
  task: PlannedSlot["tasks"][number];
  slot: PlannedSlot;
  others: PlannedSlot[];
  onMove: Props["onMove"];
};

function MoveTo({ task, slot, others, onMove }: MoveProps) {
  return (
    <Choice
      plain
      label={`Move ${task.shortName}`}
      value="here"
      options={[
        { value: "here", label: "Move" },
        ...others.map((other) => ({ value: keyOf(other), label: shortDay(other.day) })),
      ]}
      onChange={(key) => {
        const to = others.find((other) => keyOf(other) === key);
        if (to) {
          onMove(task.taskId, slot, to);
        }
      }}
    />
  );
}

function dryingSaid(minutes: number): string {
  return minutes < 90 ? `${Math.round(minutes)} min` : `${Math.round(minutes / 60)} hours`;
}

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { useLearnt } from "../api/car";
import { api, ask, type Schemas } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { count } from "../shared/format";
import { Sheet } from "../shared/Sheet";
import { Empty, Failed, Loading } from "../shared/States";
import type { TabProps } from "./tab";

/** What looks have taught of how fast this car soils, with how sure that is. */
export function LearntTab({ vehicle }: TabProps) {
  const learnt = useLearnt(vehicle.id);
  if (learnt.isError) {
    return <Failed error={learnt.error} again={() => learnt.refetch()} />;
  }
  if (!learnt.data) {
    return <Loading what="Loading" />;
  }
  if (learnt.data.looks === 0 && learnt.data.paces.length === 0) {
    return (
      <Empty title="No checks yet">
        <p>{learnt.data.car}</p>
        <p className="mt-2">
          A check takes seconds, and corrects how dirty Cove takes a surface to be and how fast it
          soils.
        </p>
        <p className="mt-6">
          <Link className="act2 text-ink" to={`/cars/${vehicle.id}/look`}>
            Do a quick check
          </Link>
        </p>
      </Empty>
    );
  }
  return <Learnt vehicleId={vehicle.id} learnt={learnt.data} />;
}

const FROM = 1 / 4;
const TO = 4;
const WIDTH = 420;
const SCALE = [
  { at: 0.25, words: "a quarter" },
  { at: 0.5, words: "half" },
  { at: 1, words: "" },
  { at: 2, words: "twice" },
  { at: 4, words: "4 times" },
];

function Learnt({ vehicleId, learnt }: { vehicleId: string; learnt: Schemas["LearntView"] }) {
  return (
    <section className="max-w-[900px] px-4 pt-5 pb-8 desk:px-[26px]">
      <h2 className="text-26">{learnt.car}</h2>
      <p className="mt-1 mb-5 max-w-[66ch] text-16 text-soft">
        In brackets, and beside each task: where the truth lies in nine cases of ten. A task without
        a check takes the pace of the car.
      </p>
      <Beliefs
        caption="How fast each task comes due"
        heading="Checks"
        middle="usual"
        tasks={learnt.tasks}
      />
      <h2 className="mt-8 text-26">{learnt.pace}</h2>
      <p className="mt-1 mb-5 max-w-[66ch] text-16 text-soft">
        From what your runs took, beside the minutes Cove plans at first. More than four times as
        long was a tap that was forgotten, and teaches nothing.
      </p>
      <Beliefs
        caption="Your pace at each task"
        heading="Runs"
        middle="usual"
        tasks={learnt.paces}
      />
      <Forget vehicleId={vehicleId} looks={learnt.looks} />
    </section>
  );
}

type BeliefsProps = {
  caption: string;
  heading: string;
  /** What a multiplier of 1 is called. */
  middle: string;
  tasks: Schemas["LearntTaskView"][];
};

function Beliefs({ caption, heading, middle, tasks }: BeliefsProps) {
  if (tasks.length === 0) {
    return null;
  }
  return (
    <table className="w-full text-14">
      <caption className="sr-only">{caption}</caption>
      <thead>
        <tr className="cap h-7">
          <th>Task</th>
          <th className="w-20 pr-4 !text-right">Times</th>
          <th className="w-20 pr-4 !text-right">{heading}</th>
          <th className="w-[420px] max-desk:hidden">
            <Scale middle={middle} />
          </th>
        </tr>
      </thead>
      <tbody>
        {tasks.map((task) => (
          <tr key={task.taskId} className="h-10 border-t border-hairline">
            <td className="pr-4">{task.name}</td>
            <td className="pr-4 text-right font-semibold">
              {task.multiplier.toFixed(1)}
              <span className="block text-12 font-normal whitespace-nowrap text-soft desk:hidden">
                {task.low.toFixed(1)} to {task.high.toFixed(1)}
              </span>
            </td>
            <td className="pr-4 text-right">{task.looks}</td>
            <td className="max-desk:hidden">
              <Band task={task} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Where a multiplier stands on a scale of doublings. */
function x(value: number): number {
  const held = Math.min(TO, Math.max(FROM, value));
  return (Math.log(held / FROM) / Math.log(TO / FROM)) * (WIDTH - 60) + 30;
}

/** What the scale of doublings says. */
function Scale({ middle }: { middle: string }) {
  return (
    <svg
      width={WIDTH}
      height="20"
      viewBox={`0 0 ${WIDTH} 20`}
      role="img"
      aria-label={`Beside the ${middle}`}
    >
      {SCALE.map(({ at, words }) => (
        <text key={at} x={x(at)} y="14" textAnchor="middle" className="cap">
          {words || middle}
        </text>
      ))}
    </svg>
  );
}

/** The multiplier with its band. */
function Band({ task }: { task: Schemas["LearntTaskView"] }) {
  return (
    <svg
      width={WIDTH}
      height="30"
      viewBox={`0 0 ${WIDTH} 30`}
      role="img"
      aria-label={`${task.low.toFixed(1)} to ${task.high.toFixed(1)} times`}
    >
      {SCALE.map(({ at: mark }) => (
        <path
          key={mark}
          d={`M${x(mark)} 2V28`}
          stroke={mark === 1 ? "var(--ink)" : "var(--hairline)"}
          strokeWidth={mark === 1 ? 1.2 : 0.8}
        />
      ))}
      <rect
        x={x(task.low)}
        y="11"
        width={Math.max(2, x(task.high) - x(task.low))}
        height="8"
        fill="var(--t2)"
        stroke="var(--ink)"
        strokeWidth=".8"
      />
      <circle cx={x(task.multiplier)} cy="15" r="4.5" fill="var(--ink)" />
    </svg>
  );
}

function Forget({ vehicleId, looks }: { vehicleId: string; looks: number }) {
  const [open, setOpen] = useState(false);
  const queries = useQueryClient();
  const forget = useMutation({
    mutationFn: () =>
      ask(api.DELETE("/api/vehicles/{vehicleId}/learnt", { params: { path: { vehicleId } } })),
    onSuccess: async () => {
      await refresh(queries, keys.car(vehicleId));
      setOpen(false);
    },
  });
  return (
    <div className="mt-6">
      <button type="button" className="act2" onClick={() => setOpen(true)}>
        Start over
      </button>
      <Sheet
        open={open}
        onClose={() => setOpen(false)}
        title="Start over?"
        about={`${count(looks, "check")} up to now will count no more, and every date goes back to what is usual. How long sessions with this car took counts no more either. The log and what you saw stay.`}
      >
        <button
          type="button"
          className="act w-full"
          disabled={forget.isPending}
          onClick={() => forget.mutate()}
        >
          Yes, start over
        </button>
        {forget.error && (
          <p role="alert" className="mt-3 text-coral">
            {forget.error.message}
          </p>
        )}
      </Sheet>
    </div>
  );
}

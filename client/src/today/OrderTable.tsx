import { lazy, Suspense, useEffect, useState } from "react";
import type { PlannedStep, Today } from "../api/client";
import { dueIn, minutes } from "../shared/format";
import { useWidth } from "../shared/useWidth";
import { type Ask, settled, without } from "./ask";

const loadMore = () => import("./RowMore");
const RowMore = lazy(async () => ({ default: (await loadMore()).RowMore }));

/** From how many rows on they stand in two columns, where there is room. */
const MANY = 8;
const TWO_COLUMNS = 560;

type Props = { today: Today; ask: Ask; onAsk: (ask: Ask) => void };

/** The running order as a list: what is ticked is done, and an open row says why. */
export function OrderTable({ today, ask, onAsk }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(726);
  const [open, setOpen] = useState<string | null>(null);
  // It is on the device before a row is opened, where the network may be gone.
  useEffect(() => void loadMore().catch(() => {}), []);
  const half = Math.ceil(today.steps.length / 2);
  const columns =
    today.steps.length > MANY && width >= TWO_COLUMNS
      ? [today.steps.slice(0, half), today.steps.slice(half)]
      : [today.steps];
  return (
    <div
      ref={ref}
      className={`mt-2 ${columns.length > 1 ? "grid grid-cols-2 items-start gap-x-5" : ""}`}
    >
      {columns.map((steps, column) => (
        <table
          key={column === 0 ? "first" : "second"}
          className="w-full border-collapse text-[13.5px] max-desk:text-16"
        >
          <caption className="sr-only">
            Running order, {today.steps.length} steps
            {columns.length > 1 && `, part ${column + 1} of 2`}
          </caption>
          <thead>
            <tr className="cap h-5">
              <th className="w-8">
                <span className="sr-only">Done this time</span>
              </th>
              <th className="w-7 font-medium">No.</th>
              <th className="font-medium">Task</th>
              <th className="w-16 pr-3 !text-right whitespace-nowrap font-medium">Due</th>
              <th className="w-9 !text-right font-medium">Min</th>
            </tr>
          </thead>
          <tbody>
            {steps.map((step) => (
              <Row
                key={step.number}
                today={today}
                step={step}
                ask={ask}
                onAsk={onAsk}
                narrow={columns.length > 1}
                open={open === step.taskId && step.surfaces.length > 0}
                onOpen={() => setOpen(open === step.taskId ? null : step.taskId)}
              />
            ))}
          </tbody>
        </table>
      ))}
    </div>
  );
}

type RowProps = Props & {
  step: PlannedStep;
  narrow: boolean;
  open: boolean;
  onOpen: () => void;
};

function Row({ today, step, ask, onAsk, narrow, open, onOpen }: RowProps) {
  const mayChoose = step.surfaces.length > 0;
  const kept = ask.keptIn.includes(step.taskId);
  return (
    <>
      <tr className={`h-[26px] border-t border-hairline max-desk:h-11 ${open ? "bg-deep" : ""}`}>
        <td className="relative">
          {mayChoose && (
            <Tick
              label={`Do “${step.name}”`}
              onChange={() => onAsk(without(settled(ask, step.taskId), step.taskId))}
            />
          )}
        </td>
        <td className="font-bold">{step.number}</td>
        <td className="pr-2">
          {mayChoose ? (
            <button
              type="button"
              className="w-full text-left leading-tight hover:underline max-desk:min-h-11"
              aria-expanded={open}
              onClick={onOpen}
            >
              <Named step={step} narrow={narrow} />
              {kept && <span className="text-12 text-t5"> kept in</span>}
            </button>
          ) : (
            <Named step={step} narrow={narrow} />
          )}
        </td>
        <td
          className={`pr-3 text-right font-semibold whitespace-nowrap ${step.overMark ? "over" : ""}`}
        >
          {mayChoose ? dueIn(step.daysLeft) : <span className="text-soft">–</span>}
        </td>
        <td className="text-right font-semibold">{minutes(step.end - step.begin)}</td>
      </tr>
      {open && (
        <tr className="bg-deep">
          <td colSpan={2} />
          <td colSpan={3} className="pb-2">
            <Suspense fallback={null}>
              <RowMore today={today} step={step} ask={ask} onAsk={onAsk} />
            </Suspense>
          </td>
        </tr>
      )}
    </>
  );
}

function Named({ step, narrow }: { step: PlannedStep; narrow: boolean }) {
  const product = step.products.map((one) => one.name.toLowerCase()).join(", ");
  return (
    <>
      {step.name}
      {step.part && <span className="text-soft">: {step.part.toLowerCase()}</span>}
      {step.surfaces.length > 0 && !narrow && (
        <span className="text-12 text-soft max-desk:hidden"> {product || "dry"}</span>
      )}
    </>
  );
}

/** A box of 16 pixels that can be hit as if it were 44 wide. */
function Tick({ label, onChange }: { label: string; onChange: () => void }) {
  return (
    <label className="absolute inset-y-0 -left-2 grid w-10 place-items-center max-desk:w-11">
      <input
        type="checkbox"
        className="peer absolute inset-0 cursor-pointer opacity-0"
        checked
        aria-label={label}
        onChange={onChange}
      />
      <svg
        width="18"
        height="18"
        viewBox="0 0 18 18"
        aria-hidden="true"
        className="peer-focus-visible:outline-2 peer-focus-visible:outline-offset-2 peer-focus-visible:outline-focus"
      >
        <rect
          x="1"
          y="1"
          width="16"
          height="16"
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.4"
        />
        <path d="M4.5 9.5l3.2 3.3L14 5.5" fill="none" stroke="var(--ink)" strokeWidth="2" />
      </svg>
    </label>
  );
}

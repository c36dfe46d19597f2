import { useState } from "react";
import type { Run } from "../api/client";
import { seconds } from "../shared/format";
import { Sheet } from "../shared/Sheet";
import { OUTCOMES, stepsShown } from "./steps";

type Props = { run: Run; share: number; onLook: (index: number) => void };

/** The steps of a run as a bar; widths are minutes. A tap lists them, and each can be looked at. */
export function StepBar({ run, share, onLook }: Props) {
  const [open, setOpen] = useState(false);
  const shown = stepsShown(run);
  const total = shown.reduce((sum, { step }) => sum + step.plannedSeconds, 0);
  const answered = shown.filter(({ step }) => step.outcome !== null).length;
  return (
    <>
      <button
        type="button"
        className="-my-1.5 flex min-h-9 w-full items-center gap-[2.5px]"
        aria-label={`${answered} of ${shown.length} steps answered. See all steps.`}
        onClick={() => setOpen(true)}
      >
        {shown.map(({ step, index }) => {
          const now = index === run.current;
          return (
            <span
              key={index}
              className={`block border border-ink ${now ? "h-3.5" : "h-2"} ${
                step.outcome === "skipped"
                  ? "border-dashed bg-paper"
                  : step.outcome
                    ? "bg-ink"
                    : "bg-paper"
              }`}
              style={{ flexGrow: step.plannedSeconds / total, flexBasis: 0, minWidth: 4 }}
            >
              {now && (
                <span
                  className="block h-full bg-ink"
                  style={{ width: `${Math.max(0, Math.min(100, share * 100))}%` }}
                />
              )}
            </span>
          );
        })}
      </button>
      <Sheet open={open} onClose={() => setOpen(false)} title="All steps">
        <ol className="text-17">
          {shown.map(({ step, index }, place) => (
            <li key={index} className="border-t border-hairline">
              <button
                type="button"
                className="grid min-h-11 w-full grid-cols-[28px_1fr_auto] items-baseline gap-2 py-1.5 text-left"
                aria-current={index === run.current ? "step" : undefined}
                onClick={() => {
                  setOpen(false);
                  onLook(index);
                }}
              >
                <b>{place + 1}</b>
                <span className={index === run.current ? "font-bold" : ""}>{step.name}</span>
                <span className="text-16 text-soft">
                  {index === run.current
                    ? "now"
                    : step.outcome
                      ? (OUTCOMES[step.outcome] ?? "")
                      : `${seconds(step.plannedSeconds)}`}
                </span>
              </button>
            </li>
          ))}
        </ol>
      </Sheet>
    </>
  );
}

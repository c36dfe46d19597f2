import type { Run } from "../api/client";

/** The steps of a run as a bar; widths are minutes. */
export function StepBar({ run, share }: { run: Run; share: number }) {
  const total = run.steps.reduce((sum, step) => sum + step.plannedSeconds, 0);
  return (
    <div
      className="mt-2 flex h-3.5 items-center gap-[2.5px]"
      role="img"
      aria-label={`${run.current} of ${run.steps.length} steps answered`}
    >
      {run.steps.map((step, index) => {
        const now = index === run.current;
        return (
          <div
            key={index}
            className={`border border-ink ${now ? "h-3.5" : "h-2"} ${
              step.outcome === "skipped"
                ? "border-dashed bg-paper"
                : step.outcome
                  ? "bg-ink"
                  : "bg-paper"
            }`}
            style={{ flexGrow: step.plannedSeconds / total, flexBasis: 0, minWidth: 4 }}
          >
            {now && (
              <div className="h-full bg-ink" style={{ width: `${Math.min(100, share * 100)}%` }} />
            )}
          </div>
        );
      })}
    </div>
  );
}

import type { Run } from "../api/client";
import { clockOrDay, seconds } from "../shared/format";

/** What is drying, with the time to go. */
export function Drying({ run, now }: { run: Run; now: number }) {
  return (
    <>
      {run.drying.map((drying) => {
        const from = Date.parse(drying.from);
        const until = Date.parse(drying.dryAt);
        const share = Math.max(0, Math.min(1, (now - from) / (until - from)));
        const dry = now >= until;
        const long = until - now > 90 * 60_000;
        return (
          <div key={drying.taskId} className="border-t border-hairline py-1.5">
            <p className="flex items-baseline justify-between gap-3 text-17">
              <span>
                {dry ? "Dry: " : "Drying: "}
                <b>{drying.what.toLowerCase()}</b>
              </span>
              <span className={dry ? "font-bold text-kelp" : ""}>
                {dry ? (
                  "ready"
                ) : long ? (
                  `dry ${clockOrDay(drying.dryAt, run.now)}`
                ) : (
                  <b>{seconds((until - now) / 1000)}</b>
                )}
                {!dry && !long && " to go"}
              </span>
            </p>
            <div className="mt-1 h-2 border border-ink">
              <div
                className="h-full border-r-2 border-ink bg-t4"
                style={{ width: `${share * 100}%` }}
              />
            </div>
          </div>
        );
      })}
    </>
  );
}

import { useNavigate } from "react-router";
import type { Run, RunEventKind } from "../api/client";
import { Sheet } from "../shared/Sheet";
import type { RunOptions } from "./options";
import { TimeLeft } from "./TimeLeft";

type Props = {
  open: boolean;
  busy: boolean;
  onAnswer: (kind: RunEventKind) => void;
  onClose: () => void;
};

/** Asks what to do with a step that did not come clean. */
export function NotCleanSheet({
  open,
  ladder,
  busy,
  onAnswer,
  onClose,
}: Props & { ladder: string[] }) {
  return (
    <Sheet
      open={open}
      onClose={onClose}
      title="Not clean yet"
      about="Another round now, or leave it: it will come back sooner."
    >
      <ol className="mb-4 text-16">
        {ladder.map((rung, index) => (
          <li key={rung} className="grid grid-cols-[22px_1fr]">
            <b>{index + 1}</b>
            {rung}
          </li>
        ))}
      </ol>
      <div className="grid gap-2.5">
        <button
          type="button"
          className="act2 min-h-[54px] text-17"
          disabled={busy}
          onClick={() => onAnswer("again")}
        >
          One more round now
        </button>
        <button
          type="button"
          className="act min-h-[54px]"
          disabled={busy}
          onClick={() => onAnswer("notClean")}
        >
          Leave it for next time
        </button>
      </div>
    </Sheet>
  );
}

type EndProps = Props & { run: Run; options: RunOptions; onOptions: (options: RunOptions) => void };

/** What else can be done with a run: pause it, change how it is shown, leave it open or end it. */
export function EndSheet({ open, run, options, onOptions, busy, onAnswer, onClose }: EndProps) {
  const navigate = useNavigate();
  return (
    <Sheet
      open={open}
      onClose={onClose}
      title="End or pause?"
      about="What is done is saved. Left open, the session goes on where it stands."
    >
      <div className="grid gap-2.5">
        <button
          type="button"
          className="act2 min-h-[54px] text-17"
          onClick={() => onAnswer(run.pausedAt ? "resumed" : "paused")}
        >
          {run.pausedAt ? "Go on" : "Pause the clock"}
        </button>
        <button
          type="button"
          className="act2 min-h-[54px] text-17"
          onClick={() => navigate(`/cars/${run.vehicleId}/today`)}
        >
          Leave it open
        </button>
        <button
          type="button"
          className="act min-h-[54px]"
          disabled={busy}
          onClick={() => onAnswer("finished")}
        >
          End it here
        </button>
      </div>
      <TimeLeft run={run} onPlanned={onClose} />
      <fieldset className="mt-4 border-t border-hairline pt-2 text-17">
        <legend className="sr-only">On this device</legend>
        <Option
          label="Read each step aloud"
          on={options.aloud}
          onChange={(aloud) => onOptions({ ...options, aloud })}
        />
        <Option
          label="A large Done, for wet hands"
          on={options.large}
          onChange={(large) => onOptions({ ...options, large })}
        />
      </fieldset>
    </Sheet>
  );
}

type OptionProps = { label: string; on: boolean; onChange: (on: boolean) => void };

function Option({ label, on, onChange }: OptionProps) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input
        type="checkbox"
        className="h-5 w-5 accent-[var(--ink)]"
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  );
}

import { useNavigate } from "react-router";
import type { RunEventKind } from "../api/client";
import { Sheet } from "../shared/Sheet";

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

/** Asks whether a run ends here or stays open. */
export function EndSheet({
  open,
  vehicleId,
  busy,
  onAnswer,
  onClose,
}: Props & { vehicleId: string }) {
  const navigate = useNavigate();
  return (
    <Sheet
      open={open}
      onClose={onClose}
      title="End the session?"
      about="What is done is saved. You can also leave it open and come back: it resumes where it is."
    >
      <div className="grid gap-2.5">
        <button
          type="button"
          className="act2 min-h-[54px] text-17"
          onClick={() => navigate(`/cars/${vehicleId}/today`)}
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
    </Sheet>
  );
}

import type { Inspection } from "../api/client";
import { step } from "../shared/chart";

type Props = {
  inspection: Inspection;
  busy: boolean;
  onSeen: (result: string) => void;
  large?: boolean;
};

/** The results of an inspection, from clean to far gone, each one tap. */
export function ResultButtons({ inspection, busy, onSeen, large = false }: Props) {
  return (
    <ul className="grid gap-2">
      {inspection.results.map((result) => (
        <li key={result.id}>
          <button
            type="button"
            disabled={busy}
            onClick={() => onSeen(result.id)}
            className={`flex w-full items-center gap-3 rounded-button border-[1.5px] border-ink px-3 text-left font-semibold hover:bg-deep disabled:opacity-60 ${
              large ? "min-h-[60px] text-19" : "min-h-11 text-16"
            }`}
          >
            <svg
              width="26"
              height="26"
              viewBox="0 0 26 26"
              aria-hidden="true"
              className="flex-none"
            >
              <rect
                x="1"
                y="1"
                width="24"
                height="24"
                fill={`var(--t${step(result.level)})`}
                stroke="var(--ink)"
                strokeWidth="1.1"
              />
              {result.level >= 1 && <rect x="1" y="1" width="24" height="24" fill="url(#hatch)" />}
            </svg>
            {result.words}
          </button>
        </li>
      ))}
    </ul>
  );
}

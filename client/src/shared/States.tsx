import type { ReactNode } from "react";
import { Problem } from "../api/client";

/** The waiting state of a place: a quiet line of water, not a spinner. */
export function Loading({ what }: { what: string }) {
  return (
    <div className="grid flex-1 place-items-center p-10" role="status" data-waiting>
      <div className="text-center">
        <svg width="120" height="26" viewBox="0 0 120 26" aria-hidden="true" className="mx-auto">
          <g fill="none" strokeWidth="1.5" strokeLinecap="round">
            <path
              d="M2 8q9-8 19.300 0t19.300 0 19.300 0 19.300 0 19.300 0 19.300 0"
              stroke="var(--t3)"
            />
            <path
              d="M2 18q9-8 19.300 0t19.300 0 19.300 0 19.300 0 19.300 0 19.300 0"
              stroke="var(--t4)"
            />
          </g>
        </svg>
        <p className="mt-3 text-soft">{what}</p>
      </div>
    </div>
  );
}

/** What went wrong, in the server's own words, with a way on. */
export function Failed({ error, again }: { error: Error; again: () => void }) {
  const lost = error instanceof Problem && error.isLostServer;
  return (
    <div className="grid flex-1 place-items-center p-10" role="alert">
      <div className="max-w-md text-center">
        <h2 className="text-26">{lost ? "No answer" : "That did not work"}</h2>
        <p className="mt-3 mb-6 text-16">{error.message}</p>
        <button type="button" className="act2" onClick={again}>
          Try again
        </button>
      </div>
    </div>
  );
}

/** A kind word where there is nothing to show yet. */
export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="grid flex-1 place-items-center p-10">
      <div className="max-w-md text-center">
        <h2 className="text-26">{title}</h2>
        <div className="mt-3 text-16 text-soft">{children}</div>
      </div>
    </div>
  );
}

import { useState } from "react";
import type { LogEntry } from "../../api/client";

type Photo = LogEntry["photos"][number];

/** Two photos over each other, with a divider that pointer and keys move. */
export function Divider({ before, after }: { before: Photo; after: Photo }) {
  const [at, setAt] = useState(50);
  return (
    <figure className="mb-5">
      <div
        className="relative overflow-hidden border border-ink bg-deep"
        style={{ aspectRatio: `${after.width} / ${after.height}` }}
      >
        <img
          src={`/api/photos/${after.id}`}
          alt="After"
          className="absolute inset-0 size-full object-cover"
        />
        <img
          src={`/api/photos/${before.id}`}
          alt="Before"
          className="absolute inset-0 size-full object-cover"
          style={{ clipPath: `inset(0 ${100 - at}% 0 0)` }}
        />
        <div
          className="pointer-events-none absolute inset-y-0 -ml-[3px] w-[6px] border-x-[1.5px] border-paper bg-ink"
          style={{ left: `${at}%` }}
        />
        <div
          className="pointer-events-none absolute bottom-0 -ml-[15px] grid h-[38px] w-[30px] place-items-center bg-ink"
          style={{ left: `${at}%` }}
        >
          <svg width="12" height="14" aria-hidden="true">
            <path d="M2 0v14M6 0v14M10 0v14" stroke="var(--paper)" strokeWidth="1.4" />
          </svg>
        </div>
        <input
          type="range"
          min={0}
          max={100}
          value={at}
          aria-label="Divider between before and after"
          aria-valuetext={`${at} % before`}
          className="absolute inset-0 size-full cursor-ew-resize opacity-0"
          onChange={(event) => setAt(Number(event.target.value))}
        />
      </div>
      <figcaption className="mt-1 flex justify-between text-14">
        <b className="font-semibold">Before</b>
        <span className="text-soft">drag, or press the arrow keys</span>
        <b className="font-semibold">After</b>
      </figcaption>
    </figure>
  );
}

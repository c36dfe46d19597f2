import { useEffect, useRef, useState } from "react";
import { seconds } from "../shared/format";

const KEY = "cove.dwell";

type Kept = { id: string; until: number };

function kept(id: string): number | null {
  try {
    const found = JSON.parse(localStorage.getItem(KEY) ?? "null") as Kept | null;
    return found?.id === id ? found.until : null;
  } catch {
    return null;
  }
}

/** Counts a dwell time down. It is kept on the device, so a locked phone or a reload does not lose it. */
export function DwellTimer({ id, length }: { id: string; length: number }) {
  const [until, setUntil] = useState<number | null>(() => kept(id));
  const [now, setNow] = useState(Date.now());
  const rang = useRef(false);
  const left = until === null ? length : (until - now) / 1000;
  const over = until !== null && left <= 0;

  useEffect(() => {
    if (until === null) {
      return;
    }
    const timer = window.setInterval(() => setNow(Date.now()), 250);
    return () => window.clearInterval(timer);
  }, [until]);

  useEffect(() => {
    if (over && !rang.current) {
      rang.current = true;
      navigator.vibrate?.([120, 80, 120]);
    }
  }, [over]);

  if (until === null) {
    return (
      <button
        type="button"
        className="act2 mt-1.5 text-17"
        onClick={() => {
          const end = Date.now() + length * 1000;
          localStorage.setItem(KEY, JSON.stringify({ id, until: end } satisfies Kept));
          setNow(Date.now());
          setUntil(end);
        }}
      >
        Let it work {seconds(length)}
      </button>
    );
  }
  return (
    <p
      className="mt-1.5 flex min-h-11 items-center text-17"
      role="timer"
      aria-live={over ? "assertive" : "off"}
    >
      {over ? (
        <b className="text-kelp">Time is up: go on</b>
      ) : (
        <span>
          Working, <b>{seconds(left)}</b> to go
        </span>
      )}
    </p>
  );
}

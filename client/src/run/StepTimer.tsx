import { useEffect, useRef, useState } from "react";
import { seconds } from "../shared/format";
import { keep, kept } from "../shared/kept";
import { ring } from "./ring";

const KEY = "cove.timers";
/** Timers of earlier steps are forgotten after this many. */
const MOST = 12;

type Kind = "dwell" | "scrub" | "coat";
type Kept = { id: string; until: number };

const START = { dwell: "Let it work", scrub: "Keep moving", coat: "Let it take" } as const;
const GOING = { dwell: "Working", scrub: "Keep moving", coat: "Taking" } as const;

function all(): Kept[] {
  try {
    return JSON.parse(kept(KEY) ?? "[]") as Kept[];
  } catch {
    return [];
  }
}

type Props = {
  id: string;
  kind: Kind;
  length: number;
  /** Which coat of how many; null where there is only one thing to wait for. */
  stage: { at: number; of: number } | null;
  /** Whether it may be started now. One that is running shows in any case. */
  offered: boolean;
};

/** Counts a time down and rings softly. It is kept on the device, so a locked phone or a reload does not lose it. */
export function StepTimer({ id, kind, length, stage, offered }: Props) {
  const [until, setUntil] = useState<number | null>(
    () => all().find((known) => known.id === id)?.until ?? null,
  );
  const [now, setNow] = useState(Date.now());
  const rang = useRef(until !== null && until <= Date.now());
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
      ring();
    }
  }, [over]);

  const coat = stage ? `Coat ${stage.at} of ${stage.of}: ` : "";
  if (until === null) {
    return offered ? (
      <button
        type="button"
        className="act2 mt-2 min-h-12 w-full text-17"
        onClick={() => {
          const end = Date.now() + length * 1000;
          keep(KEY, JSON.stringify([...all().slice(1 - MOST), { id, until: end } satisfies Kept]));
          setNow(Date.now());
          setUntil(end);
        }}
      >
        {coat}
        {coat ? START[kind].toLowerCase() : START[kind]} {seconds(length)}
      </button>
    ) : null;
  }
  return (
    <div
      className="mt-2 border-y border-hairline py-2 text-17"
      role="timer"
      aria-live={over ? "assertive" : "off"}
    >
      {over ? (
        <b className="text-kelp">
          {coat}time is up{stage && stage.at < stage.of ? ", next coat" : ": go on"}
        </b>
      ) : (
        <span>
          {coat}
          {GOING[kind].toLowerCase()}, <b>{seconds(left)}</b> to go
        </span>
      )}
      <div className="mt-1 h-2 border border-ink">
        <div
          className="h-full bg-t4"
          style={{ width: `${Math.min(100, (1 - Math.max(0, left) / length) * 100)}%` }}
        />
      </div>
    </div>
  );
}

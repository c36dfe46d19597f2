import type { ReactNode } from "react";

const WATER = "var(--t2)";

/** A small drawing for each inspection: a hand, a towel, a lamp, and what to watch. */
const DRAWINGS: Record<string, ReactNode> = {
  "finger-swipe": (
    <>
      <path d="M6 50H114V62H6Z" fill={WATER} />
      <path d="M22 50H66" stroke="var(--paper)" strokeWidth="5" />
      <path d="M22 46.500c10 2 34 2 44 0M22 53.500c10-2 34-2 44 0" />
      <path d="M66 49c-3-6 2-9 7-6l26 15c8 4 10 0 15 0M73 43 92 21c3-4 9 0 6 4L86 43l28-2" />
      <path d="M28 38H54M28 38l6-4M28 38l6 4" />
    </>
  ),
  pat: (
    <>
      <path d="M6 54c3-3 5-3 8 0s5 3 8 0 5-3 8 0 5 3 8 0 5-3 8 0 5 3 8 0 5-3 8 0 5 3 8 0 5-3 8 0 5 3 8 0 5-3 8 0 5 3 8 0" />
      <path d="M6 54V64H110V54" fill={WATER} stroke="none" />
      <path d="M34 46h34c7 0 9-6 3-8l-14-3H44c-6 0-12 5-10 11ZM71 38l22-11" />
      <path
        d="M30 40l-9-9M42 28l-3-13M58 26l4-13M24 46H11"
        strokeDasharray="1.500 5"
        strokeWidth="2.6"
      />
    </>
  ),
  sheen: (
    <>
      <ellipse cx="60" cy="36" rx="44" ry="25" />
      <ellipse cx="60" cy="36" rx="32" ry="16" />
      <path d="M23 24c7-9 19-15 32-16" stroke={WATER} strokeWidth="7" />
      <path d="M23 24c7-9 19-15 32-16" strokeDasharray="9 4" />
      <path d="M96 8l-10 8M106 16l-12 5M86 3l-6 9" />
    </>
  ),
  "towel-colour": (
    <>
      <path d="M12 14H70V60H12Z" />
      <path d="M41 14V60M12 37H70" strokeDasharray="4 3" />
      <path d="M47 20c9-3 17 1 17 7s-11 9-16 4-6-9-1-11Z" fill="var(--t4)" stroke="none" />
      <path d="M80 50H112M80 40H112" stroke={WATER} strokeWidth="6" />
      <path d="M80 45H112M112 45l-6-5M112 45l-6 5" />
    </>
  ),
  "half-and-half": (
    <>
      <path d="M60 10H112V62H60Z" fill="var(--t4)" stroke="none" />
      <path d="M8 10H60V62H8Z" fill="var(--t1)" stroke="none" />
      <path d="M8 10H112V62H8Z" />
      <path d="M60 5V67" strokeWidth="2.4" strokeDasharray="6 3" />
      <path d="M20 24c8-4 20-4 28 0M20 36c8-4 20-4 28 0M20 48c8-4 20-4 28 0" />
    </>
  ),
  "water-bead": (
    <>
      <path d="M6 52H114" strokeWidth="2.2" />
      <path d="M16 52c-5-16 6-25 14-25s19 9 14 25Z" fill={WATER} />
      <path d="M22 40c1-5 4-7 7-8" stroke="var(--paper)" strokeWidth="2.4" />
      <path d="M68 52c3-7 12-9 22-9s17 3 20 9Z" fill={WATER} />
      <path d="M30 6c-5 7-5 10 0 10s5-3 0-10Z" fill={WATER} />
    </>
  ),
  glare: (
    <>
      <path d="M14 60 28 12H92L106 60Z" fill="var(--t1)" />
      <circle cx="60" cy="34" r="6" fill="var(--paper)" strokeWidth="2.2" />
      <circle cx="60" cy="34" r="13" strokeDasharray="3 4" />
      <path d="M60 10v8M60 50v8M36 34h-8M92 34h-8M43 17l5 5M77 17l-5 5M43 51l5-5M77 51l-5-5" />
    </>
  ),
  smell: (
    <>
      <path d="M10 62V22c0-8 6-12 14-12H50V62Z" />
      <path d="M16 36V24c0-5 3-8 8-8H44V36Z" fill="var(--t1)" />
      <path d="M50 10 74 18V66L50 62" />
      <path d="M82 24c6-6 9 6 15 0s9 6 15 0M82 38c6-6 9 6 15 0s9 6 15 0M82 52c6-6 9 6 15 0s9 6 15 0" />
    </>
  ),
  photo: (
    <>
      <path d="M8 20H50V54H8Z" />
      <path d="M70 20H112V54H70Z" fill={WATER} />
      <circle cx="29" cy="37" r="9" />
      <circle cx="91" cy="37" r="9" />
      <path d="M21 20l3-6h10l3 6M83 20l3-6h10l3 6M54 37h12M66 37l-5-4M66 37l-5 4" />
    </>
  ),
};

/** What to do, as a picture; the words beside it say the same. */
export function InspectionDrawing({ id, width = 120 }: { id: string; width?: number }) {
  return (
    <svg
      width={width}
      height={(width * 72) / 120}
      viewBox="0 0 120 72"
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.6"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
      className="flex-none"
    >
      {DRAWINGS[id]}
    </svg>
  );
}

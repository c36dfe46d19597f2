import type { ReactNode } from "react";

const WATER = "var(--t2)";

/** A small drawing for each inspection: a hand, a towel, a lamp, and what to watch. */
const DRAWINGS: Record<string, ReactNode> = {
  "finger-swipe": (
    <>
      <path d="M4 52H116V64H4Z" fill={WATER} />
      <path d="M14 52H58V57H14Z" fill="var(--paper)" stroke="none" />
      <path d="M14 57H58" strokeDasharray="2 3" />
      <path d="M58 51c-3-1-3-6 1-7l24-5 3-14c1-4 7-3 7 1l-1 9c8-2 18 0 22 4v10c-6 4-17 4-26 3l-12-1Z" />
      <path d="M83 39l-4 5M92 35l-2 10M101 34l-2 11" />
      <path d="M44 36H18M18 36l7-5M18 36l7 5" strokeWidth="2" />
    </>
  ),
  "dust-after-vacuum": (
    <>
      <path d="M4 54c4-4 6-4 9 0s6 4 9 0 6-4 9 0 6 4 9 0 6-4 9 0 6 4 9 0 6-4 9 0 6 4 9 0 6-4 9 0 6 4 9 0 6-4 9 0 6 4 9 0" />
      <path d="M4 57H116V67H4Z" fill="var(--t4)" stroke="none" />
      <path d="M14 44H52L46 34H22ZM34 34L44 8" />
      <path d="M68 47c-3-1-3-5 1-6l16-1 22-9v10l-18 7Z" />
      <path d="M64 36l-5-8M74 32l-2-12" strokeDasharray="1.500 5" strokeWidth="2.8" />
    </>
  ),
  "grey-after-foam": (
    <>
      <path d="M4 56H116V66H4Z" fill="var(--t4)" stroke="none" />
      <path d="M22 16H88V52H22Z" fill="var(--paper)" />
      <path d="M36 38c12-4 28-2 38 2s-4 9-18 9-28-7-20-11Z" fill="var(--t3)" stroke="none" />
      <path d="M96 52c2-4 8-4 8 0M106 52c2-3 6-3 6 0M10 52c2-4 8-4 8 0" />
      <path d="M55 4v8M55 12l-4-4M55 12l4-4" strokeWidth="2" />
    </>
  ),
  "colour-when-wet": (
    <>
      <path d="M4 46H116V66H4Z" fill="var(--t4)" stroke="none" />
      <ellipse cx="60" cy="50" rx="24" ry="7" fill="var(--t1)" />
      <path d="M60 8c8 11 10 15 10 19a10 10 0 0 1-20 0c0-4 2-8 10-19Z" fill={WATER} />
    </>
  ),
  pat: (
    <>
      <path d="M4 54c4-4 6-4 9 0s6 4 9 0 6-4 9 0 6 4 9 0 6-4 9 0 6 4 9 0 6-4 9 0 6 4 9 0 6-4 9 0 6 4 9 0 6-4 9 0 6 4 9 0" />
      <path d="M4 57H116V66H4Z" fill={WATER} stroke="none" />
      <path d="M36 47c-4-1-4-7 1-8l22-1-6-4c-3-3 1-7 5-5l14 8 30-13v13l-24 10Z" />
      <path d="M44 39v7M53 39v7M62 39v7" />
      <path
        d="M28 44l-9-7M32 34l-9-12M42 30l-4-15M24 51l-12-2M57 24l2-12"
        strokeDasharray="1.500 5"
        strokeWidth="2.8"
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
  "night-check": (
    <>
      <path d="M14 60 28 12H92L106 60Z" fill="var(--t4)" />
      <circle cx="45" cy="40" r="5" fill="var(--paper)" strokeWidth="2.2" />
      <circle cx="75" cy="40" r="5" fill="var(--paper)" strokeWidth="2.2" />
      <path d="M66 18a8 8 0 1 0 8 9a6.500 6.500 0 0 1-8-9Z" fill="var(--paper)" />
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

import type { Schemas } from "../api/client";

export type VerdictName = Schemas["Verdict"];

export const VERDICT_WORDS: Record<VerdictName, string> = {
  good: "Good",
  withCare: "With care",
  testFirst: "Test first",
  keepOff: "Keep off",
};

const INK: Record<VerdictName, string> = {
  good: "text-kelp",
  withCare: "text-brass",
  testFirst: "text-brass",
  keepOff: "text-coral",
};

/** The shape of a verdict: disc with a wave, ring with a stake, half-filled cone, crossed square. Each is told by its outline alone. */
export function VerdictMark({ verdict, size = 16 }: { verdict: VerdictName; size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 16 16"
      aria-hidden="true"
      className={`flex-none ${INK[verdict]}`}
    >
      {verdict === "good" && (
        <>
          <circle cx="8" cy="8" r="7.300" fill="currentColor" />
          <path
            d="M3 9c1.700-2 3.300-2 5 0s3.300 2 5 0"
            fill="none"
            stroke="var(--paper)"
            strokeWidth="1.600"
            strokeLinecap="round"
          />
        </>
      )}
      {verdict === "withCare" && (
        <g fill="none" stroke="currentColor" strokeWidth="1.500" strokeLinecap="round">
          <circle cx="8" cy="8" r="6.600" />
          <path d="M8 3.800V8.600" strokeWidth="1.800" />
          <path d="M4 11.300c1.300-1.200 2.600-1.200 4 0s2.700 1.200 4 0" strokeWidth="1.300" />
        </g>
      )}
      {verdict === "testFirst" && (
        <>
          <path d="M4.600 8 2 14.300h12L11.400 8z" fill="currentColor" />
          <path
            d="M8 1.500 14 14.300H2z"
            fill="none"
            stroke="currentColor"
            strokeWidth="1.500"
            strokeLinejoin="round"
          />
        </>
      )}
      {verdict === "keepOff" && (
        <>
          <rect x="0.800" y="0.800" width="14.400" height="14.400" fill="currentColor" />
          <path
            d="M4 4l8 8M12 4l-8 8"
            stroke="var(--paper)"
            strokeWidth="1.800"
            strokeLinecap="round"
          />
        </>
      )}
    </svg>
  );
}

/** A verdict by shape and word. */
export function VerdictWord({ verdict, large = false }: { verdict: VerdictName; large?: boolean }) {
  return (
    <span
      className={`inline-flex items-center gap-2 font-bold whitespace-nowrap ${INK[verdict]} ${large ? "text-19" : ""}`}
    >
      <VerdictMark verdict={verdict} size={large ? 22 : 16} />
      {VERDICT_WORDS[verdict]}
    </span>
  );
}

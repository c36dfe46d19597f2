import type { ReactNode } from "react";

function Icon({ children }: { children: ReactNode }) {
  return (
    <svg
      width="26"
      height="26"
      viewBox="0 0 24 24"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.5"
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
      className="flex-none"
    >
      {children}
    </svg>
  );
}

export function TodayIcon() {
  return (
    <Icon>
      <path d="M3 17.5h18M3 17.5v-4M7.5 17.5V15M12 17.5v-4M16.5 17.5V15M21 17.5v-4" />
      <path d="M9.5 5h5v3.2L12 11 9.5 8.2z" />
    </Icon>
  );
}

export function CabinIcon() {
  return (
    <Icon>
      <path d="M3 8.5C3 6 5 5 7.500 5H18c2 0 3 1.200 3 3v8c0 1.800-1 3-3 3H7.500C5 19 3 18 3 15.500z" />
      <path d="M7.200 5.200C6 9.500 6 14.500 7.200 18.800" />
      <rect x="10" y="7.5" width="4" height="3.5" rx="1" />
      <rect x="10" y="13" width="4" height="3.5" rx="1" />
      <path d="M17.200 7.500v9" />
    </Icon>
  );
}

export function SpillIcon() {
  return (
    <Icon>
      <path d="M12 3c3 4 4.800 6.400 4.800 9a4.800 4.800 0 0 1-9.600 0C7.200 9.400 9 7 12 3z" />
      <path d="M3 20.500c3-1.600 6-1.600 9 0s6 1.600 9 0" />
    </Icon>
  );
}

export function ShelfIcon() {
  return (
    <Icon>
      <path d="M3 20h18" />
      <path d="M5.500 20v-7.500c0-1.300 1-1.800 1.500-2.700V6.500h3v3.300c.5.900 1.500 1.400 1.500 2.700V20" />
      <path d="M7 4.500h3M5.500 14.500h6" />
      <path d="M15 20v-9h4.500v9M15 14h4.500" />
    </Icon>
  );
}

export function GlassIcon() {
  return (
    <Icon>
      <path d="M5 6.500C9.500 4.800 14.500 4.800 19 6.500L21.500 17.500C15 19.500 9 19.500 2.500 17.500z" />
      <path d="M7.500 11h9M12 8v7.500" strokeDasharray="2.500 2" />
    </Icon>
  );
}

export function YearIcon() {
  return (
    <Icon>
      <path d="M3 19h18" />
      <path d="M3 15.500 7.500 7v6L12 7v6l4.500-6v6L21 7" />
    </Icon>
  );
}

export function LogIcon() {
  return (
    <Icon>
      <path d="M5 4.500h11.500c1.400 0 2.500 1 2.500 2.500v12.500H7.500C6 19.500 5 18.600 5 17.200z" />
      <path d="M5 17.200c0-1.300 1-2.200 2.500-2.200H19M8.500 8.200h7M8.500 11.200h4.500" />
    </Icon>
  );
}

export function CarIcon() {
  return (
    <Icon>
      <circle cx="12" cy="12" r="8.500" />
      <circle cx="12" cy="12" r="2.300" />
      <path d="M3.800 10.500c2.600 0 4.300.300 6 .800M20.200 10.500c-2.600 0-4.300.300-6 .800M12 14.300v6.200" />
    </Icon>
  );
}

export function Mark({ size = 38 }: { size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 40 40" aria-hidden="true">
      <g fill="none" stroke="var(--ink)" strokeLinecap="round">
        <path d="M33.500 9.500A17 17 0 1 0 33.500 30.500" strokeWidth="2.2" />
        <path d="M30 14.500A11.500 11.500 0 1 0 30 25.500" strokeWidth="1.5" />
        <path d="M26 17.800A6.200 6.200 0 1 0 26 22.200" strokeWidth="1.1" />
      </g>
      <circle cx="20.5" cy="20" r="1.7" fill="var(--ink)" />
    </svg>
  );
}

/** A stake in the water: the mark that stands before every caution. */
export function CautionMark({ size = 18 }: { size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 18 18"
      fill="none"
      className="mt-px flex-none"
      aria-hidden="true"
    >
      <path d="M9 1.500V11" stroke="currentColor" strokeWidth="2.4" strokeLinecap="round" />
      <path
        d="M1.500 15.500c1.900-2 3.700-2 5.600-.4 1.900 1.600 3.700 1.600 5.600 0 1.300-1.100 2.500-1.500 3.800-.9"
        stroke="currentColor"
        strokeWidth="1.7"
        strokeLinecap="round"
      />
    </svg>
  );
}

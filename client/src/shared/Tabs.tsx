import { useEffect, useRef } from "react";
import { NavLink } from "react-router";

type Tab = { path: string; name: string };
type Props = { label: string; base: string; tabs: Tab[]; shown: string | undefined };

/** The pages of a place; the one that is shown is brought into sight where not all fit. */
export function Tabs({ label, base, tabs, shown }: Props) {
  const bar = useRef<HTMLElement>(null);
  useEffect(() => {
    bar.current
      ?.querySelector(`[href$="/${shown}"]`)
      ?.scrollIntoView({ block: "nearest", inline: "center" });
  }, [shown]);
  return (
    <nav
      ref={bar}
      aria-label={label}
      className="no-print flex flex-none gap-1 overflow-x-auto border-b border-hairline px-2 desk:px-[18px]"
    >
      {tabs.map(({ path, name }) => (
        <NavLink
          key={path}
          to={`${base}/${path}`}
          className={`flex min-h-11 items-center px-3 text-16 whitespace-nowrap ${
            path === shown
              ? "border-b-[3px] border-ink pt-[3px] font-bold"
              : "text-soft hover:text-ink"
          }`}
        >
          {name}
        </NavLink>
      ))}
    </nav>
  );
}

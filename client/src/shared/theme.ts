import { useSyncExternalStore } from "react";
import { keep, kept } from "./kept";

export type Theme = "light" | "dark";

/** What the owner chose on this device; "device" goes by what the device itself asks for. */
export type ThemeChoice = Theme | "device";

const KEY = "cove.theme";
const night = window.matchMedia("(prefers-color-scheme: dark)");
const listeners = new Set<() => void>();

let choice: ThemeChoice = known();

function known(): ThemeChoice {
  const before = kept(KEY);
  return before === "light" || before === "dark" ? before : "device";
}

function shown(): Theme {
  return choice !== "device" ? choice : night.matches ? "dark" : "light";
}

function draw() {
  document.documentElement.dataset.theme = shown();
  for (const listener of listeners) {
    listener();
  }
}

night.addEventListener("change", draw);
draw();

function subscribe(listener: () => void) {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
}

function choose(next: ThemeChoice) {
  choice = next;
  keep(KEY, next);
  draw();
}

/** Day or night: what the owner chose, else what the device asks for. */
export function useTheme() {
  return {
    theme: useSyncExternalStore(subscribe, shown),
    choice: useSyncExternalStore(subscribe, () => choice),
    choose,
  };
}

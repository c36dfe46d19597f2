import { useEffect, useState } from "react";
import { keep, kept } from "./kept";

export type Theme = "light" | "dark";
const KEY = "cove.theme";

function chosen(): Theme | null {
  const chosenBefore = kept(KEY);
  return chosenBefore === "light" || chosenBefore === "dark" ? chosenBefore : null;
}

const night = window.matchMedia("(prefers-color-scheme: dark)");

function systemTheme(): Theme {
  return night.matches ? "dark" : "light";
}

/** The chart by day or by night: what the owner chose, else what the device asks for. */
export function useTheme(): [Theme, (theme: Theme) => void] {
  const [theme, setTheme] = useState<Theme>(() => chosen() ?? systemTheme());
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  useEffect(() => {
    const follow = () => setTheme(chosen() ?? systemTheme());
    night.addEventListener("change", follow);
    return () => night.removeEventListener("change", follow);
  }, []);
  return [
    theme,
    (next) => {
      keep(KEY, next);
      setTheme(next);
    },
  ];
}

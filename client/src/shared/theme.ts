import { useEffect, useState } from "react";
import { keep, kept } from "./kept";

export type Theme = "light" | "dark";
const KEY = "cove.theme";

function chosen(): Theme | null {
  const chosenBefore = kept(KEY);
  return chosenBefore === "light" || chosenBefore === "dark" ? chosenBefore : null;
}

function systemTheme(): Theme {
  return window.matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

/** The chart by day or by night: what the owner chose, else what the device asks for. */
export function useTheme(): [Theme, (theme: Theme) => void] {
  const [theme, setTheme] = useState<Theme>(() => chosen() ?? systemTheme());
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  return [
    theme,
    (next) => {
      keep(KEY, next);
      setTheme(next);
    },
  ];
}

import type { Schemas } from "../api/client";
import { keep, kept } from "./kept";

export type Settings = Schemas["SettingsView"];

const KEY = "cove.settings";

/** What holds until the server has said what the owner chose. */
const USUAL: Settings = {
  isChosen: false,
  chosen: {
    distance: "kilometre",
    volume: "millilitre",
    temperature: "celsius",
    hours: "twentyFour",
    currency: "",
  },
  distanceScale: { name: "kilometres", sign: "km", size: 1, zero: 0 },
  volumeScale: { name: "millilitres", sign: "ml", size: 1, zero: 0 },
  temperatureScale: { name: "degrees Celsius", sign: "°C", size: 1, zero: 0 },
  today: new Date().toISOString().slice(0, 10),
};

let current: Settings = known();
const listeners = new Set<() => void>();

/** How the owner reads quantities, times and money. It is on the device too, so that a page without a network reads the same. */
export function settings(): Settings {
  return current;
}

/** Takes over what the server says; everything on the screen is drawn anew when it differs. */
export function applySettings(next: Settings): void {
  const text = JSON.stringify(next);
  if (text === JSON.stringify(current)) {
    return;
  }
  current = next;
  keep(KEY, text);
  for (const listener of listeners) {
    listener();
  }
}

export function subscribeSettings(listener: () => void): () => void {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
}

function known(): Settings {
  try {
    const before = JSON.parse(kept(KEY) ?? "null") as Partial<Settings> | null;
    return before ? { ...USUAL, ...before } : USUAL;
  } catch {
    return USUAL;
  }
}

/** What the region of this browser would choose; proposed at first use and never taken unseen. */
export function proposed(language: string): Settings["chosen"] {
  const region = language.split("-")[1]?.toUpperCase();
  if (region === "US") {
    return {
      distance: "mile",
      volume: "usFluidOunce",
      temperature: "fahrenheit",
      hours: "twelve",
      currency: "$",
    };
  }
  return region === "GB" ? { ...USUAL.chosen, distance: "mile", currency: "£" } : USUAL.chosen;
}

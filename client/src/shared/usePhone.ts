import { useSyncExternalStore } from "react";

// Paper is narrow too, but nobody turns pages on it with a finger.
const NARROW = "screen and (width < 900px)";

function subscribe(onChange: () => void): () => void {
  const query = window.matchMedia(NARROW);
  query.addEventListener("change", onChange);
  return () => query.removeEventListener("change", onChange);
}

/** Whether the window is as narrow as a phone. */
export function usePhone(): boolean {
  return useSyncExternalStore(subscribe, () => window.matchMedia(NARROW).matches);
}

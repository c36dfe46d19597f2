import { useEffect } from "react";

/** Keeps the screen from going dark while something is under way, where the browser lets a page ask for it. */
export function useWakeLock(wanted: boolean) {
  useEffect(() => {
    if (!wanted || !("wakeLock" in navigator)) {
      return;
    }
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const ask = async () => {
      try {
        const given = await navigator.wakeLock.request("screen");
        if (over) {
          await given.release();
        } else {
          lock = given;
        }
      } catch {
        // Low battery, or not allowed: the screen goes dark as it always does.
      }
    };
    // The lock is lost whenever the page is hidden.
    const back = () => document.visibilityState === "visible" && void ask();
    void ask();
    document.addEventListener("visibilitychange", back);
    return () => {
      over = true;
      document.removeEventListener("visibilitychange", back);
      void lock?.release();
    };
  }, [wanted]);
}

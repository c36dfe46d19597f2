import { useEffect, useState } from "react";

/** The server's clock, carried on by the device's own ticking between answers. In milliseconds since 1970. */
export function useClock(serverNow: string): number {
  const [skew, setSkew] = useState(() => Date.parse(serverNow) - Date.now());
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => setSkew(Date.parse(serverNow) - Date.now()), [serverNow]);
  useEffect(() => {
    const timer = window.setInterval(() => setNow(Date.now()), 500);
    return () => window.clearInterval(timer);
  }, []);
  return now + skew;
}

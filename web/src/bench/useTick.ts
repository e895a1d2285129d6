import { useEffect, useState } from "react";

const TICK_MS = 500;

/** Draws anew twice a second, with what the clock of the bench shows then. */
export function useTick(now: () => number): number {
  const [shown, setShown] = useState(now);
  useEffect(() => {
    const timer = setInterval(() => setShown(now()), TICK_MS);
    return () => clearInterval(timer);
  }, [now]);
  return shown;
}

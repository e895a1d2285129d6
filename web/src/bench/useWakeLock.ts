import { useEffect } from "react";

/** Keeps the screen on while the bench is open, where the browser can. */
export function useWakeLock(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const take = async () => {
      try {
        lock = document.visibilityState === "visible" ? await navigator.wakeLock?.request("screen") : null;
        if (gone) {
          await lock?.release();
        }
      } catch {
        // The browser does not allow it: the screen goes off as ever.
      }
    };
    const again = () => void take();
    void take();
    document.addEventListener("visibilitychange", again);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", again);
      void lock?.release();
    };
  }, []);
}

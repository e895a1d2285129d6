import { useEffect, useState } from "react";

const QUIET_MS = 150;

/** A value once it has not changed for a moment, as while a search is being typed. */
export function useQuiet<T>(value: T): T {
  const [quiet, setQuiet] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setQuiet(value), QUIET_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return quiet;
}

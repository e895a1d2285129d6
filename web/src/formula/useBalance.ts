import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { type BalanceAnswer, balanceQuery, type FormulaSpec, type Problem, problemOf } from "../api";

/** During a burst of edits, as when a number is typed, the balance is asked for once it pauses this long. */
const QUIET_MS = 40;
/** An edit after a pause this long begins a new burst and is asked for at once. */
const BURST_GAP_MS = 250;

/** The balance of what is on the page. */
export interface BalanceView {
  /** The last good answer; stays while a new one is on its way or the formula has a fault. */
  answer: BalanceAnswer | null;
  /** Whether the answer is that of the formula on the page. */
  current: boolean;
  problem: Problem | null;
}

/**
 * Asks for the balance of a formula, a moment after the last edit. An answer is kept under the formula that it answers,
 * so an older one never stands over a newer one.
 */
export function useBalance(spec: FormulaSpec): BalanceView {
  const settled = useSettled(spec);
  const query = useQuery({
    ...balanceQuery(settled),
    enabled: (settled.lines?.length ?? 0) > 0,
    placeholderData: keepPreviousData,
  });
  const [lastGood, setLastGood] = useState<BalanceAnswer | null>(null);
  const fresh = query.isSuccess ? query.data : null;
  if (fresh && fresh !== lastGood) {
    setLastGood(fresh);
  }
  return {
    answer: fresh ?? lastGood,
    current: settled === spec && query.isSuccess && !query.isPlaceholderData,
    problem: query.isError ? problemOf(query.error) : null,
  };
}

/** The value: at once when it changes after a pause, else when it has not changed for a moment. */
function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  const changedAt = useRef(-Infinity);
  useEffect(() => {
    const now = performance.now();
    const wait = now - changedAt.current > BURST_GAP_MS ? 0 : QUIET_MS;
    changedAt.current = now;
    const timer = setTimeout(() => setSettled(value), wait);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}

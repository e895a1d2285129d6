import { useIsMutating, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { type BalanceAnswer, balanceQuestion, type FormulaSpec, type Question } from "../api";
import { type SaidProblem, useProblem } from "../words";

/** During a burst of edits, as when a number is typed, the balance is asked for once it pauses this long. */
const QUIET_MS = 40;
/** An edit after a pause this long begins a new burst and is asked for at once. */
const BURST_GAP_MS = 250;

/** The key of what the server is changing the formula by: until it is done, no answer is the current one. */
export const FORMULA_CHANGE = ["formula-change"];

/** The answer to what is on the page. */
export interface AnswerView<T> {
  /** The last good answer; stays while a new one is on its way or the formula has a fault. */
  answer: T | null;
  /** Whether the answer is that of the formula on the page. */
  current: boolean;
  problem: SaidProblem | null;
  /** Whether something that is typed beside it has to be corrected first, and says so there. */
  toCorrect?: boolean;
}

export type BalanceView = AnswerView<BalanceAnswer>;

/**
 * Asks for the balance of a formula, a moment after the last edit. An answer is kept under the formula that it answers,
 * so an older one never stands over a newer one.
 */
export function useBalance(spec: FormulaSpec): BalanceView {
  return useAnswer(balanceQuestion, spec, (formula) => (formula.lines?.length ?? 0) > 0);
}

/** Asks the server about what is on the page, a moment after the last edit. */
export function useAnswer<S, T>(
  question: Question<S, T>,
  asked: S,
  enabled: (settled: S) => boolean = () => true,
): AnswerView<T> {
  const settled = useSettled(asked);
  const query = useQuery<T>({
    queryKey: [question.key, settled],
    queryFn: ({ signal }) => question.ask(settled, signal),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
    enabled: enabled(settled),
    placeholderData: (before) => before,
  });
  const changing = useIsMutating({ mutationKey: FORMULA_CHANGE }) > 0;
  const [lastGood, setLastGood] = useState<T | null>(null);
  const fresh = query.isSuccess ? query.data : null;
  if (fresh && fresh !== lastGood) {
    setLastGood(fresh);
  }
  return {
    answer: fresh ?? lastGood,
    current: !changing && settled === asked && query.isSuccess && !query.isPlaceholderData,
    problem: useProblem(query.isError ? query.error : null),
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

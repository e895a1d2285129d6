import { useMemo } from "react";
import { type Problem, type ProblemFault, problemOf } from "../api";
import { type Figures, useFigures } from "../figures";
import { faultWords, problemWords } from "./faults";

/** A fault with its words. */
export type SaidFault = ProblemFault & { message: string };

/** A problem with its words: `detail` says it in the kitchen's units, and each fault has its message. */
export interface SaidProblem extends Omit<Problem, "faults"> {
  faults: SaidFault[] | null;
}

export function saidFaults(faults: ProblemFault[], figures: Figures): SaidFault[] {
  return faults.map((fault) => ({ ...fault, message: faultWords(fault, figures) }));
}

/** The problem behind a failed query or mutation, in words; null when there is none. */
export function useProblem(error: unknown): SaidProblem | null {
  const figures = useFigures();
  return useMemo(() => {
    const problem = problemOf(error);
    return problem
      ? {
          ...problem,
          detail: problemWords(problem, figures),
          faults: problem.faults ? saidFaults(problem.faults, figures) : null,
        }
      : null;
  }, [error, figures]);
}

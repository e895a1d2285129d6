import { useMemo } from "react";
import { type TrialRequest, type TrialSeries, trialsQuestion } from "../api";
import { type AnswerView, type Editor, type Plan, type PlannedSubstitution, useAnswer } from "../formula";
import { TRIAL_MEASURES } from "../words";
import { chosenOf, completeOf, pickedOf, trialsOf } from "./plan";

/** Stands for no question: nothing is varied. */
const NOTHING: TrialRequest = { formula: {} };

/** A series of trials as it is planned. */
export interface TrialsPlan {
  /** What is varied. */
  varied: PlannedSubstitution[];
  /** As the server is asked; null as long as nothing is varied. */
  asked: TrialRequest | null;
  view: AnswerView<TrialSeries>;
  /** Where the server names a field of a substitution. */
  fieldOf: (substitution: PlannedSubstitution, field: string) => string;
}

/** Knows the runs of the series that is planned. */
export function useTrialsPlan({ draft, balanced }: Editor, plan: Plan): TrialsPlan {
  const picked = pickedOf(plan, draft);
  const varied = picked ? [picked] : chosenOf(plan, draft);
  const asked = useMemo(() => trialsOf(plan, draft, balanced, TRIAL_MEASURES), [plan, draft, balanced]);
  const view = useAnswer(trialsQuestion, asked ?? NOTHING, (request) => request !== NOTHING);
  const beside = completeOf(plan, draft).filter((each) => !varied.includes(each));
  return {
    varied,
    asked,
    view,
    fieldOf: (substitution, field) =>
      varied.includes(substitution)
        ? `factors[${varied.indexOf(substitution)}].change.${field}`
        : `beside[${beside.indexOf(substitution)}].${field}`,
  };
}

import { useMemo } from "react";
import { type PantryDocument, type TrialRequest, type TrialSeries, trialsQuestion } from "../api";
import { type AnswerView, type Editor, type Plan, type PlannedSubstitution, useAnswer } from "../formula";
import { ingredientName, TRIAL_MEASURES } from "../words";
import { chosenOf, completeOf, pickedOf, trialsOf } from "./plan";

/** Stands for no question: nothing is varied. */
const NOTHING: TrialRequest = { formula: {} };

const LONGEST_NAME = 80;

/** A series of trials as it is planned. */
export interface TrialsPlan {
  /** What is varied. */
  varied: PlannedSubstitution[];
  /** As the server is asked; null as long as nothing is varied. */
  asked: TrialRequest | null;
  view: AnswerView<TrialSeries>;
  /** What it is called unless somebody says otherwise. */
  name: string;
  /** Where the server names a field of a substitution. */
  fieldOf: (substitution: PlannedSubstitution, field: string) => string;
}

/** Knows the runs of the series that is planned. */
export function useTrialsPlan({ draft, balanced }: Editor, plan: Plan, pantry: PantryDocument): TrialsPlan {
  const picked = pickedOf(plan, draft);
  const varied = picked ? [picked] : chosenOf(plan, draft);
  const { name, asked } = useMemo(() => {
    const named = varied.map(({ by }) => ingredientName(by, pantry)).join(" and ");
    const short = named.slice(0, LONGEST_NAME);
    return { name: short, asked: trialsOf(plan, draft, balanced, short, TRIAL_MEASURES) };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is varied follows from the plan and the draft
  }, [plan, draft, balanced, pantry]);
  const view = useAnswer(trialsQuestion, asked ?? NOTHING, (request) => request !== NOTHING);
  const beside = completeOf(plan, draft).filter((each) => !varied.includes(each));
  return {
    varied,
    asked,
    view,
    name,
    fieldOf: (substitution, field) =>
      varied.includes(substitution)
        ? `factors[${varied.indexOf(substitution)}].change.${field}`
        : `beside[${beside.indexOf(substitution)}].${field}`,
  };
}

import type { AnswerView } from "../formula";

const HERE =
  /^(changes|change|second|beside|limits|goal|free|flours|wanted|atMostFlours|out|allergen|lots|near|from$|to$|of$|rungs)/;

/** Faults of what is typed at this station are said beside it, once; those of the formula are said as everywhere. */
export function besideTheForm<T>(view: AnswerView<T>): AnswerView<T> {
  const here = view.problem?.faults?.every(({ line, field }) => line == null && HERE.test(field));
  return here ? { ...view, problem: null, toCorrect: true } : view;
}

import { type AnswerView, besideTheForm } from "../formula";

const HERE =
  /^(changes|change|second|beside|limits|goal|free|flours|wanted|atMostFlours|out|allergen|lots|near|from$|to$|of$|rungs)/;

/** Faults of what is typed at this station are said beside it. */
export function besideItsForm<T>(view: AnswerView<T>): AnswerView<T> {
  return besideTheForm(view, HERE);
}

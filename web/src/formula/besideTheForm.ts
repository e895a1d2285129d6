import type { AnswerView } from "./useBalance";

/** Faults of what is typed beside an answer are said there, once; those of the formula are said as everywhere. */
export function besideTheForm<T>(view: AnswerView<T>, here: RegExp): AnswerView<T> {
  const all = view.problem?.faults?.every(({ line, field }) => line == null && here.test(field));
  return all ? { ...view, problem: null, toCorrect: true } : view;
}

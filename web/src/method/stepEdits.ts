import type { StepEdit } from "../api";

/** What a formula changes of one usual step, with more changed; an edit that says nothing any more is taken away. */
export function edited(edits: StepEdit[], step: string, more: Partial<StepEdit>): StepEdit[] {
  const before = edits.find((each) => each.step === step);
  const now = { ...(before ?? { step }), ...more };
  const says = now.leftOut === true || now.words != null || now.minutes != null;
  const others = edits.filter((each) => each.step !== step);
  return says ? [...others, now] : others;
}

/**
 * Where the edit of a step stands in the list: by its key, or for an added one by its place among the added as the run sheet
 * orders them. Those of one step keep the order of the list; those after a step that is not there come first.
 *
 * @param place place of the step among the added ones; below 0 for a usual step
 * @param keys keys of the run sheet's steps, in order
 */
export function editOf(edits: StepEdit[], key: string, place: number, keys: string[]): number {
  if (place < 0) {
    return edits.findIndex((each) => each.step === key);
  }
  const added = edits.flatMap((each, at) =>
    each.step == null ? [{ at, after: each.after == null ? -1 : keys.indexOf(each.after) }] : [],
  );
  added.sort((one, other) => one.after - other.after || one.at - other.at);
  return added[place]?.at ?? -1;
}

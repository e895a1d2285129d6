import type { PlanSpec, ServingSpec, WorkerSpec } from "../api";

/** What is being planned. Names of formulas are kept for the form only; they are not sent. */
export interface Draft {
  spec: PlanSpec;
  names: Record<number, string>;
}

const KEY = "verdamen.plan";

/** What was being planned when the page was left; null for nothing, or what can no longer be read. */
export function kept(): Draft | null {
  try {
    const text = localStorage.getItem(KEY);
    const draft = text === null ? null : (JSON.parse(text) as Partial<Draft>);
    return draft?.spec && draft.names ? { spec: draft.spec, names: draft.names } : null;
  } catch {
    return null;
  }
}

export function keep(draft: Draft): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(draft));
  } catch {
    // A full or forbidden store only means that the plan is not there again after a reload.
  }
}

export const servingsOf = (spec: PlanSpec) => (spec.servings ?? []).filter((each) => each !== null);
export const workersOf = (spec: PlanSpec) => (spec.workers ?? []).filter((each) => each !== null);
export const pinsOf = (spec: PlanSpec) => (spec.pins ?? []).filter((each) => each !== null);

/** Whether there is enough to plan: something to serve, and for all of it a time. */
export const canBePlanned = (spec: PlanSpec) =>
  servingsOf(spec).length > 0 && servingsOf(spec).every(({ due }) => due !== null && due !== undefined);

const changed = <T>(list: T[], at: number, to: Partial<T>) =>
  list.map((each, index) => (index === at ? { ...each, ...to } : each));

export const withServing = (spec: PlanSpec, at: number, to: Partial<ServingSpec>): PlanSpec => ({
  ...spec,
  servings: changed(servingsOf(spec), at, to),
});

/** Without a serving; pins belong to servings by their number, so those behind it move up with them. */
export function withoutServing(spec: PlanSpec, at: number): PlanSpec {
  const pins = pinsOf(spec).flatMap((pin) => {
    const [serving = "", ...task] = (pin.task ?? "").split("/");
    const number = Number(serving.slice(1)) - 1;
    return number === at ? [] : [{ ...pin, task: [`s${number > at ? number : number + 1}`, ...task].join("/") }];
  });
  return { ...spec, servings: servingsOf(spec).filter((_, index) => index !== at), pins };
}

export const withWorker = (spec: PlanSpec, at: number, to: Partial<WorkerSpec>): PlanSpec => ({
  ...spec,
  workers: changed(workersOf(spec), at, to),
});

export const withoutWorker = (spec: PlanSpec, at: number): PlanSpec => ({
  ...spec,
  workers: workersOf(spec).filter((_, index) => index !== at),
});

/** With a task that begins then; no longer pinned without a time. */
export const withPin = (spec: PlanSpec, task: string, start: number | null): PlanSpec => ({
  ...spec,
  pins: [...pinsOf(spec).filter((pin) => pin.task !== task), ...(start === null ? [] : [{ task, start }])],
});

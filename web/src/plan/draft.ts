import type { PlanSpec, ProblemFault, SavedDay, ServingSpec, WorkerSpec } from "../api";

/** What is being planned. Names of formulas are kept for the form only; they are not sent. */
export interface Draft {
  spec: PlanSpec;
  names: Record<number, string>;
  name: string;
  /** Which day it is, as a field for dates writes it. */
  day: string;
  /** As it was saved last; null for what was never saved. */
  saved: Saved | null;
}

interface Saved {
  id: number;
  revision: number;
  running: boolean;
  /** What of it was saved, as text to compare with. */
  as: string;
}

/** Today, as a field for dates writes it. */
export const today = () => new Date().toLocaleDateString("sv-SE");

/** A day of which nothing is known yet. */
export const newDraft = (usual: PlanSpec): Draft => ({ spec: usual, names: {}, name: "", day: today(), saved: null });

const asText = ({ name, day, spec }: Pick<Draft, "name" | "day" | "spec">) => JSON.stringify([name.trim(), day, spec]);

/** Whether nothing of it has changed since it was saved. */
export const isSaved = (draft: Draft) => draft.saved !== null && draft.saved.as === asText(draft);

/** A day as it is saved, to be worked on. */
export function draftOf({ id, name, day, spec, names, revision, running }: SavedDay): Draft {
  return { spec, names, name, day, saved: { id, revision, running, as: asText({ name, day, spec }) } };
}

/** The draft once it is saved as it was sent; what was typed meanwhile stays. */
export function afterSaving(now: Draft, sent: Draft, { id, revision, running }: SavedDay): Draft {
  return { ...now, saved: { id, revision, running, as: asText(sent) } };
}

const KEY = "verdamen.plan";

/** What was being planned when the page was left; null for nothing, or what can no longer be read. */
export function kept(): Draft | null {
  try {
    const text = localStorage.getItem(KEY);
    const draft = text === null ? null : (JSON.parse(text) as Partial<Draft>);
    return draft?.spec && draft.names
      ? {
          spec: draft.spec,
          names: draft.names,
          name: draft.name ?? "",
          day: draft.day ?? today(),
          saved: draft.saved ?? null,
        }
      : null;
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

/** Whether there is anything to ask: what is wrong is said before all of it is there. */
export const isServed = (spec: PlanSpec) => servingsOf(spec).length > 0;

/** Whether there is enough to plan: something to serve, and for all of it a time. */
export const canBePlanned = (spec: PlanSpec) =>
  isServed(spec) && servingsOf(spec).every(({ due }) => due !== null && due !== undefined);

/** Whether a fault only says that a time is not there yet, which the form asks for anyway. */
export const isTimeToCome = ({ field, code }: ProblemFault) => field === "due" && code === "missing";

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

const MINUTES_PER_HOUR = 60;

/** The minute of the day it is now; null on another day. */
export function minuteNow(day: string) {
  const now = new Date();
  return day === today() ? now.getHours() * MINUTES_PER_HOUR + now.getMinutes() : null;
}

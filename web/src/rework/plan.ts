import type { LadderRequest, MostRequest, SubstituteRequest, TrialRequest } from "../api";
import {
  ADDED,
  type Draft,
  filledLines,
  newKey,
  type Plan,
  type PlannedLadder,
  type PlannedLimit,
  type PlannedSubstitution,
  type PlannedTrials,
} from "../formula";
import { asSent, type NumberEntry } from "../parts";

type Change = NonNullable<SubstituteRequest["changes"]>[number];

export const BASES = [
  { code: "grams", name: "gram for gram" },
  { code: "dry-matter", name: "equal dry matter" },
  { code: "role", name: "equal in what it is there for" },
];

/** The goals of which one inclusion can be meant. */
export const OF_INCLUSIONS = ["inclusionGrams", "inclusionPct"];

export const NO_LADDER: PlannedLadder = {
  raised: null,
  second: null,
  fromPct: null,
  toPct: null,
  rungs: null,
};

export const NO_TRIALS: PlannedTrials = {
  name: "",
  seed: "",
  centre: false,
  rounds: null,
  unmeasured: [],
  levels: {},
  picked: null,
};

/** What is tried, of a draft that has nothing yet: one substitution to choose. */
export function planOf(draft: Draft): Plan {
  return draft.plan ?? { substitutions: [emptySubstitution("plan-1")], without: [] };
}

export function emptySubstitution(key: string = newKey()): PlannedSubstitution {
  return { key, line: "", by: "", form: null, sharePct: null, basis: "grams" };
}

/** The substitutions of which it is chosen what they are; how much may be missing. */
export function chosenOf(plan: Plan, draft: Draft): PlannedSubstitution[] {
  const keys = filledLines(draft.lines).map(({ key }) => key);
  return plan.substitutions.filter(({ line, by }) => (line === ADDED || keys.includes(line)) && by !== "");
}

/** The substitutions that are chosen as a whole. */
export function completeOf(plan: Plan, draft: Draft): PlannedSubstitution[] {
  return chosenOf(plan, draft).filter(({ sharePct }) => sharePct !== null);
}

/** A substitution as the server is asked; lines are named by their place. */
export function changeOf({ line, by, form, sharePct, basis }: PlannedSubstitution, draft: Draft): Change {
  const share = fractionOf(sharePct);
  return line === ADDED
    ? { add: by, form, share }
    : { line: filledLines(draft.lines).findIndex(({ key }) => key === line), by, form, share, basis };
}

/** The substitutions that are chosen as a whole, as the server is asked. */
export function changesOf(plan: Plan, draft: Draft): Change[] {
  return completeOf(plan, draft).map((each) => changeOf(each, draft));
}

/** The ladder of what is chosen, as the server is asked; null when there is nothing to raise. */
export function ladderOf(plan: Plan, draft: Draft, formula: LadderRequest["formula"]): LadderRequest | null {
  const ladder = plan.ladder ?? NO_LADDER;
  const { raised, second, beside } = climbedOf(plan, draft);
  if (!raised) {
    return null;
  }
  return {
    formula,
    change: { ...changeOf(raised, draft), share: null },
    from: fractionOf(ladder.fromPct),
    to: fractionOf(ladder.toPct),
    rungs: asSent(ladder.rungs),
    beside: beside.map((each) => changeOf(each, draft)),
    limits: limitsOf(plan),
    without: plan.without,
    second: second ? { change: { ...changeOf(second, draft), share: null } } : null,
  };
}

/** What each substitution does in a ladder. */
export interface Climbed {
  /** The one that is raised: the one that was said, or the first of which it is chosen what it is. */
  raised?: PlannedSubstitution;
  /** The one that is raised beside it, as a field. */
  second?: PlannedSubstitution;
  /** Those that stay as they are on every rung. */
  beside: PlannedSubstitution[];
}

export function climbedOf(plan: Plan, draft: Draft): Climbed {
  const chosen = chosenOf(plan, draft);
  const raised = chosen.find(({ key }) => key === plan.ladder?.raised) ?? chosen[0];
  const second = chosen.find(({ key }) => key === plan.ladder?.second && key !== raised?.key);
  return { raised, second, beside: completeOf(plan, draft).filter((each) => each !== raised && each !== second) };
}

/** Whether two shares are the same but for the last digits. */
export function isSameShare(one: number, other: number | null): boolean {
  return other !== null && Math.abs(one - other) < 1e-6;
}

/** The substitution whose rungs were picked for a series of trials; nothing when two levels are tried of each. */
export function pickedOf(plan: Plan, draft: Draft): PlannedSubstitution | undefined {
  const picked = plan.trials?.picked;
  return picked && picked.shares.length > 0 ? chosenOf(plan, draft).find(({ key }) => key === picked.key) : undefined;
}

/** A rung taken into a series of trials, or out of it. */
export function withRung(plan: Plan, key: string, share: number): Plan {
  const trials = plan.trials ?? NO_TRIALS;
  const before = trials.picked?.key === key ? trials.picked.shares : [];
  const without = before.filter((each) => !isSameShare(each, share));
  const shares = without.length < before.length ? without : [...before, share].sort((one, other) => one - other);
  return { ...plan, trials: { ...trials, picked: shares.length > 0 ? { key, shares } : null } };
}

/** Whether both levels of a substitution are said, or what stands in for them. */
export function hasLevels({ key, sharePct }: PlannedSubstitution, { trials }: Plan): boolean {
  return sharePct !== null || (trials?.levels[key]?.highPct ?? null) !== null;
}

/** The series of trials, as the server is asked; null when nothing is varied, or it is not said how far. */
export function trialsOf(
  plan: Plan,
  draft: Draft,
  formula: TrialRequest["formula"],
  measures: string[],
): TrialRequest | null {
  const trials = plan.trials ?? NO_TRIALS;
  const picked = pickedOf(plan, draft);
  const chosen = chosenOf(plan, draft);
  const varied = picked ? [picked] : chosen;
  return varied.length === 0 || !(picked || varied.every((each) => hasLevels(each, plan)))
    ? null
    : {
        formula,
        name: trials.name || null,
        seed: trials.seed || null,
        centre: !picked && trials.centre,
        rounds: asSent(trials.rounds),
        measures: measures.filter((code) => !trials.unmeasured.includes(code)),
        without: plan.without,
        factors: varied.map((each) => ({
          change: changeOf(each, draft),
          lowShare: picked ? null : fractionOf(trials.levels[each.key]?.lowPct ?? null),
          highShare: picked ? null : fractionOf(trials.levels[each.key]?.highPct ?? null),
          shares: picked ? (trials.picked?.shares ?? null) : null,
        })),
        beside: completeOf(plan, draft)
          .filter((each) => !varied.includes(each))
          .map((each) => changeOf(each, draft)),
      };
}

/** What the most is looked for of, as the server is asked; null as long as nothing is said. */
export function searchOf(plan: Plan, draft: Draft, formula: MostRequest["formula"]): MostRequest | null {
  const keys = filledLines(draft.lines).map(({ key }) => key);
  const free = (plan.search?.free ?? []).filter(({ line }) => keys.includes(line));
  return plan.search?.goal && free.length > 0
    ? {
        formula,
        goal: plan.search.goal,
        of: (OF_INCLUSIONS.includes(plan.search.goal) && plan.search.of) || null,
        free: free.map(({ line, low, high }) => ({
          line: keys.indexOf(line),
          low: asSent(low),
          high: asSent(high),
        })),
        limits: limitsOf(plan),
        without: withWater(plan.without),
      }
    : null;
}

/** Whether a limit says anything: one that was only added does not as yet. */
export function isSaid({ ends, atLeast, atMost }: PlannedLimit): boolean {
  return ends.some((end) => (end === "atLeast" ? atLeast : atMost) !== null);
}

function limitsOf(plan: Plan) {
  return plan.limits?.filter(isSaid).map(limitOf) ?? null;
}

function limitOf({ figure, atLeast, atMost }: PlannedLimit) {
  return { figure, atLeast: asSent(atLeast), atMost: asSent(atMost) };
}

/** What does not go along, where water always does. */
export function withWater(without: string[]): string[] {
  return without.filter((kind) => kind !== "water");
}

/** A share from percent; text that is no number goes as it is, and the server says so. */
export function fractionOf(pct: NumberEntry): number | null {
  return typeof pct === "number" ? pct / 100 : asSent(pct);
}

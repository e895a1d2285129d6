import type { LadderRequest, MostRequest, SubstituteRequest } from "../api";
import {
  ADDED,
  type Draft,
  filledLines,
  newKey,
  type Plan,
  type PlannedLadder,
  type PlannedLimit,
  type PlannedSubstitution,
} from "../formula";
import { asSent, type NumberEntry } from "../parts";

type Change = NonNullable<SubstituteRequest["changes"]>[number];

export const BASES = [
  { code: "grams", name: "gram for gram" },
  { code: "dry-matter", name: "equal dry matter" },
  { code: "role", name: "equal in what it is there for" },
];

export const NO_LADDER: PlannedLadder = {
  raised: null,
  second: null,
  fromPct: null,
  toPct: null,
  rungs: null,
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
  const raised = raisedOf(plan, draft);
  if (!raised) {
    return null;
  }
  const second = chosenOf(plan, draft).find(({ key }) => key === ladder.second && key !== raised.key);
  const beside = completeOf(plan, draft).filter((each) => each !== raised && each !== second);
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

/** The substitution that is raised: the one that was said, or the first of which it is chosen what it is. */
export function raisedOf(plan: Plan, draft: Draft): PlannedSubstitution | undefined {
  const chosen = chosenOf(plan, draft);
  return chosen.find(({ key }) => key === plan.ladder?.raised) ?? chosen[0];
}

/** What the most is looked for of, as the server is asked; null as long as nothing is said. */
export function searchOf(plan: Plan, draft: Draft, formula: MostRequest["formula"]): MostRequest | null {
  const keys = filledLines(draft.lines).map(({ key }) => key);
  const free = (plan.search?.free ?? []).filter(({ line }) => keys.includes(line));
  return plan.search?.goal && free.length > 0
    ? {
        formula,
        goal: plan.search.goal,
        free: free.map(({ line, low, high }) => ({
          line: keys.indexOf(line),
          low: asSent(low),
          high: asSent(high),
        })),
        limits: limitsOf(plan),
        without: plan.without,
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

/** A share from percent; text that is no number goes as it is, and the server says so. */
function fractionOf(pct: NumberEntry): number | null {
  return typeof pct === "number" ? pct / 100 : asSent(pct);
}

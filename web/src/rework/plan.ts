import type { SubstituteRequest } from "../api";
import { type Draft, filledLines, newKey, type Plan, type PlannedSubstitution } from "../formula";

export const BASES = [
  { code: "grams", name: "gram for gram" },
  { code: "dry-matter", name: "equal dry matter" },
  { code: "role", name: "equal in what it is there for" },
];

/** What is tried, of a draft that has nothing yet: one substitution to choose. */
export function planOf(draft: Draft): Plan {
  return draft.plan ?? { substitutions: [emptySubstitution("plan-1")], without: [] };
}

export function emptySubstitution(key: string = newKey()): PlannedSubstitution {
  return { key, line: "", by: "", form: null, sharePct: null, basis: "grams" };
}

/** The substitutions that are chosen as a whole, as the server is asked; lines are named by their place. */
export function changesOf(plan: Plan, draft: Draft): NonNullable<SubstituteRequest["changes"]> {
  const keys = filledLines(draft.lines).map(({ key }) => key);
  return plan.substitutions
    .filter(({ line, by, sharePct }) => keys.includes(line) && by !== "" && sharePct !== null)
    .map(({ line, by, form, sharePct, basis }) => ({
      line: keys.indexOf(line),
      by,
      form,
      share: typeof sharePct === "number" ? sharePct / 100 : (sharePct as unknown as number),
      basis,
    }));
}

/** The substitution that a change was made of: incomplete ones are not among the changes. */
export function substitutionOfChange(plan: Plan, draft: Draft, change: number): PlannedSubstitution | undefined {
  const keys = filledLines(draft.lines).map(({ key }) => key);
  return plan.substitutions.filter(({ line, by, sharePct }) => keys.includes(line) && by !== "" && sharePct !== null)[
    change
  ];
}

import type { FormulaDocument, FormulaSummary } from "../api";

export type FormulaState = FormulaSummary["state"];

/** Where a formula stands in the kitchen's work. */
export const STATES: { code: FormulaState; name: string; mark: string }[] = [
  { code: "draft", name: "draft", mark: "◌" },
  { code: "on-trial", name: "on trial", mark: "◐" },
  { code: "in-use", name: "in use", mark: "●" },
  { code: "set-aside", name: "set aside", mark: "—" },
];

export function stateName(code: FormulaState): string {
  return STATES.find((state) => state.code === code)?.name ?? code;
}

export function stateMark(code: FormulaState): string {
  return STATES.find((state) => state.code === code)?.mark ?? "";
}

export type VersionStanding = FormulaDocument["version"]["standing"];

const STANDINGS: Record<VersionStanding, { name: string; step: string }> = {
  draft: { name: "draft", step: "Back to a draft" },
  trial: { name: "on trial", step: "Put on trial" },
  candidate: { name: "candidate", step: "Make it a candidate" },
  released: { name: "released, locked", step: "Release" },
  "set-aside": { name: "set aside", step: "Set aside" },
};

/** How far a version has come. */
export function standingName(code: VersionStanding): string {
  return STANDINGS[code].name;
}

/** The step to it, as a button says it. */
export function standingStep(from: VersionStanding, to: VersionStanding): string {
  if (from === "set-aside") {
    return "Take it up again";
  }
  return from === "candidate" && to === "trial" ? "Back on trial" : STANDINGS[to].step;
}

import type { FormulaSummary } from "../api";

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

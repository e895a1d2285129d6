export { FormulasPage } from "./FormulasPage";
export { FormulaHeader } from "./FormulaHeader";
export { LineTable } from "./LineTable";
export { IngredientPicker } from "./IngredientPicker";
export { MethodSettings } from "./MethodSettings";
export { type AnswerView, useAnswer, useBalance } from "./useBalance";
export { useEditor, type Editor } from "./useEditor";
export { beginNewFormulaFrom } from "./newFormula";
export { SaidThen } from "./SaidThen";
export { Station } from "./Station";
export { Faults } from "./faults";
export {
  type Draft,
  type DraftLine,
  type DraftSettings,
  draftOfSpec,
  emptyDraft,
  filledLines,
  measuredWith,
  newKey,
  ADDED,
  type Plan,
  type PlannedBlend,
  type PlannedFlour,
  type PlannedLadder,
  type PlannedMatch,
  type DraftPortion,
  type PlannedPortion,
  type DraftFilled,
  type PlannedShapes,
  type PlannedWant,
  type PlannedFreeAmount,
  type PlannedLimit,
  type PlannedSearch,
  type PlannedSubstitution,
  type PlannedTrials,
  picks,
  weighed,
} from "./draft";
export { PreparedName } from "./PreparedName";
export { boughtFor } from "./bought";
export { ActionButton, CurrentContext, useCurrent } from "./current";
export { besideTheForm } from "./besideTheForm";
export { StationAnswer } from "./StationAnswer";
export { FORMULA_CHANGE } from "./useBalance";
export { type AskedEdit, useFormulaEdit } from "./useFormulaEdit";
export { isInDough } from "./isInDough";
export { VesselForm } from "./VesselForm";
export { LineNote } from "./LineNote";
export { FormulaFinder } from "./FormulaFinder";
export { keepReason } from "./reason";
export { standingName, standingStep, type VersionStanding } from "./states";

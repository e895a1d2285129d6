export { FormulasPage } from "./FormulasPage";
export { FormulaHeader } from "./FormulaHeader";
export { LineTable } from "./LineTable";
export { MethodSettings } from "./MethodSettings";
export { useEditor, type Editor } from "./useEditor";
export type { Draft, DraftLine } from "./draft";

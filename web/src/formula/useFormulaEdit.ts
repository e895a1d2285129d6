import { useMutation } from "@tanstack/react-query";
import { api, type EditedFormula, type FormulaEdit, taken } from "../api";
import { useFigures } from "../figures";
import { useNotices } from "../parts";
import { FORMULA_CHANGE } from "./useBalance";
import type { Editor } from "./useEditor";

/** What an edit that follows a rule of the job needs to say; the rest of its fields are absent. */
export type AskedEdit = Partial<FormulaEdit> & Pick<FormulaEdit, "kind">;

/**
 * Changes the formula by a rule of the job: the core does it to the formula as it is on the page. When something was typed
 * before the answer came, the answer is left and said so.
 */
export function useFormulaEdit(editor: Editor) {
  const notify = useNotices();
  const figures = useFigures();
  return useMutation({
    mutationKey: FORMULA_CHANGE,
    mutationFn: async (edit: AskedEdit) => {
      const of = editor.draft;
      const edited = await taken(api.POST("/api/edits", { body: { formula: editor.balanced, edit } }));
      return { of, edited, edit };
    },
    onSuccess: ({ of, edited, edit }) => {
      editor.edit({ kind: "spec", spec: edited.formula, of });
      if (edit.kind === "set-water") {
        notify(waterNotice(edited, figures.mass));
      } else if (edit.kind === "set-water-temperature" && edited.formula.waterTemperatureC != null) {
        notify(`Water set to ${figures.temperature(edited.formula.waterTemperatureC)}.`);
      }
    },
  });
}

function waterNotice({ changes }: EditedFormula, mass: (grams: number) => string): string {
  const said = changes.map(({ line, after }) => `line ${line + 1} ${mass(after ?? 0)}`);
  return said.length === 0 ? "The water is right as it is." : `Water set: ${said.join(", ")}.`;
}

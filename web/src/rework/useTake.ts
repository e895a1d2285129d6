import type { FormulaSpec } from "../api";
import type { Editor } from "../formula";
import { useNotices } from "../parts";

/** Takes an answer's formula into the one that is edited, as one edit, with the note of its next version. */
export function useTake(editor: Editor) {
  const notify = useNotices();
  return (spec: FormulaSpec, versionNote: string) => {
    editor.edit({ kind: "spec", spec, of: editor.draft, versionNote });
    notify("Taken into the formula. Save it as a version: the note is written.");
  };
}

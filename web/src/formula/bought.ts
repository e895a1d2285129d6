import type { PantryDocument } from "../api";
import type { DraftLine } from "./draft";
import type { Editor } from "./useEditor";

/** Name of what the preparation of a line begins with. */
export function boughtFor(line: DraftLine, editor: Editor, pantry: PantryDocument): string {
  const code = editor.draft.preps?.find(({ key }) => key === line.prep)?.ingredient;
  return pantry.ingredients.find((each) => each.code === code)?.name ?? "from a preparation";
}

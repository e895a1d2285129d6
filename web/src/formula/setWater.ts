import type { PantryDocument } from "../api";
import type { DraftLine } from "./draft";
import type { Editor } from "./useEditor";

/** Whether a line belongs to the dough itself. */
export function isInDough(line: DraftLine): boolean {
  return line.part == null || line.part === "dough";
}

/** Sets the plain water of the bowl to so many grams: on its first water line, others emptied, or on a new one. */
export function setWater(editor: Editor, pantry: PantryDocument, grams: number): void {
  const amount = Math.max(0, Math.round(grams));
  const plain = new Set(pantry.ingredients.filter(({ plainWater }) => plainWater).map(({ code }) => code));
  const lines = editor.draft.lines.flatMap((line, index) =>
    plain.has(line.ingredient) && isInDough(line) ? [index] : [],
  );
  if (lines.length === 0) {
    const [water] = plain;
    editor.edit({ kind: "add", line: { ingredient: water ?? "", grams: amount } });
    return;
  }
  editor.edit({
    kind: "lines",
    patches: lines.map((index, place) => ({ index, patch: { grams: place === 0 ? amount : 0, sd: null } })),
  });
}

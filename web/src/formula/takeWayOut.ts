import type { Filling, WayOut } from "../api";
import type { DraftLine } from "./draft";
import type { Editor } from "./useEditor";

type LineChange = WayOut["changes"][number];
type Remedy = WayOut["remedy"];

/** Does what a way out of too much water does to the lines: one edit, undone at once. */
export function takeWayOut(editor: Editor, remedy: Remedy, changes: LineChange[]): void {
  const { lines, preps } = editor.draft;
  editor.edit({
    kind: "draft",
    patch: {
      lines: lines.map((line, index) => changes.filter((change) => change.line === index).reduce(changedLine, line)),
      preps: changes.reduce((chains, change) => withStep(chains, lines[change.line]?.prep, remedy, change), preps),
    },
  });
}

/** Stirs a flour into the filling that is not in it yet. */
export function addToFilling(editor: Editor, { ingredient, grams }: Filling["waysOut"][number]): void {
  editor.edit({ kind: "add", line: { ingredient, grams, part: "filling" } });
}

function changedLine(line: DraftLine, { grams, form, waterPct, prepGrams }: LineChange): DraftLine {
  if (prepGrams != null) {
    return line.grams === null ? line : { ...line, grams };
  }
  return { ...line, grams, sd: null, ...(waterPct == null ? {} : { form, waterPct }) };
}

/** A line that a preparation fills is pressed or cooked down there. */
function withStep(preps: Editor["draft"]["preps"], key: string | null | undefined, remedy: Remedy, { prepGrams }: LineChange) {
  return prepGrams == null
    ? preps
    : preps?.map((chain) =>
        chain.key === key ? { ...chain, steps: [...(chain.steps ?? []), { kind: remedy, liquidGrams: prepGrams }] } : chain,
      );
}

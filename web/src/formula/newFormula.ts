import { type Draft, emptyDraft } from "./draft";
import { beginNewFormula, draftKey, storeDraft } from "./draftStorage";
import { started } from "./history";

/** Begins another new formula that holds a draft; whatever else is unsaved stays as it is. */
export function beginNewFormulaFrom(draft: Draft, station: string): void {
  storeDraft(draftKey(beginNewFormula(), null), {
    baseNumber: null,
    knownLatest: null,
    base: emptyDraft(draft.style),
    history: started(draft),
    station,
    storedAt: Date.now(),
  });
}

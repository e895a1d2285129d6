import type { Caution, RecipeNotes } from "../api";
import type { Editor } from "../formula";

const WHO = "verdamen.who";

/** Who acknowledged last on this machine: a role, such as Bench or Mill. */
export function lastWho(): string {
  return localStorage.getItem(WHO) ?? "";
}

/** Notes that somebody has read a caution. It stays readable, and comes back when its cause changes. */
export function acknowledge(editor: Editor, caution: Caution, who: string): void {
  localStorage.setItem(WHO, who);
  const others = (editor.draft.notes?.acknowledged ?? []).filter((each) => each.caution !== caution.code);
  const read = { caution: caution.code, cause: caution.cause, who, at: new Date().toISOString() };
  editor.edit({ kind: "notes", patch: { acknowledged: [...others, read] } as Partial<RecipeNotes> });
}

import type { ChainSpec, StepSpec } from "../api";
import type { Editor } from "../formula";

/** Changes one chain of the formula. */
export function editChain(editor: Editor, index: number, patch: Partial<ChainSpec>, tag?: string): void {
  const preps = (editor.draft.preps ?? []).map((chain, at) => (at === index ? { ...chain, ...patch } : chain));
  editor.edit({ kind: "draft", patch: { preps }, tag: tag && `prep ${index} ${tag}` });
}

/** Changes one step of a chain. */
export function editStep(editor: Editor, index: number, step: number, patch: Partial<StepSpec>, tag?: string): void {
  const steps = (editor.draft.preps?.[index]?.steps ?? []).map((each, at) =>
    at === step ? { ...each, ...patch } : each,
  );
  editChain(editor, index, { steps }, tag && `${step} ${tag}`);
}

/** Moves a step along its chain. */
export function moveStep(editor: Editor, index: number, from: number, to: number): void {
  const steps = editor.draft.preps?.[index]?.steps ?? [];
  const step = steps[from];
  if (step && to >= 0 && to < steps.length) {
    editChain(editor, index, { steps: steps.toSpliced(from, 1).toSpliced(to, 0, step) });
  }
}

/** Removes a chain, with the lines that it fills. */
export function removeChain(editor: Editor, index: number): void {
  const key = editor.draft.preps?.[index]?.key;
  editor.edit({
    kind: "draft",
    patch: {
      preps: (editor.draft.preps ?? []).toSpliced(index, 1),
      lines: editor.draft.lines.filter((line) => line.prep == null || line.prep !== key),
    },
  });
}

/** Puts what a chain gives on a line of its own: so much of it, or all that is left. */
export function linkChain(editor: Editor, key: string, part: string | null, grams: number | null = null): void {
  editor.edit({ kind: "add", line: { prep: key, part, grams } });
}

/** Adds a step at the end of a chain. */
export function addStep(editor: Editor, index: number, kind: string): void {
  editChain(editor, index, { steps: [...(editor.draft.preps?.[index]?.steps ?? []), { kind }] });
}

/** Removes a step from a chain. */
export function removeStep(editor: Editor, index: number, step: number): void {
  editChain(editor, index, { steps: (editor.draft.preps?.[index]?.steps ?? []).toSpliced(step, 1) });
}

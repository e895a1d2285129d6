import type { KeyboardEvent } from "react";
import type { Editor } from "../formula";
import { arrowStep, useDrawingDrag } from "../parts";
import type { Block } from "./beamGeometry";

const LEAST_HEIGHT = 2;

/** Lets a block of the beam be dragged or moved with the arrow keys: its line's weight follows. */
export function useBlockDrag(block: Block, perGram: number, editor: Editor, onHold: (holding: boolean) => void) {
  const { line, source } = block.row;
  // What a preparation or the bench puts in follows from there: it is not weighed into the bowl by itself.
  const own = source === "ASKED" && !editor.draft.lines[line]?.prep;
  const key = own ? editor.draft.lines[line]?.key : undefined;

  const setGrams = (grams: number, tag: string) => {
    if (key !== undefined) {
      editor.edit({ kind: "line", key, patch: { grams: Math.max(0, Math.round(grams)) }, tag });
    }
  };
  const lineGrams = () => {
    const grams = editor.draft.lines[line]?.grams;
    return typeof grams === "number" ? grams : 0;
  };
  const drag = useDrawingDrag({
    onStart: () => {
      onHold(true);
      return {
        grams: lineGrams(),
        height: Math.max(LEAST_HEIGHT, block.grams * perGram),
        tag: `drag ${key} ${Date.now()}`,
      };
    },
    onMove: (held, _, down) => setGrams((held.grams * (held.height - down)) / held.height, held.tag),
    onEnd: () => onHold(false),
  });

  return {
    ...drag,
    onKeyDown: (event: KeyboardEvent) => {
      const step = arrowStep(event);
      if (step !== undefined) {
        setGrams(lineGrams() + step, `keys ${key}`);
      }
    },
  };
}

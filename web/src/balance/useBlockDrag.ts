import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import type { Editor } from "../formula";
import type { Block } from "./beamGeometry";

const STEP = 1;
const LARGE_STEP = 10;
const LEAST_HEIGHT = 2;

/** Lets a block of the beam be dragged or moved with the arrow keys: its line's weight follows. */
export function useBlockDrag(block: Block, perGram: number, editor: Editor, onHold: (holding: boolean) => void) {
  const from = useRef<{ y: number; grams: number; height: number; unit: number } | null>(null);
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

  return {
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      const drawing = event.currentTarget.ownerSVGElement;
      const matrix = drawing?.getScreenCTM();
      if (!matrix || event.button !== 0) {
        return;
      }
      event.currentTarget.setPointerCapture(event.pointerId);
      const height = Math.max(LEAST_HEIGHT, block.grams * perGram);
      from.current = { y: event.clientY, grams: lineGrams(), height, unit: matrix.d };
      onHold(true);
    },
    onPointerMove: (event: PointerEvent<SVGGElement>) => {
      const start = from.current;
      if (start) {
        const grown = start.height + (start.y - event.clientY) / start.unit;
        setGrams((start.grams * grown) / start.height, `drag ${key} ${start.y}`);
      }
    },
    onPointerUp: () => {
      from.current = null;
      onHold(false);
    },
    onPointerCancel: () => {
      from.current = null;
      onHold(false);
    },
    onKeyDown: (event: KeyboardEvent) => {
      const way = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
      if (way !== undefined && !event.altKey) {
        event.preventDefault();
        setGrams(lineGrams() + way * (event.shiftKey ? LARGE_STEP : STEP), `keys ${key}`);
      }
    },
  };
}

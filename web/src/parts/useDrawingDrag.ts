import { type KeyboardEvent, type PointerEvent, useRef } from "react";

const STEP = 1;
const LARGE_STEP = 10;

interface DragHandlers<Held> {
  /** What is remembered of the moment when it is taken hold of. */
  onStart: () => Held;
  /** How far it has come since, in units of the drawing, down and right above 0. */
  onMove: (held: Held, right: number, down: number) => void;
  onEnd?: () => void;
}

/** Follows a pointer that drags a part of a drawing. The scale is that of the moment when it was taken hold of. */
export function useDrawingDrag<Held>({ onStart, onMove, onEnd }: DragHandlers<Held>) {
  const held = useRef<{ x: number; y: number; unitX: number; unitY: number; what: Held } | null>(null);
  const end = () => {
    if (held.current) {
      held.current = null;
      onEnd?.();
    }
  };
  return {
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      const matrix = event.currentTarget.ownerSVGElement?.getScreenCTM();
      if (!matrix || event.button !== 0) {
        return;
      }
      event.currentTarget.setPointerCapture(event.pointerId);
      held.current = { x: event.clientX, y: event.clientY, unitX: matrix.a, unitY: matrix.d, what: onStart() };
    },
    onPointerMove: (event: PointerEvent<SVGGElement>) => {
      const start = held.current;
      if (start) {
        onMove(start.what, (event.clientX - start.x) / start.unitX, (event.clientY - start.y) / start.unitY);
      }
    },
    onPointerUp: end,
    onPointerCancel: end,
  };
}

/** How far an arrow key moves what has the focus: up and right above 0, ten times as far with Shift; nothing for other keys. */
export function arrowStep(event: KeyboardEvent): number | undefined {
  const way = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
  if (way === undefined || event.altKey) {
    return undefined;
  }
  event.preventDefault();
  return way * (event.shiftKey ? LARGE_STEP : STEP);
}

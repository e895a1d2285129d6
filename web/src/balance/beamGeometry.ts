import type { BalanceAnswer, LedgerRow } from "../api";

/** The drawing of the beam: places and sizes in units of its view box. Nothing here is a rule of the job. */
export const VIEW = { width: 780, height: 400 };
export const PIVOT = { x: 390, y: 164 };
export const ARM = 252;
export const CRADLE = { width: 196, link: 16, depth: 152, stack: 128 };
export const DIAL = { radius: 122, sweep: 56 };

const TILT = 7.5;
const SMALLEST_SPAN = 0.3;
const SPAN_OF_WINDOW = 1.6;
const LABEL_HEIGHT = 14.5;

/** How far the pointer stands from upright, −1 (driest shown) to 1 (wettest shown). */
export function deflection(answer: BalanceAnswer, softness: number): number {
  const { settings } = answer;
  const off = softness - settings.softnessTarget;
  return Math.max(-1, Math.min(1, off / dialSpan(settings, off < 0 ? -1 : 1)));
}

/**
 * Softness from the upright to an end of the dial: the drier, −1, or the wetter, 1. A window that reaches much further to one
 * side is drawn so on that side only, and nothing is drier than dry.
 */
export function dialSpan(settings: BalanceAnswer["settings"], end: -1 | 1): number {
  const { softnessTarget, softnessLow, softnessHigh } = settings;
  const reach = end < 0 ? softnessTarget - softnessLow : softnessHigh - softnessTarget;
  const span = Math.max(SMALLEST_SPAN, SPAN_OF_WINDOW * reach);
  return end < 0 ? Math.min(span, softnessTarget) : span;
}

/** Degrees by which the beam tips; wet tips it to the right, where what brings water hangs. */
export function tilt(turned: number): number {
  return turned * TILT;
}

/** How far an arm's end moves down (right arm, positive tilt). */
export function drop(turned: number): number {
  return ARM * Math.sin((tilt(turned) * Math.PI) / 180);
}

/** A point on the dial, `out` from the pivot, for a deflection. */
export function onDial(turned: number, out: number): { x: number; y: number } {
  const angle = (turned * DIAL.sweep * Math.PI) / 180;
  return { x: PIVOT.x + out * Math.sin(angle), y: PIVOT.y - out * Math.cos(angle) };
}

/** An arc of the dial between two deflections. */
export function arc(from: number, to: number, radius: number): string {
  const [start, end] = [onDial(from, radius), onDial(to, radius)];
  return `M${start.x} ${start.y}A${radius} ${radius} 0 0 1 ${end.x} ${end.y}`;
}

/** How long an arc of the dial is. */
export function arcLength(from: number, to: number, radius: number): number {
  return (((to - from) * DIAL.sweep * Math.PI) / 180) * radius;
}

/** A block of a pan: one line's share, from the pan upwards. */
export interface Block {
  row: LedgerRow;
  grams: number;
  y: number;
  height: number;
}

/** The blocks of a pan, stacked in the order of the lines, the first at the bottom. */
export function stack(rows: LedgerRow[], grams: (row: LedgerRow) => number, perGram: number): Block[] {
  let top = 0;
  return rows.flatMap((row) => {
    const amount = grams(row);
    if (amount <= 0) {
      return [];
    }
    const height = amount * perGram;
    top -= height;
    return [{ row, grams: amount, y: top, height }];
  });
}

/** Whether a block is high enough to carry its own label. */
export function carriesLabel(block: Block): boolean {
  return block.height >= LABEL_HEIGHT;
}

/** Places for the labels of the small blocks beside the pan: each near its block, none over another. */
export function besideLabels(blocks: Block[]): { block: Block; y: number }[] {
  const small = blocks.filter((block) => !carriesLabel(block));
  const placed: { block: Block; y: number }[] = [];
  for (const block of small) {
    const middle = block.y + block.height / 2;
    const below = placed.at(-1);
    placed.push({ block, y: below ? Math.min(middle, below.y - LABEL_HEIGHT) : middle });
  }
  return placed;
}

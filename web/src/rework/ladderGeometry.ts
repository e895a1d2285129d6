import type { LadderAnswer } from "../api";

type Rung = LadderAnswer["rungs"][number];

const HEIGHT = 390;
const TALLEST_ROW = 30;
const LABEL_GAP = 15;

/** A ladder as it is drawn: the lowest share at its foot. Lengths are in pixels. */
export interface Drawn {
  rungs: Rung[];
  height: number;
  row: number;
  /** The middle of a share's row. */
  top: (share: number) => number;
}

export function drawnOf(rungs: Rung[]): Drawn {
  const row = Math.min(TALLEST_ROW, HEIGHT / Math.max(1, rungs.length));
  const height = row * rungs.length;
  const from = rungs[0]?.share ?? 0;
  const to = rungs.at(-1)?.share ?? 1;
  return { rungs, height, row, top: (share) => height - row / 2 - ((share - from) / (to - from)) * (height - row) };
}

/** A scale from the least to the most of some values, in percent of a lane's width, with a little air. */
export function scaleOf(values: (number | null | undefined)[], least?: number): (value: number) => number {
  const all = values.filter((value): value is number => typeof value === "number");
  const low = Math.min(least ?? Infinity, ...all);
  const high = Math.max(...all);
  const span = high - low || 1;
  return (value) => 3 + (94 * (value - low)) / span;
}

/** Where labels stand that want to be beside their lines and not on each other. */
export function labelTops(wanted: number[]): number[] {
  const order = wanted.map((_, index) => index).sort((one, other) => (wanted[one] ?? 0) - (wanted[other] ?? 0));
  const tops: number[] = [];
  let last = -Infinity;
  for (const index of order) {
    last = Math.max(wanted[index] ?? 0, last + LABEL_GAP);
    tops[index] = last;
  }
  return tops;
}

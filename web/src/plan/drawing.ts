/** The measures of the picture of a plan, in its own units. */
export const WIDTH = 1000;
export const LEFT = 132;
export const RIGHT = 8;
export const TOP = 20;
export const ROW = 26;
export const GAP = 7;
const LETTER_WIDTH = 6.6;
/** A hue for each serving; its letter says the same. */
const HUES = [75, 150, 25, 240, 310, 110, 200, 350, 50, 180, 270, 130];

/** Where a minute lies in the picture. */
export type Across = (minute: number) => number;

export const hueOf = (number: number) => `oklch(0.68 0.13 ${HUES[number % HUES.length]})`;

/** The words that fit a bar: all, its letter, or none. */
export function fitting(words: string, letter: string, width: number): string {
  if (words.length * LETTER_WIDTH < width) {
    return words;
  }
  return letter.length * LETTER_WIDTH + 4 < width ? letter : "";
}

/** As much of a name as stands before its lane. */
export function shortened(name: string): string {
  const most = Math.floor((LEFT - 10) / LETTER_WIDTH);
  return name.length > most ? `${name.slice(0, most - 1)}…` : name;
}

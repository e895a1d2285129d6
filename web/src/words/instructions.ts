import type { BalanceAnswer } from "../api";
import type { Figures } from "../figures";

type Instruction = BalanceAnswer["said"][number];

/** What a setting that the method speaks of is called, with how much of it. */
export function instructionWords({ kind, value }: Pick<Instruction, "kind" | "value">, figures: Figures): string {
  return WORDS[kind](value, figures);
}

/** Why a setting that the method speaks of cannot be taken; nothing when it can. */
export function obstacleWords({ kind, value, state, possible }: Instruction, figures: Figures): string {
  if (state === "never-rises") {
    return "Nothing in this dough makes it rise.";
  }
  if (!possible) {
    return "";
  }
  const end = value > possible.most ? possible.most : possible.least;
  return `Cannot be: ${WORDS[kind](end, figures)} at ${end === possible.most ? "most" : "least"}.`;
}

const WORDS: Record<Instruction["kind"], (value: number, figures: Figures) => string> = {
  knead: (minutes, figures) => `kneaded by hand ${duration(minutes, figures)}`,
  "knead-by-machine": (minutes, figures) => `kneaded by machine ${duration(minutes, figures)}`,
  rest: (minutes, figures) => `rest ${duration(minutes, figures)}`,
  warm: (minutes, figures) => `rest in a warm place ${duration(minutes, figures)}`,
  chill: (minutes, figures) => `rest in the fridge ${duration(minutes, figures)}`,
  "knead-again": (minutes, figures) => `kneaded again ${duration(minutes, figures)}`,
  rise: () => "rest until it has risen",
  "rise-warm": () => "rest in a warm place until it has risen",
  water: (celsius, figures) => `water at ${figures.temperature(celsius)}`,
  pieces: (count, figures) => `${figures.number(count, 0)} pieces`,
  "piece-grams": (grams, figures) => `${figures.mass(grams)} of dough in a piece`,
  sheet: (millimetres, figures) => `rolled to ${trimmed(millimetres, figures)} mm`,
  diameter: (millimetres, figures) => `rolled ${figures.size(millimetres)} across`,
  side: (seconds, figures) => `cooked ${figures.number(seconds, 0)} s a side`,
  pan: (celsius, figures) => `pan or oven at ${figures.temperature(celsius)}`,
};

function duration(minutes: number, figures: Figures): string {
  return minutes >= 120 ? `${trimmed(minutes / 60, figures)} h` : `${figures.number(minutes, 0)} min`;
}

function trimmed(value: number, figures: Figures): string {
  return figures.number(value, Number.isInteger(value) ? 0 : 1);
}

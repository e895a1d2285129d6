import type { IntakeLine } from "../api";

type Finding = IntakeLine["findings"][number];

const WORDS: Record<Finding["kind"], (words: string, all: string[]) => string> = {
  "no-ingredient": (words) =>
    words === ""
      ? "No ingredient is named. Choose one, or leave the line open."
      : `Nothing in the pantry goes by “${words}”. Choose an ingredient, or leave the line open.`,
  near: (words) => `It may be ${words}, or something else.`,
  "unknown-measure": (words) => `How much one “${words}” holds is not known.`,
  "typical-leaf": () =>
    "Counted in leaves or sprigs of a usual weight; they differ by half. Weigh them if they matter.",
  "dry-pulse": (words) => `${words} go into a dough boiled: follow them in Prep, where they soak and boil.`,
  "left-open": () => "The amount is left to the cook.",
  "no-amount": () => "No amount is stated.",
  "no-piece-weight": (words) => `What one of these weighs is not known for ${words}. Weigh it.`,
  "absurd-amount": () => "No dough holds that much. Check the number.",
  "taken-for-grams": (words) => `${words} without a measure was read as grams.`,
  misspelt: (_, [written, read]) => `“${written}” was read as “${read}”.`,
  alternative: (words) => `The first was used; it could also be ${words}.`,
  generic: (words) => `Which flour is not said; ${words} was used.`,
  shared: (words) => `“${words}” is several ingredients: each was given an equal share.`,
  "second-amount": (words) => `“${words}” was not counted.`,
  "words-left": (words) => `“${words}” was not understood.`,
};

/** What the recipe reader found in a line, and what to do. */
export function findingWords(findings: Finding[]): string {
  return findings.map(({ kind, words }) => WORDS[kind](words.join(", "), words)).join(" ");
}

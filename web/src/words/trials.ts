import type { TrialEffects } from "../api";
import type { Figures } from "../figures";

export type TrialMeasure = TrialEffects["measure"];

interface Words {
  /** As the head of a column. */
  name: string;
  /** How much an effect is, its sign aside. */
  say: (value: number, figures: Figures) => string;
  /** What is to be typed. */
  hint: string;
}

const mass = (value: number, f: Figures) => `${small(f.massUnitFromGrams(value), f)} ${f.massUnit}`;
const millimetres = (value: number, f: Figures) => `${small(value, f)} mm`;

/** An effect to two digits that say something, whole from ten on. */
function small(value: number, f: Figures): string {
  const written = Number(value.toFixed(2));
  return f.number(written, written >= 10 ? 0 : written >= 1 ? 1 : 2);
}

const MEASURES: Record<TrialMeasure, Words> = {
  water: { name: "water poured", say: mass, hint: "Water that was really poured." },
  feel: { name: "feel", say: small, hint: "How the dough felt when it was rolled: counted by its softness." },
  sheet: { name: "sheet, mm", say: millimetres, hint: "The sheet that was reached." },
  tears: { name: "torn pieces", say: small, hint: "Pieces that tore." },
  rolling: { name: "rolling, 1\u2060–\u20609", say: small, hint: "How it rolled: 9 is best." },
  puff: { name: "puffed, %", say: (value, f) => `${small(value, f)} %`, hint: "Pieces that puffed, of a hundred." },
  fold: {
    name: "fold test",
    say: small,
    hint: "A cold piece folded over: whether it breaks, cracks at the edge or folds.",
  },
  taste: { name: "taste, 1\u2060–\u20609", say: small, hint: "How it tastes: 9 is best." },
};

export const TRIAL_MEASURES = Object.keys(MEASURES) as TrialMeasure[];

export const FOLD_WORDS = { folds: "folds", cracks: "cracks", breaks: "breaks" };

/** What each word of a measure counts for: "breaks as 0, cracks as 1"; empty for one that is typed as a number. */
export function countedWords(counted: Record<string, number>, figures: Figures): string {
  return Object.entries(counted)
    .map(([word, value]) => `${word} as ${figures.number(value, 0)}`)
    .join(", ");
}

export function measureName(measure: TrialMeasure): string {
  return MEASURES[measure].name;
}

export function measureHint(measure: TrialMeasure): string {
  return MEASURES[measure].hint;
}

/** "−0.7 ± 0.2"; without what no run is to spare for. */
export function effectWords(
  measure: TrialMeasure,
  value: number,
  error: number | null | undefined,
  figures: Figures,
): string {
  const { say } = MEASURES[measure];
  const sign = !figures.shows(value, 2) ? "" : value > 0 ? "+" : "−";
  return `${sign}${say(Math.abs(value), figures)}${error == null ? "" : ` ± ${say(error, figures)}`}`;
}

/** What is varied in a series, as sentences name it. */
export interface NamedFactor {
  name: string;
  /** Its higher level. */
  high: string;
}

/** The effect of one factor: "−0.7 ± 0.2 for each 10 % of Whole emmer flour". */
export function mainEffectWords(
  measure: TrialMeasure,
  { factor, perStep, standardError, standsOut }: TrialEffects["main"][number],
  step: string,
  factors: NamedFactor[],
  figures: Figures,
): string {
  const of = `for each ${step} of ${factors[factor]?.name}`;
  if (!figures.shows(perStep, 2) && standardError != null) {
    return `No change ${of}.`;
  }
  const chance = standardError == null || standsOut ? "" : " (may be chance)";
  return `${effectWords(measure, perStep, standardError, figures)} ${of}${chance}.`;
}

/** What else there is to say of a measure: what factors do to each other, and what cannot be told from so few runs. */
export function effectsNotes(effects: TrialEffects, factors: NamedFactor[], figures: Figures): string[] {
  const { measure, runs, told, needed, main, together } = effects;
  if (told === "nothing") {
    const so = `${runs} ${runs === 1 ? "run" : "runs"} measured`;
    return [`${so}: it takes ${needed} different runs to tell anything.`];
  }
  const notes = together.flatMap((each) => togetherWords(measure, each, factors, figures) ?? []);
  if (together.length > 0 && notes.length === 0) {
    notes.push("No sign that they change each other's effect.");
  }
  if (main.some(({ standardError }) => standardError == null)) {
    notes.push("As many effects as runs: how sure this is cannot be told. One run more would tell.");
  }
  if (told === "main-effects") {
    notes.push(`Whether they change each other's effect takes ${needed} different runs; ${runs} are measured.`);
  }
  return notes;
}

/** How one factor changes the effect of another; null when there is no sign of it. */
function togetherWords(
  measure: TrialMeasure,
  { factor, with: other, atLow, atHigh, standardError, standsOut }: TrialEffects["together"][number],
  factors: NamedFactor[],
  figures: Figures,
): string | null {
  if (!figures.shows(atHigh - atLow, 2) || (standardError != null && !standsOut)) {
    return null;
  }
  const turns = atLow * atHigh < 0;
  const does = turns ? "turns round" : Math.abs(atHigh) < Math.abs(atLow) ? "does less" : "does more";
  const low = effectWords(measure, atLow, null, figures);
  const high = effectWords(measure, atHigh, null, figures);
  return `With ${factors[other]?.high} ${factors[other]?.name} the ${factors[factor]?.name} ${does}: ${high} instead of ${low}.`;
}

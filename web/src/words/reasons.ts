import type { ExplanationStep, Term } from "../api";
import type { Figures } from "../figures";

type Symbol = Term["symbol"];

/** Reads the inputs of a step. */
type Read = (symbol: Symbol) => number;

/** A step in words: what it says, and the sum behind it. */
export interface StepWords {
  says: string;
  sum: string;
}

/** Every rule of the core in words. The figures are the core's; nothing is worked out here. */
export function stepWords(step: ExplanationStep, figures: Figures): StepWords {
  const read: Read = (symbol) => step.inputs.find((term) => term.symbol === symbol)?.value ?? NaN;
  return RULES[step.rule](read, step.value, figures);
}

const RULES: Record<ExplanationStep["rule"], (read: Read, value: number, figures: Figures) => StepWords> = {
  FLOUR_DRINKS: (read, value, f) => ({
    says: `drinks ${f.mass(value)}`,
    sum: `${f.mass(read("MASS"))} × ${share(f, read("ABSORPTION"))} absorption × ${f.number(read("COATING"), 2)} not coated × ${share(f, read("UPTAKE"))} taken up`,
  }),
  DRY_ADDITION_DRINKS: (read, value, f) => ({
    says: `drinks ${f.mass(value)}`,
    sum: `${f.mass(read("MASS"))} × ${share(f, read("ABSORPTION"))} absorption × ${share(f, read("UPTAKE"))} taken up`,
  }),
  ABSORPTION_AT_MOISTURE: (read, value, f) => ({
    says: `absorption ${share(f, value)} at its own moisture of ${share(f, read("FLOUR_MOISTURE"))}`,
    sum: `${share(f, read("BOOK_ABSORPTION"))} at 14 % moisture${hot(f, read)}`,
  }),
  ABSORPTION_IN_WATER: (read, value, f) => ({
    says: `absorption ${share(f, value)}`,
    sum: `${share(f, read("BOOK_ABSORPTION"))}${hot(f, read)}`,
  }),
  UPTAKE: (read, value, f) => ({
    says: `${share(f, value)} of it taken up by minute ${f.number(read("MINUTE"), 0)}`,
    sum: `1 − 0.4 · e^(−${f.number(read("MINUTE"), 0)} / ${f.number(read("UPTAKE_TAU"), 1)} min)`,
  }),
  COATING: (read, value, f) => ({
    says: `fat rubbed in first keeps ${share(f, 1 - value)} of the flour dry`,
    sum: `0.8 × ${share(f, read("FAT_PER_FLOUR"))} fat to flour, at most 12 %`,
  }),
  INCLUSION_BRINGS: (read, value, f) => ({
    says: `brings ${f.mass(value)}`,
    sum: `${f.mass(read("MASS"))} × (${share(f, read("WATER_SHARE"))} water × ${share(f, read("RELEASE"))} in play + ${f.number(read("SOFTENING"), 2)} × ${share(f, read("FAT_SHARE"))} fat)`,
  }),
  INCLUSION_HOLDS: (read, value, f) => ({
    says: `its solids hold ${f.mass(value)} back`,
    sum: `${f.mass(read("MASS"))} × ${share(f, Math.max(0, 1 - read("WATER_SHARE") - read("FAT_SHARE")))} solids × ${f.number(read("HOLD"), 1)} g each`,
  }),
  RELEASE: (read, value, f) => ({
    says: `${share(f, value)} of its water in play by minute ${f.number(read("MINUTE"), 0)}`,
    sum: `from ${share(f, read("RELEASE_START"))} towards ${share(f, read("RELEASE_END"))}, time constant ${f.number(read("RELEASE_TAU"), 0)} min`,
  }),
  RELEASE_WITH_SALT: (read, value, f) => ({
    says: `in the end it lets go of ${share(f, value)} of its water`,
    sum: `${share(f, read("RELEASE_END"))} for its form, drawn further by ${f.percent(read("SALT_PCT"))} salt on flour`,
  }),
  WATER_AND_FAT_BRING: (read, value, f) => ({
    says: `brings ${f.mass(value)}`,
    sum: `${f.mass(read("MASS"))} × (${share(f, read("WATER_SHARE"))} water + ${f.number(read("SOFTENING"), 2)} × ${share(f, read("FAT_SHARE"))} fat)`,
  }),
  SWEETENER_BRINGS: (read, value, f) => ({
    says: `brings ${f.mass(value)}`,
    sum: `${f.mass(read("MASS"))} × (${share(f, read("WATER_SHARE"))} water + ${f.number(read("SOFTENING"), 2)} × ${share(f, read("SUGAR_SHARE"))} sugars)`,
  }),
  SALT_BRINGS: (read, value, f) => ({
    says: `softens like ${f.mass(value)} of water`,
    sum: `${f.mass(read("MASS"))} × ${f.number(read("SOFTENING"), 1)}`,
  }),
  WATER_BRINGS: (read, value, f) => ({
    says: `brings ${f.mass(value)}`,
    sum: `${f.mass(read("MASS"))} × ${share(f, read("WATER_SHARE"))} water`,
  }),
  WATER_NEEDED: (read, value, f) => ({
    says: `water needed ${f.mass(value)}`,
    sum: `aim ${f.number(read("TARGET"), 2)} × ${f.mass(read("DRINKS"))} drunk − ${f.mass(read("BRINGS"))} brought without plain water`,
  }),
  SOFTNESS: (read, value, f) => ({
    says: `softness ${f.number(value, 2)}`,
    sum: `${f.mass(read("BRINGS"))} brought ÷ ${f.mass(read("DRINKS"))} drunk`,
  }),
  VARIANCE_FROM_WEIGHING: (read, value, f) => ({
    says: `${f.number(value, 1)} g² from its weight`,
    sum: `(${f.number(read("PER_GRAM"), 2)} × ±${f.mass(read("DEVIATION"))})²`,
  }),
  VARIANCE_FROM_ABSORPTION: (read, value, f) => ({
    says: `${f.number(value, 1)} g² from its absorption`,
    sum: `(${f.number(read("TARGET"), 2)} × ${f.mass(read("DRINKS"))} × ±${share(f, read("DEVIATION"))})²`,
  }),
  GLUTEN: (read, value, f) => ({
    says: `gluten strength ${f.number(value, 0)}`,
    sum: `${f.mass(read("GLUTEN_PROTEIN"))} of network protein in ${f.mass(read("SOLIDS"))} of solids, less for ${share(f, read("PIECE_SHARE"))} in pieces and ${share(f, read("FAT_PER_FLOUR"))} fat to flour`,
  }),
  THINNEST_SHEET: (read, value, f) => ({
    says: `thinnest sheet ${f.number(value, 1)} mm`,
    sum: `the largest of 0.6 + 90 / (${f.number(read("GLUTEN"), 0)} + 22), 0.9 × hard piece ${f.number(read("HARD_PIECE"), 1)} mm, 0.5 × soft piece ${f.number(read("SOFT_PIECE"), 1)} mm`,
  }),
  STICK: (read, value, f) => ({
    says: `sticks: ${f.percent(value)}`,
    sum: `softness ${f.number(read("SOFTNESS"), 2)} against the window's upper end ${f.number(read("WINDOW_HIGH"), 2)}`,
  }),
  CRACK: (read, value, f) => ({
    says: `edges crack: ${f.percent(value)}`,
    sum: `softness ${f.number(read("SOFTNESS"), 2)} against the window's lower end ${f.number(read("WINDOW_LOW"), 2)}, gluten ${f.number(read("GLUTEN"), 0)}`,
  }),
  TEAR: (read, value, f) => ({
    says: `tears: ${f.percent(value)}`,
    sum: `thinnest ${f.number(read("THINNEST_SHEET"), 2)} mm against a sheet of ${f.number(read("SHEET"), 1)} mm; half of them tear at 1.25 to 1`,
  }),
  SPRING_BACK: (read, value, f) => ({
    says: `springs back ${f.percent(value)} of its diameter`,
    sum: `gluten ${f.number(read("GLUTEN"), 0)}, ${f.number(read("MINUTES_AFTER_KNEADING"), 0)} min after kneading`,
  }),
  ROLLABILITY: (read, value, f) => ({
    says: `rollability ${f.percent(value)}`,
    sum: `what is left of 100 % after sticking ${f.percent(read("STICK"))}, cracking ${f.percent(read("CRACK"))}, tearing ${f.percent(read("TEAR"))} and spring-back ${f.percent(read("SPRING_BACK"))} (limit ${f.percent(read("SPRING_LIMIT"))})`,
  }),
  PUFF: (read, value, f) => ({
    says: `puffs: ${f.percent(value)}`,
    sum: `gluten ${f.number(read("GLUTEN"), 0)}, sheet ${f.number(read("SHEET"), 1)} mm for a usual ${f.number(read("STYLE_SHEET"), 1)} mm, ${share(f, read("PIECE_SHARE"))} in pieces, tears ${f.percent(read("TEAR"))}`,
  }),
  PREP_SHARE: (read, value, f) => ({
    says: `leaves ${f.mass(value)}`,
    sum: `${f.mass(read("BEFORE"))} × ${share(f, read("SHARE"))}, a typical value`,
  }),
  PRESSED: (read, value, f) => ({
    says: `water ${share(f, value)} afterwards`,
    sum: `(${f.mass(read("OWN_WATER"))} water − 0.95 × ${f.mass(read("LIQUID"))} liquid) ÷ ${f.mass(read("AFTER"))}`,
  }),
  DRY_MATTER_KEPT: (read, value, f) => ({
    says: `water ${share(f, value)} afterwards`,
    sum: `1 − ${f.mass(read("OWN_SOLIDS"))} dry matter ÷ ${f.mass(read("AFTER"))}`,
  }),
  SOAKED: (read, value, f) => ({
    says: `water ${share(f, value)} afterwards`,
    sum: `1 − ${f.number(read("KEPT_SOLIDS"), 2)} × ${f.mass(read("OWN_SOLIDS"))} dry matter ÷ ${f.mass(read("AFTER"))}`,
  }),
  WATER_ADDED: (read, value, f) => ({
    says: `water ${share(f, value)} afterwards`,
    sum: `(${f.mass(read("OWN_WATER"))} + ${f.mass(read("ADDED"))}) ÷ ${f.mass(read("AFTER"))}`,
  }),
  CLARIFIED: (read, value, f) => ({
    says: `${f.mass(value)} of clarified butter`,
    sum: `0.98 × ${f.mass(read("FAT"))} of fat`,
  }),
  COOLING: (read, value, f) => ({
    says: `${f.number(value, 0)} min from ${f.temperature(read("START_TEMPERATURE"))} to ${f.temperature(read("TARGET_TEMPERATURE"))}`,
    sum: `in ${f.temperature(read("ROOM_TEMPERATURE"))}, ${f.number(100 * read("COOLING_RATE"), 1)} % of the gap a minute`,
  }),
  COOLING_RATE: (read, value, f) => ({
    says: `cools by ${f.number(100 * value, 1)} % of the gap a minute`,
    sum: `${f.temperature(read("READ_TEMPERATURE"))} read after ${f.number(read("READ_MINUTE"), 0)} min, from ${f.temperature(read("START_TEMPERATURE"))} in ${f.temperature(read("ROOM_TEMPERATURE"))}`,
  }),
  FILLING_FREE_WATER: (read, value, f) => ({
    says: `free water ${f.percent(value)}`,
    sum: `(${f.mass(read("FREE_WATER"))} let go of, with ${f.percent(read("FILLING_SALT_PCT"))} salt, − ${f.mass(read("FILLING_DRINKS"))} drunk by its flours) ÷ ${f.mass(read("FILLING"))}`,
  }),
  WATER_TEMPERATURE: (read, value, f) => ({
    says: `water at ${f.temperature(value)}`,
    sum: `for a dough of ${f.temperature(read("DOUGH_TEMPERATURE"))}: the rest (${f.number(read("OTHER_HEAT"), 0)} J/K) is at ${f.temperature(read("OTHER_HEAT_TEMPERATURE"))}, kneading warms by ${f.number(read("FRICTION"), 1)} K, the water counts ${f.number(read("WATER_HEAT"), 0)} J/K`,
  }),
  HOT_WATER_OF_MIX: (read, value, f) => ({
    says: `${f.mass(value)} of it hot`,
    sum: `${f.mass(read("WATER_GRAMS"))} × (${f.temperature(read("TARGET_TEMPERATURE"))} − ${f.temperature(read("COLD_TEMPERATURE"))}) ÷ (${f.temperature(read("HOT_TEMPERATURE"))} − ${f.temperature(read("COLD_TEMPERATURE"))})`,
  }),
  SOFTNESS_FROM_FEEL: (read, value, f) => ({
    says: `softness ${f.number(value, 2)} when rolled`,
    sum: `${f.number(read("FELT_SOFTNESS"), 2)} felt × ${f.number(read("SOFTNESS_LATER"), 2)} expected at minute ${f.number(read("MINUTE"), 0)} ÷ ${f.number(read("SOFTNESS_NOW"), 2)} expected now`,
  }),
  BENCH_WATER: (read, value, f) => ({
    says: `${f.mass(value)} of water`,
    sum: `(${f.number(read("TARGET"), 2)} − ${f.number(read("SOFTNESS"), 2)}) × ${f.mass(read("DRINKS"))} drunk`,
  }),
  BENCH_FLOUR: (read, value, f) => ({
    says: `${f.mass(value)} of flour`,
    sum: `(${f.number(read("SOFTNESS"), 2)} − ${f.number(read("TARGET"), 2)}) × ${f.mass(read("DRINKS"))} drunk ÷ (${f.number(read("TARGET"), 2)} × ${f.number(read("FLOUR_DRINKS_PER_GRAM"), 2)} g drunk by a gram)`,
  }),
  PIECE_MASS: (read, value, f) => ({
    says: `a piece of ${f.mass(value)}`,
    sum: `${f.number(read("DENSITY"), 2)} g/ml × π/4 × (${f.number(read("DIAMETER"), 0)} mm)² × ${f.number(read("SHEET"), 1)} mm`,
  }),
};

function share(figures: Figures, value: number): string {
  return figures.percent(100 * value);
}

function hot(figures: Figures, read: Read): string {
  const factor = read("HOT_WATER");
  return factor > 1 ? ` × ${figures.number(factor, 2)} for hot water` : "";
}

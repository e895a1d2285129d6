import type { ExplanationStep, Term } from "../api";
import type { Figures } from "../figures";

type Symbol = Term["symbol"];

/** Reads the inputs of a step. */
type Read = (symbol: Symbol) => number;

/** What a step of an explanation says. The figures are the core's; nothing is worked out here. */
export function stepWords(step: ExplanationStep, figures: Figures): string {
  const read: Read = (symbol) => step.inputs.find((term) => term.symbol === symbol)?.value ?? NaN;
  return RULES[step.rule](read, step.value, figures);
}

const RULES: Record<ExplanationStep["rule"], (read: Read, value: number, figures: Figures) => string> = {
  FLOUR_DRINKS: (_, value, f) => `drinks ${f.mass(value)}`,
  DRY_ADDITION_DRINKS: (_, value, f) => `drinks ${f.mass(value)}`,
  ABSORPTION_AT_MOISTURE: (read, value, f) =>
    `absorption ${share(f, value)} at its own moisture of ${share(f, read("FLOUR_MOISTURE"))}`,
  ABSORPTION_IN_WATER: (_, value, f) => `absorption ${share(f, value)}`,
  UPTAKE: (read, value, f) => `${share(f, value)} of it taken up by minute ${f.number(read("MINUTE"), 0)}`,
  BRAN: (_, value, f) => `bran takes up ${share(f, value)} of its weight beside`,
  ABSORPTION_FROM_PROTEIN: (_, value, f) => `absorption ${share(f, value)} for its own protein`,
  SCALDING: (_, value, f) => `the water scalds ${share(f, value)}`,
  HOT_WATER: (_, value, f) => `takes up ${f.number(value, 2)} times as much when scalded`,
  WATER_SPEED: (_, value, f) => `time constant ${f.number(value, 2)} times as long in this water`,
  UPTAKE_TAU: (_, value, f) => `drinks with a time constant of ${f.number(value, 1)} min`,
  FAT_SLOWS: (_, value, f) => `fat rubbed in first slows it ${f.number(value, 2)} times`,
  COATING: (_, value, f) => `fat rubbed in first keeps ${share(f, 1 - value)} of the flour dry`,
  INCLUSION_BRINGS: (_, value, f) => `brings ${f.mass(value)}`,
  GELLED: (_, value, f) => `${share(f, value)} of it is gelled starch`,
  INCLUSION_HOLDS: (_, value, f) => `its solids hold ${f.mass(value)} back`,
  RELEASE: (read, value, f) => `${share(f, value)} of its water in play by minute ${f.number(read("MINUTE"), 0)}`,
  RELEASE_WITH_SALT: (_, value, f) => `in the end it lets go of ${share(f, value)} of its water`,
  WATER_AND_FAT_BRING: (_, value, f) => `brings ${f.mass(value)}`,
  SWEETENER_BRINGS: (_, value, f) => `brings ${f.mass(value)}`,
  SALT_BRINGS: (_, value, f) => `softens like ${f.mass(value)} of water`,
  WATER_BRINGS: (_, value, f) => `brings ${f.mass(value)}`,
  WATER_NEEDED: (_, value, f) => `water needed ${f.mass(value)}`,
  SOFTNESS: (_, value, f) => `softness ${f.number(value, 2)}`,
  VARIANCE_FROM_WEIGHING: (_, value, f) => `${f.number(value, 1)} g² from its weight`,
  VARIANCE_FROM_ABSORPTION: (_, value, f) => `${f.number(value, 1)} g² from its absorption`,
  VARIANCE_LEARNED_TOGETHER: (_, value, f) =>
    `${f.number(value, 1)} g² since it was learned together with another flour`,
  GLUTEN: (_, value, f) => `gluten strength ${f.number(value, 0)}`,
  THINNEST_SHEET: (_, value, f) => `thinnest sheet ${f.number(value, 1)} mm`,
  SHEET_STRENGTH: (_, value, f) => `sheet strength ${f.number(value, 0)}`,
  PIECE_COVER: (_, value, f) => `its pieces need ${f.number(value, 1)} mm`,
  STICK: (_, value, f) => `sticks: ${f.percent(value)}`,
  CRACK: (_, value, f) => `edges crack: ${f.percent(value)}`,
  FILLED_TEAR: (_, value, f) => `tears at its wall: ${f.percent(value)}`,
  LEAST_WALL: (_, value, f) => `a wall holds from ${f.number(value, 1)} mm`,
  THINNEST_FILLED: (_, value, f) => `thinnest with its filling ${f.number(value, 1)} mm`,
  TOLD_RANGE: (_, value, f) => `told to ±${f.mass(value)}`,
  HEATING: (_, value, f) => `about ${f.number(value, 0)} min on the burner`,
  TEAR: (_, value, f) => `tears: ${f.percent(value)}`,
  SPRING_BACK: (_, value, f) => `springs back ${f.percent(value)} of its diameter`,
  ROLLABILITY: (_, value, f) => `rollability ${f.percent(value)}`,
  PUFF: (_, value, f) => `puffs: ${f.percent(value)}`,
  PREP_SHARE: (_, value, f) => `leaves ${f.mass(value)}`,
  PRESSED: (_, value, f) => `water ${share(f, value)} afterwards`,
  DRY_MATTER_KEPT: (_, value, f) => `water ${share(f, value)} afterwards`,
  SOAKED: (_, value, f) => `water ${share(f, value)} afterwards`,
  WATER_ADDED: (_, value, f) => `water ${share(f, value)} afterwards`,
  CLARIFIED: (_, value, f) => `${f.mass(value)} of clarified butter`,
  COOLING: (read, value, f) =>
    `${f.number(value, 0)} min from ${f.temperature(read("START_TEMPERATURE"))} to ${f.temperature(read("TARGET_TEMPERATURE"))}`,
  COOLING_RATE: (_, value, f) => `cools by ${f.number(100 * value, 1)} % of the gap a minute`,
  FILLING_FREE_WATER: (_, value, f) => `free water ${f.percent(value)}`,
  WATER_TEMPERATURE: (_, value, f) => `water at ${f.temperature(value)}`,
  HOT_WATER_OF_MIX: (_, value, f) => `${f.mass(value)} of it hot`,
  SOFTNESS_FROM_FEEL: (_, value, f) => `softness ${f.number(value, 2)} when rolled`,
  BENCH_WATER: (_, value, f) => `${f.mass(value)} of water`,
  BENCH_FLOUR: (_, value, f) => `${f.mass(value)} of flour`,
  YEAST_PCT: (_, value, f) => `yeast ${f.number(value, 2)} % of the flour, as instant yeast`,
  YEAST_TEMPERATURE: (read, value, f) =>
    `at ${f.temperature(read("DOUGH_TEMPERATURE"))} yeast works ${f.number(value, 2)} times as fast as at its usual`,
  YEAST_SALT: (_, value, f) => `salt: ${f.number(value, 2)} times as fast`,
  YEAST_SUGAR: (_, value, f) => `sugar: ${f.number(value, 2)} times as fast`,
  YEAST_BRAN: (_, value, f) => `bran: ${f.number(value, 2)} times as fast`,
  RISE_LIMIT: (_, value, f) => `rises to ${f.number(value, 2)} times its volume at most`,
  RISE_RATE: (_, value, f) => `at first grows ${f.number(100 * value, 1)} % a minute, once the yeast is awake`,
  RISE_BEST: (_, value, f) => `past its best from ${f.number(value, 2)} times on`,
  DOUGH_TEMPERATURE_TAU: (_, value, f) =>
    `takes on the temperature around it with a time constant of ${f.number(value, 0)} min`,
  DOUGH_TEMPERATURE_STEP: (_, value, f) => `a minute later ${f.temperature(value)}`,
  SODA_LEFT: (_, value, f) => `${f.mass(value)} of soda find no acid`,
  GAS: (_, value, f) => `${f.number(value, 0)} ml of gas for that share of the dough`,
  FELT_SD: (_, value, f) => `the feel is sure to ±${f.number(value, 3)}`,
  WEIGHED_SOFTNESS: (_, value, f) => `feel and balance together say softness ${f.number(value, 2)} now`,
  PIECE_MASS: (_, value, f) => `a piece of ${f.mass(value)}`,
  FILLED_PIECE_MASS: (_, value, f) => `${f.mass(value)} of dough in a piece`,
  USABLE_DOUGH: (_, value, f) => `${f.mass(value)} to divide`,
  PIECES_OF_DOUGH: (_, value, f) => `${f.number(value, 1)} pieces`,
  FILLED_WALL: (_, value, f) => `a wall of ${f.number(value, 1)} mm`,
  FOLDED_LAYERS: (_, value, f) => `${f.number(value, 0)} layers`,
  COIL_TURNS: (_, value, f) => `about ${f.number(value, 0)} turns`,
  LAYER_THICKNESS: (_, value, f) => `${f.number(value, 2)} mm each`,
  COOK_SECONDS: (_, value, f) => `${f.number(value, 0)} s on the first side`,
  COOK_LOSS: (_, value, f) => `loses ${f.percent(value)} of its weight`,
  PIECE_HEAT_CAPACITY: (_, value, f) => `takes ${f.number(value, 2)} J for each gram and degree`,
  PIECE_HEAT: (_, value, f) => `a piece needs ${f.number(value, 1)} kJ`,
  HEAT_SECONDS: (_, value, f) => `the burner brings that in ${f.number(value, 0)} s`,
  COOK_CYCLE: (_, value, f) => `a piece every ${f.number(value, 0)} s`,
  BAKED_MOISTURE: (_, value, f) => `moisture ${f.number(value, 1)} % just after cooking`,
  MOISTURE_LATER: (_, value, f) => `moisture ${f.number(value, 1)} % then`,
  FOLD_THRESHOLD: (_, value, f) => `just after cooking it folds down to ${f.number(value, 1)} % moisture`,
  THRESHOLD_LATER: (_, value, f) => `then it folds down to ${f.number(value, 1)} % moisture`,
  FOLD_CHANCE: (_, value, f) => `folds without cracking: ${f.percent(value)}`,
};

function share(figures: Figures, value: number): string {
  return figures.percent(100 * value);
}

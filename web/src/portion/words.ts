import type { Cooking, Keeping, NotedBread, Scaling, Shapes } from "../api";
import type { Figures } from "../figures";

type Range = Cooking["sideOneRange"];
type Lever = Keeping["levers"][number];

const MINUTES_FROM_S = 180;

/** Seconds with their range; minutes where nobody counts seconds. */
export function secondsRange(seconds: number, range: Range, figures: Figures): string {
  return seconds < MINUTES_FROM_S
    ? `${figures.number(range.low, 0)}–${figures.number(range.high, 0)} s`
    : `${figures.number(range.low / 60, 0)}–${figures.number(range.high / 60, 0)} min`;
}

/** What holds the pieces up. */
export function limitedWords({ limitedBy, cycleS, heatS, load, pans }: Cooking, figures: Figures): string {
  const every = `${figures.number(cycleS, 0)} s`;
  switch (limitedBy) {
    case "heat":
      return `One every ${every}: the pan cools faster than it recovers (${figures.number(heatS, 0)} s a piece). Wait, more heat, or a second pan.`;
    case "stone":
      return `${load} every ${figures.number(cycleS / 60, 0)} min: the stone has to get hot again.`;
    case "time":
      return `${pans > 1 ? `${pans} ` : "One "}every ${every}; the heat would be back after ${figures.number(heatS, 0)} s.`;
  }
}

/** Hours as one says them: days from two of them on, "and more" at the end of what is told. */
export function hoursWords(hours: number | null | undefined, most: number, figures: Figures): string {
  if (hours == null) {
    return "best hot";
  }
  if (hours >= most) {
    return "a month and more";
  }
  if (hours >= 48) {
    return `${figures.number(hours / 24, 0)} days`;
  }
  return `${figures.number(hours, hours < 10 ? 1 : 0)} h`;
}

const LEVERS: Record<Lever["kind"], (amount: string, ingredient: string) => string> = {
  "more-fat": (amount, ingredient) => `${amount} more ${ingredient}`,
  "more-mash": (amount, ingredient) => `${amount} of ${ingredient}, mashed`,
  "thicker-sheet": (amount) => `${amount} thicker`,
  "shorter-cooking": (amount) => `${amount} less time on the pan`,
};

/** A change that keeps bread soft for longer. */
export function leverWords({ kind, amount, unit }: Lever, ingredient: string, figures: Figures): string {
  const size = Math.abs(amount);
  const said =
    unit === "GRAMS"
      ? figures.mass(size)
      : unit === "MILLIMETRES"
        ? `${figures.number(size, 1)} mm`
        : figures.percent(size);
  return LEVERS[kind](said, ingredient);
}

/** What a change costs: each difference that shows. */
export function priceWords({ price }: Lever, figures: Figures): string {
  const said = price.flatMap(({ symbol, value }) => {
    const more = value > 0;
    const by = Math.abs(value);
    switch (symbol) {
      case "WATER_GRAMS":
        return figures.shows(value, 0) ? [`${figures.mass(by)} ${more ? "more" : "less"} water`] : [];
      case "GLUTEN":
        return figures.shows(value, 0) ? [`gluten strength ${more ? "+" : "−"}${figures.number(by, 0)}`] : [];
      case "SIDE_ONE":
        return [`${figures.number(by, 0)} s ${more ? "longer" : "shorter"} on the first side`];
      case "LOSS":
        return [`${figures.number(by, 1)} points ${more ? "more" : "less"} lost; look that it is done inside`];
      default:
        return [];
    }
  });
  return said.length > 0 ? said.join(", ") : "nothing else that shows";
}

const EIGHTHS = ["", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"];

/** Eighths of a level teaspoon. */
export function spoonWords(eighths: number): string {
  const whole = Math.floor(eighths / 8);
  return `${whole > 0 ? whole : ""}${EIGHTHS[eighths % 8] ?? ""} tsp`;
}

const MINDS: Record<Scaling["minds"][number], [string, string]> = {
  mixing: [
    "Little dough slips past the hook of a machine: knead it by hand.",
    "So much dough takes longer to come together: go by its feel, and mind the limit of the machine.",
  ],
  temperature: [
    "Little dough takes on the temperature of the kitchen sooner: mind the water's.",
    "So much dough keeps its own temperature for longer: mind the water's.",
  ],
  rest: [
    "Rest and rise go with the temperature: look at it sooner.",
    "Dividing it takes minutes, in which the first pieces rest already: divide in parts, covered.",
  ],
};

/** What to mind with a batch much smaller or larger. */
export function mindWords(mind: Scaling["minds"][number], factor: number): string {
  return MINDS[mind][factor < 1 ? 0 : 1];
}

type Filled = NonNullable<Shapes["filled"]>;

/** What holds filled pieces down, what is left of the other, and what would use it up. */
export function matchWords(filled: Filled, figures: Figures): string {
  const { heldBy, matchGrams, leftShellGrams, leftFillingGrams } = filled;
  switch (heldBy) {
    case "neither":
      return "Dough and filling are enough for the same number.";
    case "filling":
      return `The filling runs out first: ${figures.mass(leftShellGrams)} of dough are left. ${figures.mass(matchGrams)} more filling would use the dough up.`;
    case "shell":
      return `The dough runs out first: ${figures.mass(leftFillingGrams)} of filling are left. ${figures.mass(matchGrams)} more dough would use the filling up.`;
  }
}

type BreadRecord = NotedBread["record"];

const FOLD_WORDS: Record<NonNullable<BreadRecord["fold"]>, string> = {
  folds: "folded",
  cracks: "cracked at the edge",
  breaks: "broke",
};

/** What a piece said against the typical values. */
export function recordWords({ timeFactor, lossFactor, fold, marginPct }: BreadRecord, figures: Figures): string {
  const said: string[] = [];
  if (timeFactor != null) {
    said.push(`${figures.number(timeFactor, 2)} × the typical time`);
  }
  if (lossFactor != null) {
    said.push(`${figures.number(lossFactor, 2)} × the typical loss`);
  }
  if (fold != null && marginPct != null) {
    const points = `${figures.number(Math.abs(marginPct), 1)} points`;
    said.push(`${FOLD_WORDS[fold]}, computed ${points} ${marginPct < 0 ? "too dry" : "above the limit"}`);
  }
  return said.join(", ");
}

/** Where the seconds come from. */
export function timesWords({ own }: Cooking): string {
  const timed = own.timed === 1 ? "one piece" : `${own.timed} pieces`;
  if (own.timedEnough) {
    return `These are the kitchen’s own seconds, of ${timed} of this style. The cues go before them.`;
  }
  const known = own.timed > 0 ? ` So far ${timed} of this style ${own.timed === 1 ? "was" : "were"} timed.` : "";
  return `The cues go before the seconds: these are off by a quarter and more until the kitchen has timed its own.${known}`;
}

import type { Slip, Term } from "../api";
import type { Figures } from "../figures";

type Read = (symbol: Term["symbol"]) => number;

/** A slip in words: what the figure is, and what was likely meant. */
const WORDS: Record<Slip["kind"], (of: Read, words: string, f: Figures) => string> = {
  "much-too-dry": (of, _, f) =>
    `Softness ${f.number(of("SOFTNESS"), 2)} is far below the style's ${f.number(of("WINDOW_LOW"), 2)} to ${f.number(of("WINDOW_HIGH"), 2)}: is water missing, or is a flour ten times too much?`,
  "much-too-wet": (of, _, f) =>
    `Softness ${f.number(of("SOFTNESS"), 2)} is far above the style's ${f.number(of("WINDOW_LOW"), 2)} to ${f.number(of("WINDOW_HIGH"), 2)}: is a liquid ten times too much, or an ounce taken for a pound?`,
  "little-salt": (of, _, f) =>
    `Salt is ${f.number(of("SALT_PCT"), 2)} % of the flour${along(of, f)}; under ${f.percent(of("LIMIT"))} it is hardly there. Is the spoon or the point in the wrong place?`,
  "much-salt": (of, _, f) =>
    `Salt is ${f.number(of("SALT_PCT"), 1)} % of the flour${along(of, f)}; over ${f.percent(of("LIMIT"))} one would not eat it. A tablespoon for a teaspoon?`,
  "much-salt-in-filling": (of, _, f) =>
    `Salt is ${f.number(of("SALT_PCT"), 1)} % of the filling${along(of, f)}; over ${f.percent(of("LIMIT"))} one would not eat it.`,
  "soda-for-powder": (of, words, f) =>
    `${words} is ${f.number(of("FLOUR_SHARE"), 1)} % of the flour: that is usual for baking powder, not for soda.`,
  "soda-left": (of, words, f) =>
    `${f.mass(of("SODA_LEFT_GRAMS"))} of the ${words.toLowerCase()} find no acid, ${f.number(of("SODA_LEFT_PCT"), 2)} % of the flour; over ${f.number(of("LIMIT"), 2)} % the bread tastes soapy. Something sour, or powder instead of some of it, mends that.`,
  "much-yeast": (of, words, f) =>
    `${words} is ${f.number(of("FLOUR_SHARE"), 1)} % of the flour, as instant yeast; over ${f.percent(of("LIMIT"))} is more than a dough takes.`,
  "total-by-a-factor": (of, _, f) =>
    `The dough weighs ${f.mass(of("DOUGH"))}, but ${f.number(of("PIECES"), 0)} pieces of ${f.mass(of("PIECE"))} are ${f.mass(of("PIECES_TOGETHER"))}: about ${f.number(of("FACTOR"), 0)} times apart.${factorMeans(of("FACTOR"))}`,
  "pieces-disagree": (of, _, f) =>
    `${f.number(of("PIECES"), 0)} pieces of ${f.mass(of("PIECE"))} are ${f.mass(of("PIECES_TOGETHER"))}, but the dough weighs ${f.mass(of("DOUGH"))}.`,
  "other-scale": (of, words, f) =>
    `${words === "" ? `Water at ${f.temperature(of("READ_TEMPERATURE"))} for yeast` : words} makes sense only in the other scale: then it is ${f.temperature(of("LIKELY_TEMPERATURE"))}.`,
  twice: (_, words) => `${words} is in the list twice. Should the two be one?`,
  "not-in-the-list": (_, words) => `The method names ${words}, but it is not in the list.`,
};

/** Salt that inclusions bring along, where it is enough to tell. */
function along(of: Read, f: Figures): string {
  const pct = of("INCLUSION_SALT_PCT");
  return f.shows(pct, 1) ? `, and ${f.number(pct, 1)} % more comes along in the inclusions` : "";
}

function factorMeans(factor: number): string {
  return factor < 3
    ? " Was a recipe doubled or halved?"
    : factor < 12
      ? " A point in the wrong place?"
      : " A pound for an ounce, or an ounce for a gram?";
}

export function slipWords(slip: Slip, figures: Figures): string {
  const of: Read = (symbol) => slip.terms.find((term) => term.symbol === symbol)?.value ?? NaN;
  return WORDS[slip.kind](of, slip.words.join(", "), figures);
}

import type { BalanceAnswer } from "../api";
import type { Figures } from "../figures";

/** What the water that a dough needs is called: inside the window it only leads to the middle. */
export function waterWords({ needed, standing }: BalanceAnswer["water"]): string {
  if (standing === "in-balance") {
    return needed < 0 ? "More than the middle takes, even without added water" : "Water for the middle";
  }
  return needed < 0 ? "Too much, even without added water" : "Water this dough needs";
}

/** A range of water needed in a sentence; what is below nothing is said as a surplus. */
export function waterRange({ low, high }: { low: number; high: number }, figures: Figures): string {
  if (low >= 0) {
    return `${figures.massNumber(low)} to ${figures.mass(high)} needed`;
  }
  return high <= 0
    ? `${figures.massNumber(-high)} to ${figures.mass(-low)} too much`
    : `${figures.mass(-low)} too much to ${figures.mass(high)} missing`;
}

/** The water that a dough needs with its range, in few words: "124 g (112–136)", "13 g too much (9–17)". */
export function waterBriefly(
  { needed, told: { low, high } }: { needed: number; told: { low: number; high: number } },
  figures: Figures,
): string {
  if (low >= 0) {
    return `${figures.mass(needed)} (${figures.massNumber(low)}–${figures.massNumber(high)})`;
  }
  return high <= 0
    ? `${massOrSurplus(needed, figures)} (${figures.massNumber(-high)}–${figures.massNumber(-low)})`
    : `${massOrSurplus(needed, figures)} (${figures.mass(-low)} too much to ${figures.mass(high)})`;
}

/** A mass; what is below nothing is too much of it. */
export function massOrSurplus(grams: number, figures: Figures): string {
  return grams < 0 && figures.mass(grams) !== figures.mass(0)
    ? `${figures.mass(-grams)} too much`
    : figures.mass(Math.max(0, grams));
}

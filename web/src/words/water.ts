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

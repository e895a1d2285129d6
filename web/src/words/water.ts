import type { BalanceAnswer } from "../api";

/** What the water that a dough needs is called: inside the window it only leads to the middle. */
export function waterWords({ needed, standing }: BalanceAnswer["water"]): string {
  if (standing === "in-balance") {
    return needed < 0 ? "More than the middle takes" : "Water for the middle";
  }
  return needed < 0 ? "Too much water already" : "Water this dough needs";
}

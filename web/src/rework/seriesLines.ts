import type { FormulaSpec } from "../api";

/** All of each ingredient in a formula, g. */
export function amountsOf(formula: FormulaSpec): Map<string, number> {
  const amounts = new Map<string, number>();
  for (const line of formula.lines ?? []) {
    if (line?.ingredient && typeof line.grams === "number") {
      amounts.set(line.ingredient, (amounts.get(line.ingredient) ?? 0) + line.grams);
    }
  }
  return amounts;
}

/** What every run of a series has as much of, and the ingredients of which runs have more or less. */
export function sameInEveryRun(formulas: FormulaSpec[]) {
  const all = formulas.map(amountsOf);
  const ingredients = [...new Set(all.flatMap((amounts) => [...amounts.keys()]))];
  const isSame = (ingredient: string) => all.every((each) => each.get(ingredient) === all[0]?.get(ingredient));
  return {
    same: ingredients.filter(isSame).map((ingredient) => ({ ingredient, grams: all[0]?.get(ingredient) ?? 0 })),
    different: ingredients.filter((ingredient) => !isSame(ingredient)),
  };
}

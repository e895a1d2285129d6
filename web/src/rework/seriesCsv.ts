import type { SeriesAnswer } from "../api";
import { amountsOf, sameInEveryRun } from "./seriesLines";

const RESULTS = ["waterGrams", "feel", "sheetMm", "tears", "rolling", "puffPct", "fold", "taste", "failed"] as const;

/** A series as CSV: shares, grams and results by their codes, with points, a row for each run. */
export function seriesCsv({ factors, runs }: SeriesAnswer): string {
  const { same, different } = sameInEveryRun(runs.map(({ formula }) => formula));
  const ingredients = [...different, ...same.map(({ ingredient }) => ingredient)];
  const heads = [
    "run",
    ...factors.map(({ change }) => `share of ${change.by ?? change.add}`),
    ...ingredients.map((ingredient) => `${ingredient} g`),
    ...RESULTS,
    "note",
  ];
  const rows = runs.map(({ shares, formula, result }, at) => {
    const amounts = amountsOf(formula);
    return [
      at + 1,
      ...shares,
      ...ingredients.map((ingredient) => amounts.get(ingredient) ?? 0),
      ...RESULTS.map((field) => result[field] ?? ""),
      quoted(result.note ?? ""),
    ].join(",");
  });
  return [heads.join(","), ...rows].join("\r\n") + "\r\n";
}

/** Text for a cell: never taken for a formula by what opens it. */
function quoted(text: string): string {
  const plain = /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\r\n]/.test(plain) ? `"${plain.replaceAll('"', '""')}"` : plain;
}

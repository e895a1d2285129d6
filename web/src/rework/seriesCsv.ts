import type { SeriesAnswer } from "../api";

const RESULTS = ["waterGrams", "feel", "sheetMm", "tears", "rolling", "puffPct", "fold", "taste", "failed"] as const;

/** A series as CSV: shares, grams and results by their codes, with points, a row for each run. */
export function seriesCsv({ factors, runs, different, sameInEveryRun }: SeriesAnswer): string {
  const ingredients = [...different, ...Object.keys(sameInEveryRun)];
  const heads = [
    "run",
    ...factors.map(({ change }) => `share of ${change.by ?? change.add}`),
    ...ingredients.map((ingredient) => `${ingredient} g`),
    ...RESULTS,
    "note",
  ];
  const rows = runs.map(({ shares, weighed, result }, at) => {
    const grams = { ...sameInEveryRun, ...weighed };
    return [
      at + 1,
      ...shares,
      ...ingredients.map((ingredient) => grams[ingredient] ?? 0),
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

import type { Term, Warning } from "../api";
import { type Figures, useFigures } from "../figures";

const WORDS: Record<Warning["kind"], (of: (symbol: Term["symbol"]) => number, figures: Figures) => string> = {
  "target-outside-window": (of, { number }) =>
    `You aim for softness ${number(of("TARGET"), 2)}; the style's window is ${number(of("WINDOW_LOW"), 2)} to ${number(of("WINDOW_HIGH"), 2)}.`,
  "long-rest": (of, { number }) =>
    `A rest of ${number(of("REST"), 0)} min is longer than the usual ${number(of("REST_LIMIT"), 0)} min of the style.`,
  "rolled-outside-window": (of, { number }) =>
    `At minute ${number(of("MINUTE"), 0)}, when you mean to roll, the dough is outside its rolling window.`,
  "open-lines": (of, { number }) =>
    of("OPEN_LINES") === 1
      ? "One line does not count: its amount or its ingredient is not known yet."
      : `${number(of("OPEN_LINES"), 0)} lines do not count: their amounts or ingredients are not known yet.`,
  "wall-too-thin": (of, { number }) =>
    `The wall round the filling is ${number(of("FILLED_WALL"), 1)} mm; below ${number(of("LEAST_WALL"), 1)} mm it tears. More dough, less filling, or a thicker sheet.`,
  "warm-for-yeast": (of, { temperature }) =>
    `The yeast goes into ${temperature(of("WATER_TEMPERATURE"))}: above ${temperature(of("LIMIT"))} it is harmed.`,
  "warm-to-roll": (of, { temperature }) =>
    `When it is rolled the dough is at ${temperature(of("DOUGH_TEMPERATURE"))}: a cold mash dough rolls from ${temperature(of("LIMIT"))} down. Chill it for longer.`,
  "sheet-too-thin": (of, { number }) =>
    `A sheet of ${number(of("SHEET"), 2)} mm is thinner than the ${number(of("THINNEST_SHEET"), 2)} mm this dough can be rolled to.`,
};

/** What to mind about the formula. */
export function Warnings({ warnings }: { warnings: Warning[] }) {
  const figures = useFigures();
  if (warnings.length === 0) {
    return null;
  }
  return (
    <ul className="flex flex-col gap-1 pt-2.5 text-sm">
      {warnings.map((warning) => (
        <li key={warning.kind} className="border-warning border-l-4 pl-3">
          {WORDS[warning.kind]((symbol) => warning.terms.find((term) => term.symbol === symbol)?.value ?? NaN, figures)}
        </li>
      ))}
    </ul>
  );
}

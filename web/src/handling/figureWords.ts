import type { Reason } from "../api";
import type { Figures } from "../figures";

export type Figure = Reason["figure"];

/** The handling figures: their names, and how each is written. */
export const FIGURES: Record<Figure, { name: string; write: (value: number, figures: Figures) => string }> = {
  rollability: { name: "Rollability", write: (value, f) => f.percent(value) },
  gluten: { name: "Gluten strength", write: (value, f) => f.number(value, 0) },
  "sheet-strength": { name: "Sheet strength", write: (value, f) => f.number(value, 0) },
  "min-sheet": { name: "Thinnest sheet", write: (value, f) => `${f.number(value, 1)} mm` },
  stick: { name: "Sticks", write: (value, f) => f.percent(value) },
  crack: { name: "Edges crack", write: (value, f) => f.percent(value) },
  tear: { name: "Tears", write: (value, f) => f.percent(value) },
  "spring-back": { name: "Springs back", write: (value, f) => f.percent(value) },
  puff: { name: "Puffs", write: (value, f) => f.percent(value) },
};

import type { ScorecardAnswer } from "../api";
import type { Figures } from "../figures";

export type OutcomeFigure = ScorecardAnswer["figures"][number]["figure"];

interface Words {
  name: string;
  /** What came of it, in a sentence. */
  told: string;
  say: (value: number, figures: Figures) => string;
}

const percent = (value: number, f: Figures) => f.percent(value);
const softness = (value: number, f: Figures) => f.number(value, 2);

const OUTCOMES: Record<OutcomeFigure, Words> = {
  water: { name: "Water it needs", told: "water needed", say: (value, f) => f.mass(value) },
  feel: { name: "Softness", told: "softness", say: softness },
  ready: { name: "Rolled at minute", told: "rolled at minute", say: (value, f) => f.number(value, 0) },
  stick: { name: "Sticking", told: "sticking", say: percent },
  crack: { name: "Cracking", told: "cracking", say: percent },
  tear: { name: "Tearing", told: "tearing", say: percent },
  "spring-back": { name: "Spring-back", told: "spring-back", say: percent },
  puff: { name: "Puffing", told: "puffing", say: percent },
  "cook-loss": { name: "Lost in the pan", told: "lost in the pan", say: percent },
  "soft-hours": { name: "Hours soft", told: "soft for", say: (value, f) => `${f.number(value, value < 10 ? 1 : 0)} h` },
};

export function outcomeFigureName(figure: OutcomeFigure): string {
  return OUTCOMES[figure].name;
}

/** As a sentence names it. */
export function outcomeTold(figure: OutcomeFigure): string {
  return OUTCOMES[figure].told;
}

/** A figure of a batch with its unit. */
export function outcomeFigureWords(figure: OutcomeFigure, value: number, figures: Figures): string {
  return OUTCOMES[figure].say(value, figures);
}

/** By how much something is off, with its sign: in % of the prediction when it is relative, else in its unit. */
export function offWords(figure: OutcomeFigure, relative: boolean, off: number, figures: Figures): string {
  const sign = off > 0 ? "+" : off < 0 ? "−" : "";
  const size = Math.abs(off);
  return `${sign}${offSize(figure, relative, size, figures)}`;
}

/** The same without a sign. */
export function offSize(figure: OutcomeFigure, relative: boolean, size: number, figures: Figures): string {
  if (relative) {
    return figures.percent(size);
  }
  switch (figure) {
    case "feel":
      return figures.number(size, 2);
    case "ready":
      return `${figures.number(size, 0)} min`;
    case "soft-hours":
      return `${figures.number(size, 1)} h`;
    default:
      return `${figures.number(size, size < 10 ? 1 : 0)} points`;
  }
}

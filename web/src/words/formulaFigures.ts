import type { LadderAnswer } from "../api";
import type { Figures } from "../figures";
import { massOrSurplus } from "./water";

export type FormulaFigure = LadderAnswer["limits"][number]["figure"];

interface Words {
  /** As a row of a table names it. */
  name: string;
  /** As a limit that is broken is named. */
  broken: string;
  say: (value: number, figures: Figures) => string;
}

const percent = (value: number, f: Figures) => f.percent(value);
const mass = (value: number, f: Figures) => f.mass(value);
const minutes = (value: number, f: Figures) => `${f.number(value, 0)} min`;
const hours = (value: number, f: Figures) => `${f.number(value, 1)} h`;
const millimetres = (value: number, f: Figures) => `${f.number(value, 1)} mm`;
const whole = (value: number, f: Figures) => f.number(value, 0);

const UNITS = new Map([
  [percent, "%"],
  [mass, "mass"],
  [massOrSurplus, "mass"],
  [minutes, "min"],
  [hours, "h"],
  [millimetres, "mm"],
] as const);

const FIGURES: Record<FormulaFigure, Words> = {
  waterNeeded: { name: "water it needs", broken: "water", say: massOrSurplus },
  softness: { name: "softness when rolled", broken: "softness", say: (value, f) => f.number(value, 2) },
  sheetStrength: { name: "sheet strength", broken: "strength", say: whole },
  minSheetMm: { name: "thinnest sheet", broken: "thinnest sheet", say: millimetres },
  sheetMm: { name: "sheet", broken: "sheet", say: millimetres },
  rollability: { name: "rollability", broken: "rollability", say: percent },
  "window.minutes": { name: "minutes to roll it", broken: "time to roll", say: minutes },
  restMinutes: { name: "rest", broken: "rest", say: minutes },
  stick: { name: "sticks", broken: "sticking", say: percent },
  crack: { name: "cracks", broken: "cracking", say: percent },
  tear: { name: "tears", broken: "tearing", say: percent },
  springBackPct: { name: "springs back", broken: "spring-back", say: percent },
  puff: { name: "puffs", broken: "puffing", say: percent },
  softHours: { name: "hours soft, in a cloth", broken: "hours soft", say: hours },
  saltPct: { name: "salt, on flour", broken: "salt", say: percent },
  wholeGrainPct: { name: "whole grain, of the flour", broken: "whole grain", say: percent },
  legumePct: { name: "pulses, on flour", broken: "pulses", say: percent },
  inclusionPct: { name: "inclusions, on flour", broken: "inclusions", say: percent },
  pieceGrams: { name: "dough of a piece", broken: "piece", say: mass },
  inclusionGrams: { name: "inclusions in a piece", broken: "inclusions", say: mass },
  proteinGrams: { name: "protein in a piece", broken: "protein", say: mass },
  legumeProteinGrams: { name: "pulse protein in a piece", broken: "pulse protein", say: mass },
  fibreGrams: { name: "fibre in a piece", broken: "fibre", say: mass },
  fatGrams: { name: "fat in a piece", broken: "fat", say: mass },
  energyKcal: { name: "energy of a piece", broken: "energy", say: (value, f) => `${f.number(value, 0)} kcal` },
  costPerPiece: { name: "cost of a piece", broken: "cost", say: (value, f) => f.number(value, 2) },
};

/** The figures by which formulas are compared, in the order in which they are told. */
export const FORMULA_FIGURES = Object.keys(FIGURES) as FormulaFigure[];

export function figureName(figure: FormulaFigure): string {
  return FIGURES[figure].name;
}

export function brokenName(figure: FormulaFigure): string {
  return FIGURES[figure].broken;
}

/** The unit in which a figure is typed: a mass in the kitchen's, all else as it is computed. */
export function figureUnit(figure: FormulaFigure): "mass" | "%" | "mm" | "min" | "h" | "kcal" | undefined {
  return UNITS.get(FIGURES[figure].say) ?? (figure === "energyKcal" ? "kcal" : undefined);
}

/** A figure with its unit; a dash where it does not apply. */
export function figureWords(figure: FormulaFigure, value: number | undefined, figures: Figures): string {
  return value === undefined ? "–" : FIGURES[figure].say(value, figures);
}

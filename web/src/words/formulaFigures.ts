import type { LadderAnswer } from "../api";
import type { Figures } from "../figures";
import names from "./formulaFigures.json";
import { massOrSurplus } from "./water";

export type FormulaFigure = LadderAnswer["limits"][number]["figure"];

interface Words {
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
  waterNeeded: { broken: "water", say: massOrSurplus },
  softness: { broken: "softness", say: (value, f) => f.number(value, 2) },
  sheetStrength: { broken: "strength", say: whole },
  minSheetMm: { broken: "thinnest sheet", say: millimetres },
  sheetMm: { broken: "sheet", say: millimetres },
  rollability: { broken: "rollability", say: percent },
  "window.minutes": { broken: "time to roll", say: minutes },
  restMinutes: { broken: "rest", say: minutes },
  stick: { broken: "sticking", say: percent },
  crack: { broken: "cracking", say: percent },
  tear: { broken: "tearing", say: percent },
  springBackPct: { broken: "spring-back", say: percent },
  puff: { broken: "puffing", say: percent },
  softHours: { broken: "hours soft", say: hours },
  saltPct: { broken: "salt", say: percent },
  wholeGrainPct: { broken: "whole grain", say: percent },
  legumePct: { broken: "pulses", say: percent },
  inclusionPct: { broken: "inclusions", say: percent },
  pieceGrams: { broken: "piece", say: mass },
  inclusionGrams: { broken: "inclusions", say: mass },
  proteinGrams: { broken: "protein", say: mass },
  legumeProteinGrams: { broken: "pulse protein", say: mass },
  fibreGrams: { broken: "fibre", say: mass },
  fatGrams: { broken: "fat", say: mass },
  energyKcal: { broken: "energy", say: (value, f) => `${f.number(value, 0)} kcal` },
  costPerPiece: { broken: "cost", say: (value, f) => f.number(value, 2) },
};

/** The figures by which formulas are compared, in the order in which they are told. */
export const FORMULA_FIGURES = Object.keys(FIGURES) as FormulaFigure[];

/** As a row of a table names it; cards have the same names. */
export function figureName(figure: FormulaFigure): string {
  return names[figure];
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

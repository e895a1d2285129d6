import type { BlendAnswer } from "../api";
import type { Figures } from "../figures";

export type BlendFigure = BlendAnswer["binding"][number];

interface Words {
  name: string;
  say: (value: number, figures: Figures) => string;
  /** Whether one can ask to come near to it; its ends can always be said. */
  near: boolean;
}

const percent = (value: number, f: Figures) => `${f.number(value, 1)} %`;

const FIGURES: Record<BlendFigure, Words> = {
  proteinPct: { name: "protein, %", say: percent, near: true },
  absorptionPct: { name: "absorption at 14 % moisture, %", say: percent, near: true },
  wholeGrainPct: { name: "whole grain, %", say: percent, near: true },
  sheetStrength: { name: "sheet strength of the flours alone", say: (value, f) => f.number(value, 0), near: false },
  costPerKg: { name: "cost of a kilogram", say: (value, f) => f.number(value, 2), near: true },
};

export const BLEND_FIGURES = (Object.keys(FIGURES) as BlendFigure[]).map((code) => ({
  code,
  near: FIGURES[code].near,
}));

export function blendFigureName(figure: BlendFigure): string {
  return FIGURES[figure].name;
}

/** A figure of a blend; a dash where it does not apply. */
export function blendFigureWords(figure: BlendFigure, value: number | undefined, figures: Figures): string {
  return value === undefined ? "–" : FIGURES[figure].say(value, figures);
}

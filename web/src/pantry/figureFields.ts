import type { Ingredient } from "../api";

export type FigureField = Ingredient["ownValues"][number]["field"];

/** The figures of an ingredient that a kitchen may know better than the book. */
export const FIGURES: {
  field: FigureField;
  name: string;
  unit: string;
  decimals: number;
  of: (each: Ingredient) => number | null | undefined;
}[] = [
  { field: "waterPct", name: "water", unit: "%", decimals: 1, of: (each) => each.composition.waterPct },
  { field: "proteinPct", name: "protein", unit: "%", decimals: 1, of: (each) => each.composition.proteinPct },
  { field: "fatPct", name: "fat", unit: "%", decimals: 1, of: (each) => each.composition.fatPct },
  { field: "carbPct", name: "carbohydrate", unit: "%", decimals: 1, of: (each) => each.composition.carbPct },
  { field: "fibrePct", name: "of it fibre", unit: "%", decimals: 1, of: (each) => each.composition.fibrePct },
  { field: "sugarsPct", name: "of it sugars", unit: "%", decimals: 1, of: (each) => each.composition.sugarsPct },
  { field: "sodiumMg", name: "sodium", unit: "mg", decimals: 0, of: (each) => each.sodiumMg },
  { field: "bulkDensityGPerMl", name: "density", unit: "g/ml", decimals: 2, of: (each) => each.bulkDensityGPerMl },
  { field: "pieceGrams", name: "a piece", unit: "g", decimals: 1, of: (each) => each.pieceGrams },
  {
    field: "absorptionPct",
    name: "drinks, at the usual moisture",
    unit: "%",
    decimals: 1,
    of: (each) => each.behaviour?.absorptionPct,
  },
  {
    field: "absorptionSdPct",
    name: "give or take",
    unit: "%",
    decimals: 1,
    of: (each) => each.behaviour?.absorptionSdPct,
  },
  {
    field: "uptakeTauMin",
    name: "time of uptake",
    unit: "min",
    decimals: 1,
    of: (each) => each.behaviour?.uptakeTauMin,
  },
  {
    field: "glutenQuality",
    name: "gluten quality",
    unit: "",
    decimals: 2,
    of: (each) => each.behaviour?.glutenQuality,
  },
];

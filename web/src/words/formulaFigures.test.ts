import { describe, expect, it } from "vitest";
import type { Kitchen } from "../api";
import { figuresOf } from "../figures";
import { brokenName, FORMULA_FIGURES, figureName, figureUnit, figureWords } from "./formulaFigures";

const METRIC = figuresOf({ massUnit: "g", temperatureUnit: "C", decimalMark: "point", dateOrder: "iso" } as Kitchen);
const US = figuresOf({ massUnit: "oz", temperatureUnit: "F", decimalMark: "point", dateOrder: "iso" } as Kitchen);

describe("the figures by which formulas are compared", () => {
  it("have names of their own", () => {
    expect(new Set(FORMULA_FIGURES.map(figureName)).size).toBe(FORMULA_FIGURES.length);
    expect(FORMULA_FIGURES.every((figure) => brokenName(figure).length > 0)).toBe(true);
  });

  it.each([
    ["waterNeeded", 124.4, "124 g", "4.39 oz", "mass"],
    ["rollability", 77.3, "77 %", "77 %", "%"],
    ["minSheetMm", 1.42, "1.4 mm", "1.4 mm", "mm"],
    ["window.minutes", 171, "171 min", "171 min", "min"],
    ["energyKcal", 104.6, "105 kcal", "105 kcal", "kcal"],
    ["sheetStrength", 46.7, "47", "47", undefined],
  ] as const)("%s is said and typed in its unit", (figure, value, metric, us, unit) => {
    expect(figureWords(figure, value, METRIC)).toBe(metric);
    expect(figureWords(figure, value, US)).toBe(us);
    expect(figureUnit(figure)).toBe(unit);
  });

  it("are a dash where they do not apply", () => {
    expect(figureWords("puff", undefined, METRIC)).toBe("–");
  });
});

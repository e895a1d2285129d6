import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { ExplanationStep, Kitchen } from "../api";
import { figuresOf } from "../figures";
import { type FormulaPart, plainNumber, ruleFormula, stepSum } from "./formulas";
import model from "./model.json";

const FIGURES = figuresOf({ massUnit: "g", temperatureUnit: "C", decimalMark: "point", dateOrder: "iso" } as Kitchen);
const US = figuresOf({ massUnit: "oz", temperatureUnit: "F", decimalMark: "comma", dateOrder: "iso" } as Kitchen);

const text = (parts: FormulaPart[]) => parts.map((part) => (part.raised ? `^${part.text}` : part.text)).join("");

const COATING = {
  rule: "COATING",
  formula: "1 - min(RUBBED_FAT_COATING_MAX, RUBBED_FAT_COATING * FAT_PER_FLOUR)",
  inputs: [{ symbol: "FAT_PER_FLOUR", value: 0.125, unit: "FACTOR", coefficient: null }],
  coefficients: [
    { code: "RUBBED_FAT_COATING_MAX", value: 0.12, unit: "FACTOR" },
    { code: "RUBBED_FAT_COATING", value: 0.8, unit: "FACTOR" },
  ],
  value: 0.9,
  unit: "FACTOR",
} as unknown as ExplanationStep;

describe("a formula of the core", () => {
  it("stands with the figures that went in and the coefficients that were used", () => {
    expect(text(stepSum(COATING, FIGURES))).toBe("1 − min(0.12; 0.8 · 12.5 % fat to flour)");
    expect(text(stepSum(COATING, US))).toBe("1 − min(0,12; 0,8 · 12,5 % fat to flour)");
  });

  it("sets coefficients off from inputs and signs", () => {
    const kinds = stepSum(COATING, FIGURES).filter(({ kind }) => kind === "coefficient");
    expect(kinds.map(({ name }) => name)).toEqual(["RUBBED_FAT_COATING_MAX", "RUBBED_FAT_COATING"]);
  });

  it("stands with names where there are no figures", () => {
    const parts = ruleFormula(
      COATING.formula,
      COATING.coefficients.map(({ code, value }) => ({ name: code, value })),
      FIGURES,
    );
    expect(text(parts)).toContain("0.8 · fat to flour");
  });

  it("takes a sign close to what it belongs to", () => {
    expect(text(ruleFormula("exp(-MINUTE / UPTAKE_TAU) - pow(MASS, 2)", [], FIGURES))).toBe(
      "exp(−minute / time constant of uptake) − mass^2",
    );
  });

  it.each([
    ["2 * pow(MASS + 1, 2) / 3", "2 · (mass + 1)^2 / 3"],
    ["pow(min(1, MASS / 2), 1 / 3)", "(min(1; mass / 2))^1^/^3"],
    ["exp(-pow(ln(MASS), UPTAKE_TAU))", "exp(−(ln(mass))^time constant of uptake)"],
    ["pow(pow(MASS, 2) + 1, 3)", "(mass^2 + 1)^3"],
  ])("raises the exponents of %s", (formula, words) => {
    expect(text(ruleFormula(formula, [], FIGURES))).toBe(words);
  });

  it.each([
    [0.000023007, 9, "0.000023007"],
    [30, 5, "30"],
    [-35, 5, "−35"],
    [0, 5, "0"],
    [1.3, 5, "1.3"],
    [100, 0, "100"],
  ])("writes %d with up to %d decimals as %s", (value, decimals, words) => {
    expect(plainNumber(value, FIGURES, decimals)).toBe(words);
  });
});

/** Every enum of the API's description that has this code. */
function codes(known: string): string[] {
  const document = readFileSync("../server/openapi.json", "utf8");
  const found = document.match(new RegExp(`"enum"\\s*:\\s*\\[[^\\]]*"${known}"[^\\]]*\\]`));
  return JSON.parse(`{${found?.[0] ?? '"enum":[]'}}`).enum;
}

describe("the words of the model", () => {
  it("stand for every rule", () => {
    expect(Object.keys(model.rules).sort()).toEqual([...codes("FLOUR_DRINKS")].sort());
  });

  it("have no number of the model", () => {
    const words = [
      ...Object.values(model.rules),
      ...Object.values(model.chapters).flatMap(({ title, intro, limits }) => [title, intro, limits]),
    ];
    for (const said of words) {
      expect(said).not.toMatch(/\d/);
    }
    const reasons = readFileSync("src/words/reasons.ts", "utf8").replace(/number\([^)]*\), \d\)/g, "");
    const spoken = [...reasons.matchAll(/`([^`]*)`/g)].map(([, said = ""]) => said.replace(/\$\{[^}]*\}/g, ""));
    expect(spoken.length).toBeGreaterThan(40);
    expect(spoken.filter((said) => /\d/.test(said.replace("g²", "")))).toEqual([]);
  });
});

import { describe, expect, it } from "vitest";
import type { BalanceAnswer, Kitchen } from "../api";
import { figuresOf } from "../figures";
import { massOrSurplus, waterBriefly, waterRange, waterWords } from "./water";

const FIGURES = figuresOf({ massUnit: "g", temperatureUnit: "C", decimalMark: "point", dateOrder: "iso" } as Kitchen);
const water = (needed: number, standing: string) => ({ needed, standing }) as unknown as BalanceAnswer["water"];

describe("the water that a dough needs", () => {
  it.each([
    [120, "needs-water", "Water this dough needs"],
    [-20, "too-wet", "Too much, even without added water"],
    [120, "in-balance", "Water for the middle"],
    [-20, "in-balance", "More than the middle takes, even without added water"],
  ])("%d g, %s: %s", (needed, standing, words) => {
    expect(waterWords(water(needed, standing))).toBe(words);
  });

  it("is never called too much inside the window", () => {
    for (const needed of [-300, -1, 0, 1, 300]) {
      expect(waterWords(water(needed, "in-balance"))).not.toMatch(/too|needs/i);
    }
  });

  it.each([
    [124, 112, 136, "124 g (112–136)"],
    [-13, -17, -9.2, "13 g too much (9.2–17)"],
    [5, -8, 18, "5 g (8 g too much to 18 g)"],
    [-5, -18, 8, "5 g too much (18 g too much to 8 g)"],
  ])("%d from %d to %d, in few words", (needed, low, high, words) => {
    expect(waterBriefly({ needed, told: { low, high } }, FIGURES)).toBe(words);
  });

  it.each([
    [12, "12 g"],
    [0, "0 g"],
    [-0.04, "0 g"],
    [-12, "12 g too much"],
  ])("%d g is %s", (grams, words) => {
    expect(massOrSurplus(grams, FIGURES)).toBe(words);
  });

  it.each([
    [46, 138, "46 to 138 g needed"],
    [-72, 29, "72 g too much to 29 g missing"],
    [-140, -124, "124 to 140 g too much"],
  ])("from %d to %d is never below nothing", (low, high, words) => {
    expect(waterRange({ low, high }, FIGURES)).toBe(words);
  });
});

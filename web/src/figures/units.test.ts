import { describe, expect, it, vi } from "vitest";
import type { Kitchen } from "../api";
import { figuresOf } from "./units";

const METRIC = {
  massUnit: "g",
  lengthUnit: "cm",
  temperatureUnit: "C",
  decimalMark: "point",
  dateOrder: "iso",
} as Kitchen;
const US = {
  massUnit: "oz",
  lengthUnit: "in",
  temperatureUnit: "F",
  decimalMark: "comma",
  dateOrder: "month-day",
} as Kitchen;

describe("figures of a metric kitchen", () => {
  const figures = figuresOf(METRIC);

  it.each([
    [0, "0 g"],
    [0.04, "0 g"],
    [-0.04, "0 g"],
    [5.27, "5.3 g"],
    [5.02, "5 g"],
    [19.96, "20 g"],
    [247.6, "248 g"],
    [-12.34, "−12.3 g"],
    [12_345.6, "12346 g"],
  ])("writes a mass of %d g as %s", (grams, words) => {
    expect(figures.mass(grams)).toBe(words);
  });

  it.each([
    [1.8, "1.8 %"],
    [2, "2 %"],
    [62.4, "62 %"],
  ])("writes %d percent as %s", (pct, words) => {
    expect(figures.percent(pct)).toBe(words);
  });

  it.each([
    [185, "18.5 cm"],
    [280, "28 cm"],
    [280.3, "28 cm"],
    [52.4, "5.2 cm"],
  ])("writes a size of %d mm as %s", (mm, words) => {
    expect(figures.size(mm)).toBe(words);
  });

  it.each([
    [0.49, 0, false],
    [0.5, 0, true],
    [-0.06, 1, true],
    [0.04, 1, false],
  ])("says whether %d rounded to %d decimals shows", (value, decimals, shows) => {
    expect(figures.shows(value, decimals)).toBe(shows);
    expect(/[1-9]/.test(figures.number(value, decimals))).toBe(shows);
  });

  it.each([
    ["", null],
    ["  12,5 ", 12.5],
    [".5", 0.5],
    ["−4", -4],
    ["12.", 12],
    ["7 1/4", 7.25],
    ["3/8", 0.375],
    ["1/0", NaN],
    ["1/2/3", NaN],
    ["lots", NaN],
    ["1e400", NaN],
    ["1 000", NaN],
  ])("reads %j as %s", (text, value) => {
    expect(figures.parse(text)).toBe(value);
  });
});

describe("figures of a US kitchen with a decimal comma", () => {
  const figures = figuresOf(US);

  it("writes ounces, inches and degrees Fahrenheit", () => {
    expect(figures.mass(100)).toBe("3,53 oz");
    expect(figures.mass(1000)).toBe("35,3 oz");
    expect(figures.size(457.2)).toBe("18 in");
    expect(figures.size(185)).toBe("7,3 in");
    expect(figures.temperature(35)).toBe("95 °F");
  });

  it.each([0.1, 28.35, 400])("reads back what it writes of %d g", (grams) => {
    expect(figures.gramsFromMassUnit(figures.massUnitFromGrams(grams))).toBeCloseTo(grams, 9);
  });

  it.each([30, 184.2, 660])("reads back what it writes of %d mm", (mm) => {
    expect(figures.mmFromLengthUnit(figures.lengthUnitFromMm(mm))).toBeCloseTo(mm, 9);
  });

  it.each([-18, 0, 37, 260])("reads back what it writes of %d °C", (celsius) => {
    expect(figures.celsiusFromDegrees(figures.degreesFromCelsius(celsius))).toBeCloseTo(celsius, 9);
  });
});

describe("dates", () => {
  it.each(["Etc/GMT+8", "Etc/GMT-12", "UTC"])("of a day by itself are the same everywhere, as in %s", (zone) => {
    vi.stubEnv("TZ", zone);
    expect(figuresOf(METRIC).date("2026-03-31")).toBe("2026-03-31");
    expect(figuresOf(US).date("2026-03-31")).toBe("Mar 31, 2026");
    expect(figuresOf(METRIC).weekday("2026-03-31")).toBe("Tuesday, 2026-03-31");
    vi.unstubAllEnvs();
  });

  it("of a moment are those of where it is read", () => {
    vi.stubEnv("TZ", "Etc/GMT+8");
    expect(figuresOf(METRIC).date("2026-03-31T02:00:00Z")).toBe("2026-03-30");
    vi.unstubAllEnvs();
  });
});

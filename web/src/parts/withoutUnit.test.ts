import { describe, expect, it } from "vitest";
import { figuresOf } from "../figures";
import { inLargerUnit, withoutUnit } from "./withoutUnit";

const figures = figuresOf({
  massUnit: "g",
  temperatureUnit: "C",
  decimalMark: "point",
  dateOrder: "day-month",
  currency: "",
  cupMl: 240,
  name: "",
});

describe("a number with its unit typed after it", () => {
  it.each([
    ["90 %", "%", 90],
    ["90%", "%", 90],
    ["2.5 x", "×", 2.5],
    ["2.5×", "×", 2.5],
    ["3X", "×", 3],
    [" 250 G ", "g", 250],
    ["1,5 mm", "mm", 1.5],
    ["17 C", "°C", 17],
    ["17c", "°C", 17],
    ["17 °C", "°C", 17],
    ["40", "%", 40],
    ["40", undefined, 40],
  ])("reads %s", (text, unit, value) => {
    expect(figures.parse(withoutUnit(text, unit))).toBe(value);
  });

  it.each([
    ["1,5 kg", "g", "1,5 ", 1000],
    ["2KG", "g", "2", 1000],
    ["3 lb", "oz", "3 ", 16],
  ])("reads %s in a larger unit", (text, unit, number, times) => {
    expect(inLargerUnit(text, unit)).toEqual({ text: number, times });
  });

  it.each([
    ["250 g", "g"],
    ["kg", "g"],
    ["2 kg", "%"],
    ["2 kg", undefined],
  ])("sees no larger unit in %s for %s", (text, unit) => {
    expect(inLargerUnit(text, unit)).toBeNull();
  });

  it.each([
    ["%", "%"],
    ["90 g", "%"],
    ["63 F", "°C"],
    ["much %", "%"],
  ])("leaves %s to be refused", (text, unit) => {
    expect(figures.parse(withoutUnit(text, unit))).toBeNaN();
  });
});

import { describe, expect, it } from "vitest";
import { figuresOf } from "../figures";
import { inOtherUnit, withoutUnit } from "./withoutUnit";

const figures = figuresOf({
  massUnit: "g",
  lengthUnit: "cm",
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
    ["1,5 kg", "g", 1500],
    ["2KG", "g", 2000],
    ["8 oz", "g", 226.8],
    ["3 lb", "oz", 48],
    ["100 g", "oz", 3.527],
    ["600 mm", "cm", 60],
    ["10 in", "cm", 25.4],
    ['9 1/2"', "in", 9.5],
    ["9.5 inches", "in", 9.5],
    ["25.4cm", "in", 10],
  ])("reads %s where %s are asked for", (text, unit, value) => {
    const other = inOtherUnit(text, unit);
    expect((figures.parse(other?.text ?? "") ?? NaN) * (other?.times ?? NaN)).toBeCloseTo(value, 2);
  });

  it.each([
    ["250 g", "g"],
    ["kg", "g"],
    ['"', "in"],
    ["2 kg", "%"],
    ["2 kg", undefined],
  ])("sees no other unit in %s for %s", (text, unit) => {
    expect(inOtherUnit(text, unit)).toBeNull();
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

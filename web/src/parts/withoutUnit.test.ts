import { describe, expect, it } from "vitest";
import { figuresOf } from "../figures";
import { withoutUnit } from "./withoutUnit";

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
    ["%", "%"],
    ["90 g", "%"],
    ["63 F", "°C"],
    ["much %", "%"],
  ])("leaves %s to be refused", (text, unit) => {
    expect(figures.parse(withoutUnit(text, unit))).toBeNaN();
  });
});

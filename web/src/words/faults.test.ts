import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Kitchen, ProblemFault } from "../api";
import { figuresOf } from "../figures";
import { faultWords } from "./faults";

const FIGURES = figuresOf({ massUnit: "g", temperatureUnit: "C", decimalMark: "point", dateOrder: "iso" } as Kitchen);
const OUNCES = figuresOf({
  massUnit: "oz",
  lengthUnit: "in",
  temperatureUnit: "F",
  decimalMark: "comma",
  dateOrder: "iso",
} as Kitchen);

const fault = (code: string, field: string, value: string | null, limit: number | null) =>
  ({ code, field, value, limit, line: null }) as unknown as ProblemFault;

/** Every code that the API may answer, from its document. */
const CODES: string[] = (() => {
  const document = JSON.parse(readFileSync("../server/openapi.json", "utf8"));
  const found = JSON.stringify(document).match(/"enum":\[("[a-z-]+",?)*"not-a-number"[^\]]*\]/);
  return JSON.parse(`{${found?.[0] ?? '"enum":[]'}}`).enum;
})();

describe("the words of a fault", () => {
  it("stand for every code of the API", () => {
    expect(CODES.length).toBeGreaterThan(15);
    for (const code of CODES) {
      const words = faultWords(fault(code, "lines[2].grams", "12", 10), FIGURES);
      expect(words, code).toMatch(/^[A-Z“].*\.$/);
      expect(words, code).not.toContain(code.includes("-") ? code : "undefined");
    }
  });

  it("are in the kitchen's units", () => {
    const heavy = fault("too-large", "lines[0].grams", "2000000", 1_000_000);
    expect(faultWords(heavy, FIGURES)).toBe("The weight is 2000000 g; it must be at most 1000000 g.");
    expect(faultWords(heavy, OUNCES)).toContain("oz");
    expect(faultWords(fault("too-large", "method.temperatures.doughC", "90", 60), OUNCES)).toBe(
      "The dough temperature is 194 °F; it must be at most 140 °F.",
    );
  });

  it("are in the unit in which a size is typed", () => {
    const small = fault("too-small", "trays.longMm", "0", 100);
    expect(faultWords(small, FIGURES)).toBe("The longer side is 0 cm; it must be at least 10 cm.");
    expect(faultWords(small, OUNCES)).toBe("The longer side is 0 in; it must be at least 3,94 in.");
    expect(faultWords(fault("too-small", "sheetMm", "0", 0.3), FIGURES)).toContain("0.3 mm");
  });

  it("say in which units a number is read", () => {
    const feet = fault("not-a-number", "trays.longMm", "2 feet", null);
    expect(faultWords(feet, FIGURES)).toBe(
      "The longer side is not a number: “2 feet”. It is read in cm, mm or inches.",
    );
    expect(faultWords(fault("not-a-number", "lines[0].grams", "lots", null), FIGURES)).toContain("g, kg, oz or lb");
    expect(faultWords(fault("not-a-number", "pieces", "lots", null), FIGURES)).toBe(
      "The number of pieces is not a number: “lots”.",
    );
  });

  it("count characters and entries as they are", () => {
    expect(faultWords(fault("too-long", "name", "130", 120), FIGURES)).toBe(
      "The name has 130 characters; at most 120 are kept.",
    );
  });
});

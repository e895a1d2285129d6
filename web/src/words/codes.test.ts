import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Caution, Kitchen, PantryDocument } from "../api";
import { figuresOf } from "../figures";
import { causeWords, cautionWords } from "./cautions";
import cautions from "./cautions.json";
import guide from "./guide.json";
import { drillWords, endPointWords, symptomCauseWords, symptomWords } from "./handling";
import { schoolWords } from "./schools";
import schools from "./schools.json";
import symptoms from "./symptoms.json";

const METRIC = figuresOf({ massUnit: "g", temperatureUnit: "C", decimalMark: "point", dateOrder: "iso" } as Kitchen);
const US = figuresOf({ massUnit: "oz", temperatureUnit: "F", decimalMark: "point", dateOrder: "iso" } as Kitchen);

/** The columns of a table of the core that come first, row by row. */
function table(name: string): string[][] {
  const text = readFileSync(`../core/src/main/resources/verdamen/core/${name}.csv`, "utf8").trim();
  return text
    .split("\n")
    .slice(1)
    .map((line) => line.split(","));
}

const codesOf = (name: string) => table(name).map(([code]) => code ?? "");

describe("every code of the core's tables has words, and no words stand without a code", () => {
  it("cautions", () => {
    expect(Object.keys(cautions).sort()).toEqual(codesOf("caution/cautions").sort());
  });

  it("schools", () => {
    for (const [code = "", question = ""] of table("method/schools")) {
      const { name, reason } = schoolWords(question, code);
      expect(name, code).not.toBe(code.includes("-") ? code : "");
      expect(reason, code).toMatch(/^[A-Z][^.]*: [^.]*\.$/);
    }
    expect(Object.values(schools).flatMap((each) => Object.keys(each)).length).toBe(table("method/schools").length);
  });

  it("symptoms and their causes", () => {
    expect(Object.keys(symptoms.symptoms).sort()).toEqual(codesOf("handling/symptoms").sort());
    for (const [symptom = "", cause = ""] of table("handling/causes")) {
      const { says, check } = symptomCauseWords(symptom, cause);
      expect(says, cause).toMatch(/\.$/);
      expect(check.length, cause).toBeGreaterThan(10);
      expect(symptomWords(symptom)).toMatch(/^[a-z]/);
    }
  });

  it("end points and drill", () => {
    expect(Object.keys(guide.endPoints).sort()).toEqual(codesOf("handling/end_points").sort());
    expect(Object.keys(guide.drill).sort()).toEqual(codesOf("handling/drill").sort());
    expect(endPointWords("rested").test).toContain("dent");
    expect(drillWords("dent-stays").why).toContain("roll");
  });
});

const caution = (code: string, limits: Caution["coefficients"], causes: Caution["causes"] = []) =>
  ({ code, coefficients: limits, causes }) as Caution;

describe("a caution", () => {
  const hold = caution("cooling-hold", [
    { code: "SAFE_COOLING_C", value: 21, unit: "CELSIUS" },
    { code: "SAFE_COOLING_MINUTES", value: 120, unit: "MINUTES" },
    { code: "SAFE_FRIDGE_C", value: 5, unit: "CELSIUS" },
    { code: "SAFE_FRIDGE_MINUTES", value: 360, unit: "MINUTES" },
    { code: "SAFE_KEEPING_MINUTES", value: 2880, unit: "MINUTES" },
  ]);

  it("names its limits in the kitchen's units", () => {
    expect(cautionWords(hold, METRIC).text).toContain(
      "from hot to 21 °C within 2 hours, to 5 °C within 6 hours; use within 2 days",
    );
    expect(cautionWords(hold, US).text).toContain("from hot to 70 °F within 2 hours, to 41 °F");
  });

  it("leaves no limit without its figure", () => {
    const named = table("caution/cautions").map(([code = "", , , , limits = ""]) => [code, limits] as const);
    for (const [code, limits] of named) {
      const text = (cautions as Record<string, { text: string }>)[code]?.text ?? "";
      const asked = [...text.matchAll(/\{(\w+)\}/g)].map(([, name]) => name);
      expect(asked.sort(), code).toEqual(limits.split("|").filter(Boolean).sort());
    }
  });

  it("says what it is because of, with names and units", () => {
    const pantry = {
      ingredients: [{ code: "potato-raw", name: "Potato, raw" }],
      styles: [{ code: "pita", name: "Pita" }],
    } as PantryDocument;
    const none = { code: null, ingredient: null, minutes: null, celsius: null };
    const causes: Caution["causes"] = [
      { ...none, kind: "ingredient", code: "potato-raw" },
      { ...none, kind: "step", code: "boil", ingredient: "potato-raw" },
      { ...none, kind: "style", code: "pita" },
      { ...none, kind: "chill", minutes: 720, celsius: 5 },
      { ...none, kind: "water", celsius: 75 },
      { ...none, kind: "kept-liquid", code: "potato-raw" },
      { ...none, kind: "heat", code: "hot-dry" },
      { ...none, kind: "kneading", code: "machine" },
      { ...none, kind: "sticking", code: "sheets" },
    ];
    expect(causeWords(causes, pantry, US)).toBe(
      "Potato, raw; Potato, raw: boiling; Pita; 12 hours at 41 °F; water at 167 °F; liquid kept from Potato, raw; " +
        "a hot, dry griddle; kneading by machine; plastic sheets",
    );
  });
});

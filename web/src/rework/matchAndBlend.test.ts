import { describe, expect, it } from "vitest";
import type { Lot, PantryDocument } from "../api";
import type { Draft } from "../formula";
import { atHand, blendOf, flourOf, NO_BLEND, saidWants } from "./blendPlan";
import { matchOf, NO_MATCH, saidLots } from "./matchPlan";

const DRAFT: Draft = {
  name: "Roti",
  style: "roti",
  lines: [
    { key: "a", ingredient: "wheat-atta", grams: 300 },
    { key: "b", ingredient: "rye-whole", grams: 100 },
    { key: "c", ingredient: "water", grams: 250 },
    { key: "d", ingredient: "wheat-atta", grams: 20 },
  ],
};

const PANTRY = {
  ingredients: [
    { code: "wheat-atta", role: "flour" },
    { code: "rye-whole", role: "flour" },
    { code: "water", role: "liquid" },
  ],
} as PantryDocument;

const LOTS = [
  { id: 4, ingredient: "rye-whole", name: "Rye, river field", moisturePct: 13.1, usedUp: false },
  { id: 5, ingredient: "wheat-atta", name: "Old", usedUp: true },
] as Lot[];

describe("a blend", () => {
  it("begins with the lots, then the formula's flours, each once and none that is used up", () => {
    expect(atHand(DRAFT, PANTRY, LOTS).map(({ ingredient, lot }) => [ingredient, lot])).toEqual([
      ["rye-whole", 4],
      ["wheat-atta", null],
    ]);
  });

  it("asks for what is said, shares as shares", () => {
    const flours = [{ ...flourOf("wheat-atta"), lowPct: 20 }, flourOf("rye-whole")];
    const wanted = {
      proteinPct: { atLeast: null, about: 12, atMost: null },
      costPerKg: { atLeast: null, about: null, atMost: null },
    };
    const blend = { ...NO_BLEND, wanted, most: 2 };
    expect(saidWants(blend)).toHaveLength(1);
    expect(blendOf(blend, flours, {}, [])).toMatchObject({
      flours: [{ ingredient: "wheat-atta", lowShare: 0.2, highShare: null }, { ingredient: "rye-whole" }],
      wanted: [{ figure: "proteinPct", about: 12 }],
      atMostFlours: 2,
      goal: null,
    });
    expect(blendOf(blend, flours.slice(1), {}, [])).toBeNull();
  });
});

describe("a match", () => {
  it("asks for nothing before something has to change", () => {
    expect(matchOf(NO_MATCH, DRAFT, {}, [])).toBeNull();
    const untyped = { a: { lot: null, moisturePct: null, proteinPct: null } };
    expect(matchOf({ ...NO_MATCH, lots: untyped, out: ["gone"] }, DRAFT, {}, [])).toBeNull();
  });

  it("counts only the lots that say anything, as the server does", () => {
    const none = { lot: null, moisturePct: null, proteinPct: null };
    const lots = { a: none, b: { ...none, moisturePct: "wet" }, gone: { ...none, lot: 3 } };
    expect(saidLots({ ...NO_MATCH, lots }, ["a", "b"]).map(([key]) => key)).toEqual(["b"]);
    expect(matchOf({ ...NO_MATCH, lots }, DRAFT, {}, [])?.lots).toHaveLength(1);
  });

  it("names lines by their places", () => {
    const lots = { b: { lot: null, moisturePct: 10, proteinPct: null } };
    expect(matchOf({ ...NO_MATCH, out: ["b"], lots, allergen: "gluten" }, DRAFT, {}, ["rest", "water"])).toMatchObject({
      out: [1],
      lots: [{ line: 1, moisturePct: 10 }],
      allergen: "gluten",
      without: ["rest"],
    });
  });
});

import { describe, expect, it } from "vitest";
import type { Draft } from "../formula";
import { blendOf, flourOf, NO_BLEND, plannedFlours, saidWants } from "./blendPlan";
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

describe("a blend", () => {
  it("begins with what is at hand, a lot with its figures", () => {
    const [lot, book] = plannedFlours([{ ingredient: "rye-whole", lot: 4, moisturePct: 13.1 }, { ingredient: "atta" }]);
    expect(lot).toEqual({ ...flourOf("rye-whole"), lot: 4, moisturePct: 13.1 });
    expect(book).toEqual(flourOf("atta"));
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

import { describe, expect, it } from "vitest";
import type { DayListsAnswer } from "../api";
import { groupedNeeds } from "./lists";

type Need = DayListsAnswer["lists"]["needs"][number];

const need = (ingredient: string, shelf: string | null, store: string | null, shortGrams: number | null): Need => ({
  needed: { ingredient, name: ingredient, grams: 100, of: [100] },
  lots: [],
  stock: { shelf, store, inHandGrams: null },
  shortGrams,
});

const NEEDS = [
  need("atta", "B, low", "mill", 40),
  need("salt", null, null, null),
  need("water", null, null, 0),
  need("rye", "A, high", "mill", 0),
  need("oil", "A, high", "market", 12),
];

const shown = (by: "shelf" | "store") =>
  groupedNeeds(NEEDS, by, null).map(({ name, needs }) => [name, needs.map(({ needed }) => needed.ingredient)]);

describe("what a day needs", () => {
  it("stands under its shelves, what stands nowhere last", () => {
    expect(shown("shelf")).toEqual([
      ["A, high", ["rye", "oil"]],
      ["B, low", ["atta"]],
      ["", ["salt", "water"]],
    ]);
  });

  it("is bought when it is short or nobody has counted, store by store", () => {
    expect(shown("store")).toEqual([
      ["market", ["oil"]],
      ["mill", ["atta"]],
      ["", ["salt"]],
    ]);
  });

  it("stays in its group while something of it is typed", () => {
    const before = groupedNeeds(NEEDS, "store", null);
    const counted = NEEDS.map((each) => ({ ...each, shortGrams: 0, stock: { ...each.stock, store: "fair" } }));
    const then = groupedNeeds(counted, "store", before);
    expect(then.map(({ name }) => name)).toEqual(["market", "mill", ""]);
    expect(then.flatMap(({ needs }) => needs.map(({ shortGrams }) => shortGrams))).toEqual([0, 0, 0]);
  });
});

import { describe, expect, it } from "vitest";
import type { Kitchen, PantryDocument, Proposal } from "../api";
import { figuresOf } from "../figures";
import { carriedWords, reasonWords, reworkNote } from "./rework";

const FIGURES = figuresOf({ massUnit: "g", temperatureUnit: "C", decimalMark: "point", dateOrder: "iso" } as Kitchen);
const PANTRY = {
  ingredients: [
    { code: "wheat-atta", name: "Atta" },
    { code: "emmer-whole", name: "Whole emmer flour" },
    { code: "water", name: "Water" },
  ],
} as PantryDocument;
const proposal = (more: Partial<Proposal>): Proposal => ({
  kind: "water",
  line: 2,
  ingredient: "water",
  from: 240,
  to: 254,
  unit: "GRAMS",
  fromChoice: null,
  toChoice: null,
  reasons: [{ reason: "target", value: 1, unit: "SOFTNESS" }],
  taken: true,
  ...more,
});
const rest = proposal({ kind: "rest", ingredient: null, from: 20, to: 32 });
const kneading = proposal({ kind: "kneading", fromChoice: "hand", toChoice: "just-combined", to: null });

describe("what goes along with a substitution", () => {
  it.each([
    [proposal({}), "Water: 240 g → 254 g"],
    [proposal({ from: null }), "Water: 254 g"],
    [rest, "Rest: 20 min → 32 min"],
    [proposal({ kind: "sheet", from: 1.5, to: 1.8 }), "Sheet: 1.5 mm → 1.8 mm"],
    [kneading, "Kneading: only brought together, not by hand"],
  ])("%o", (along, words) => {
    expect(carriedWords(along, PANTRY, FIGURES)).toBe(words);
  });

  it("says why", () => {
    expect(reasonWords(proposal({}), FIGURES)).toBe("as soft as is aimed for, 1.00");
    const salt = proposal({ reasons: [{ reason: "share-of-flour", value: 1.75, unit: "PERCENT" }] });
    expect(reasonWords(salt, FIGURES)).toBe("the same share of the flour");
  });

  it("becomes the note of the version, without what was left out", () => {
    const changes = [{ line: 0, by: "emmer-whole", form: null, share: 0.3, basis: "grams" }];
    const lines = ["wheat-atta", "water"];
    expect(reworkNote(changes, lines, [proposal({}), { ...rest, taken: false }], PANTRY, FIGURES)).toBe(
      "30 % of Atta to Whole emmer flour: Water 240 g → 254 g.",
    );
    expect(reworkNote(changes, lines, [], PANTRY, FIGURES)).toBe("30 % of Atta to Whole emmer flour.");
  });
});

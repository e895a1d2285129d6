import { describe, expect, it } from "vitest";
import type { ComparisonAnswer } from "../api";
import { figuresOf } from "../figures";
import { againstWords } from "./comparison";

const figures = figuresOf({
  name: "Mill",
  massUnit: "g",
  temperatureUnit: "C",
  decimalMark: "comma",
  dateOrder: "day-month",
  cupMl: 240,
  cupFilling: null,
  currency: "€",
});

type Against = ComparisonAnswer["comparison"]["against"][number];

const NOTHING: Against = {
  item: 1,
  lines: [],
  others: 0,
  settings: [],
  cameOf: [],
  fromVerdict: null,
  toVerdict: null,
};

const rye = { ingredient: "rye-whole", name: "Whole rye flour", fromPct: 0, toPct: 20, fromGrams: 0, toGrams: 80 };

describe("what was changed and what came of it", () => {
  it("names ingredients on the flour, settings and figures with their units", () => {
    expect(
      againstWords(
        {
          ...NOTHING,
          lines: [rye],
          others: 2,
          settings: [{ figure: "restMinutes", from: 30, to: 45 }],
          cameOf: [
            { figure: "stick", from: 0, to: 50, seen: true },
            { figure: "soft-hours", from: 12, to: 7.5, seen: false },
          ],
          fromVerdict: "well",
          toVerdict: "badly",
        },
        figures,
      ),
    ).toEqual([
      "B has, on the flour, whole rye flour 20 % instead of none, 2 more ingredients changed, rest 45 min instead of 30 min.",
      "Seen of it: sticking 50 % instead of 0 %.",
      "Predicted of it: soft for 7,5 h instead of 12 h.",
      "It came out badly, the first one came out well.",
    ]);
  });

  it("says how it felt in words where both were felt", () => {
    const against = { ...NOTHING, cameOf: [{ figure: "feel" as const, from: 1.24, to: 1.01, seen: true }] };
    expect(againstWords(against, figures, ["slack", "soft"])[1]).toBe("Seen of it: felt soft instead of slack.");
    expect(againstWords(against, figures)[1]).toBe("Seen of it: softness 1,01 instead of 1,24.");
  });

  it("says so when nothing was changed or came of it", () => {
    expect(againstWords({ ...NOTHING, item: 2, fromVerdict: "well", toVerdict: "well" }, figures)).toEqual([
      "C is made as A is.",
      "No difference worth telling was seen or predicted.",
      "Both came out well.",
    ]);
  });

  it("takes grams where there is no flour", () => {
    const potato = { ...rye, name: "Potato", fromPct: null, toPct: null, fromGrams: 300, toGrams: 350 };
    expect(againstWords({ ...NOTHING, lines: [potato] }, figures)[0]).toBe("B has potato 350 g instead of 300 g.");
  });
});

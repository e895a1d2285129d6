import { describe, expect, it } from "vitest";
import type { Batch, Kitchen } from "../api";
import { figuresOf } from "../figures";
import { madeAsWords } from "./bench";

const figures = figuresOf({ massUnit: "g", temperatureUnit: "F", decimalMark: "point", dateOrder: "iso" } as Kitchen);

describe("what is different about a batch", () => {
  it("is said in the kitchen's units", () => {
    const batch = {
      madeAs: { chillMinutes: 840, kitchenC: 25, parBaked: true, splits: [{ storage: "freezer-bag", pieces: 3 }] },
    } as Batch;
    expect(madeAsWords(batch, figures)).toEqual([
      "chilled for 14 h before it is divided",
      "kitchen and flour at 77 °F",
      "cooked for the most part only, finished when it is served",
      "3 pieces put aside",
    ]);
  });

  it("is nothing for as it is written", () => {
    expect(madeAsWords({ madeAs: null } as Batch, figures)).toEqual([]);
    expect(madeAsWords({ madeAs: { splits: [] } } as unknown as Batch, figures)).toEqual([]);
  });
});

import { describe, expect, it } from "vitest";
import type { Kitchen } from "../api";
import { figuresOf } from "../figures";
import { saidBriefly, saidNowBy } from "./said";

const FIGURES = figuresOf({ massUnit: "g", temperatureUnit: "C", decimalMark: "point", dateOrder: "iso" } as Kitchen);
const SAID = {
  revision: 2,
  needed: 124,
  low: 112,
  high: 136,
  softness: 1.01,
  feel: "soft",
  standing: "in-balance",
} as const;
const name = (code: string) => code.replace("-", " ");

describe("what was said of a version", () => {
  it("is its water, its word and its verdict", () => {
    expect(saidBriefly(SAID, name, FIGURES)).toBe("124 g (112–136) of water, soft, inside the window");
    expect(saidBriefly({ ...SAID, feel: "very-soft", standing: "too-wet" }, name, FIGURES)).toBe(
      "124 g (112–136) of water, very soft, above the window",
    );
  });

  it("has no word for a dough in which nothing drinks", () => {
    expect(saidBriefly({ ...SAID, feel: null, standing: "needs-water" }, name, FIGURES)).toBe(
      "124 g (112–136) of water, below the window",
    );
  });

  it("is said by the model, or by what the kitchen has learned", () => {
    const now = { ...SAID, revision: 3, needed: 90 };
    expect(saidNowBy({ number: 1, then: SAID, now, why: "model" })).toBe("Revision 3 of the model says");
    expect(saidNowBy({ number: 1, then: now, now: SAID, why: "kitchen" })).toMatch(/kitchen/);
  });
});

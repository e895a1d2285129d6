import { describe, expect, it } from "vitest";
import type { Kitchen, TrialEffects } from "../api";
import { figuresOf } from "../figures";
import { effectsNotes, mainEffectWords } from "./trials";

const figures = figuresOf({ massUnit: "g", temperatureUnit: "C", decimalMark: "point", dateOrder: "iso" } as Kitchen);
const FACTORS = [
  { name: "Emmer", high: "50 %" },
  { name: "Pumpkin", high: "20 %" },
];

function effects(told: TrialEffects["told"], more: Partial<TrialEffects> = {}): TrialEffects {
  return { measure: "rolling", runs: 5, told, needed: null, main: [], together: [], ...more };
}

describe("what a series of trials says", () => {
  it("says an effect with its sign, its error and whether it may be chance", () => {
    const effect = { factor: 0, perStep: -0.7, standardError: 0.2, standsOut: true };
    expect(mainEffectWords("rolling", effect, "10 %", FACTORS, figures)).toBe("−0.70 ± 0.20 for each 10 % of Emmer.");
    expect(mainEffectWords("rolling", { ...effect, standsOut: false }, "10 %", FACTORS, figures)).toContain(
      "(may be chance)",
    );
    expect(mainEffectWords("sheet", { ...effect, perStep: 12 }, "10 %", FACTORS, figures)).toContain(
      "+12 mm ± 0.20 mm",
    );
    expect(mainEffectWords("rolling", { ...effect, perStep: 1e-12 }, "10 %", FACTORS, figures)).toBe(
      "No change for each 10 % of Emmer.",
    );
  });

  it("says how one changes the effect of another, and whether there is a sign of it", () => {
    const less = { factor: 0, with: 1, atLow: -0.8, atHigh: -0.2, standardError: 0.1, standsOut: true };
    const said = (each: typeof less) => effectsNotes(effects("everything", { together: [each] }), FACTORS, figures);
    expect(said(less)).toEqual(["With 20 % Pumpkin the Emmer does less: −0.20 instead of −0.80."]);
    expect(said({ ...less, atHigh: -1.5 })[0]).toContain("does more");
    expect(said({ ...less, atHigh: 0.3 })[0]).toContain("turns round");
    expect(said({ ...less, standsOut: false })).toEqual(["No sign that they change each other's effect."]);
  });

  it("invents nothing from too few runs", () => {
    expect(effectsNotes(effects("nothing", { runs: 1, needed: 3 }), FACTORS, figures)).toEqual([
      "1 run measured: it takes 3 different runs to tell anything.",
    ]);
    const main = [{ factor: 0, perStep: 1, standardError: null, standsOut: false }];
    const [unsure, more] = effectsNotes(effects("main-effects", { runs: 3, needed: 4, main }), FACTORS, figures);
    expect(unsure).toContain("cannot be told");
    expect(more).toContain("takes 4 different runs; 3 are measured");
  });
});

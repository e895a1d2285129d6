import { describe, expect, it } from "vitest";
import type { SeriesAnswer } from "../api";
import { ADDED, type Draft, type Plan } from "../formula";
import { climbedOf, hasLevels, trialsOf, withRung } from "./plan";
import { seriesCsv } from "./seriesCsv";

const DRAFT: Draft = {
  name: "Roti",
  style: "roti",
  lines: [
    { key: "a", ingredient: "wheat-atta", grams: 400 },
    { key: "b", ingredient: "water", grams: 250 },
  ],
};

const EMMER = { key: "1", line: "a", by: "emmer-whole", form: null, sharePct: 40, basis: "grams" };
const PUMPKIN = { key: "2", line: ADDED, by: "pumpkin-cooked", form: "puree", sharePct: null, basis: "grams" };
const PLAN: Plan = { substitutions: [EMMER, PUMPKIN], without: [] };
const TRIALS = { name: "", seed: "", centre: true, rounds: null, unmeasured: ["taste"], levels: {}, picked: null };

describe("a planned series of trials", () => {
  it("asks for two levels of each, and for nothing before it is said how far", () => {
    expect(trialsOf(PLAN, DRAFT, {}, [])).toBeNull();
    expect(hasLevels(PUMPKIN, PLAN)).toBe(false);
    const plan = { ...PLAN, trials: { ...TRIALS, levels: { "2": { lowPct: 5, highPct: 20 } } } };
    const asked = trialsOf(plan, DRAFT, {}, ["rolling", "taste"]);
    expect(asked?.factors?.map(({ lowShare, highShare }) => [lowShare, highShare])).toEqual([
      [null, null],
      [0.05, 0.2],
    ]);
    expect(asked).toMatchObject({ name: null, centre: true, measures: ["rolling"], seed: null, beside: [] });
  });

  it("takes rungs in and out, of one substitution at a time, the other staying as it is", () => {
    let plan = withRung(withRung({ ...PLAN, trials: TRIALS }, "1", 0.5), "1", 0.1);
    const asked = trialsOf(plan, DRAFT, {}, []);
    expect(asked?.factors?.[0]?.shares).toEqual([0.1, 0.5]);
    expect(asked?.centre).toBe(false);
    plan = withRung(plan, "1", 0.1);
    expect(plan.trials?.picked?.shares).toEqual([0.5]);
    expect(withRung(plan, "2", 0.3).trials?.picked).toEqual({ key: "2", shares: [0.3] });
    expect(withRung(plan, "1", 0.5).trials?.picked).toBeNull();
  });

  it("knows what is raised and what stays", () => {
    const plan = { ...PLAN, substitutions: [EMMER, { ...PUMPKIN, sharePct: 10 }] };
    expect(climbedOf(plan, DRAFT)).toMatchObject({ raised: { key: "1" }, second: undefined, beside: [{ key: "2" }] });
  });
});

describe("a series of trials", () => {
  it("is a table that no spreadsheet takes for a formula", () => {
    const series = {
      factors: [{ change: { line: 0, by: "emmer-whole" }, shares: [0, 0.5] }],
      different: ["wheat-atta", "water"],
      sameInEveryRun: { "salt-fine": 7 },
      runs: [{ shares: [0.5], weighed: { "wheat-atta": 400, water: 210 }, result: { rolling: 7, note: '=1+1, "so"' } }],
    } as unknown as SeriesAnswer;
    const [heads, row] = seriesCsv(series).split("\r\n");
    expect(heads).toContain("run,share of emmer-whole,wheat-atta g,water g,salt-fine g,waterGrams");
    expect(row).toContain("1,0.5,400,210,7,");
    expect(row?.endsWith(`,"'=1+1, ""so"""`)).toBe(true);
  });
});

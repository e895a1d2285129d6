import { describe, expect, it } from "vitest";
import { ADDED, type Draft, emptyDraft, type PlannedSubstitution } from "../formula";
import { changesOf, completeOf, emptySubstitution, ladderOf, NO_LADDER, planOf, searchOf } from "./plan";

const DRAFT: Draft = {
  ...emptyDraft("roti"),
  lines: [
    { key: "a", ingredient: "", grams: null },
    { key: "b", ingredient: "wheat-atta", grams: 400 },
    { key: "c", ingredient: "water", grams: 240 },
  ],
};
const chosen = (more: Partial<PlannedSubstitution>): PlannedSubstitution => ({
  ...emptySubstitution(),
  line: "b",
  by: "emmer-whole",
  sharePct: 30,
  ...more,
});

describe("what is planned in Rework", () => {
  it("begins with one substitution to choose, which asks for nothing yet", () => {
    expect(planOf(DRAFT).substitutions).toHaveLength(1);
    expect(changesOf(planOf(DRAFT), DRAFT)).toEqual([]);
  });

  it("names lines by their place in the formula", () => {
    const plan = { substitutions: [chosen({ line: "c", sharePct: 12.5 })], without: [] };
    expect(changesOf(plan, DRAFT)).toMatchObject([{ line: 2, by: "emmer-whole", share: 0.125, basis: "grams" }]);
  });

  it.each([chosen({ line: "gone" }), chosen({ by: "" }), chosen({ sharePct: null })])(
    "leaves out what is not chosen as a whole",
    (incomplete) => {
      const plan = { substitutions: [incomplete, chosen({})], without: [] };
      expect(changesOf(plan, DRAFT)).toHaveLength(1);
      expect(completeOf(plan, DRAFT)).toEqual([plan.substitutions[1]]);
    },
  );

  it("raises what is chosen, with or without a share, and keeps the rest as it is", () => {
    const emmer = chosen({ sharePct: null });
    const pumpkin = chosen({ line: ADDED, by: "pumpkin-cooked", form: "puree", sharePct: 20 });
    const plan = { substitutions: [emmer, pumpkin], without: ["salt"] };
    expect(ladderOf(planOf(DRAFT), DRAFT, {})).toBeNull();
    expect(ladderOf(plan, DRAFT, {})).toMatchObject({
      change: { line: 1, by: "emmer-whole", share: null },
      beside: [{ add: "pumpkin-cooked", form: "puree", share: 0.2 }],
      without: ["salt"],
      limits: null,
      second: null,
    });
    const field = { ...plan, ladder: { ...NO_LADDER, raised: pumpkin.key, second: emmer.key, toPct: 40 } };
    expect(ladderOf(field, DRAFT, {})).toMatchObject({
      change: { add: "pumpkin-cooked", share: null },
      to: 0.4,
      beside: [],
      second: { change: { by: "emmer-whole", share: null } },
    });
  });

  it("looks for what is said once something may move, with the limits of the ladder", () => {
    const plan = {
      substitutions: [],
      without: [],
      limits: [
        { figure: "puff", ends: ["atLeast" as const], atLeast: 20, atMost: null },
        { figure: "costPerPiece", ends: ["atMost" as const], atLeast: null, atMost: null },
      ],
    };
    expect(searchOf(plan, DRAFT, {})).toBeNull();
    expect(searchOf({ ...plan, search: { goal: "fibreGrams", free: [] } }, DRAFT, {})).toBeNull();
    const free = [
      { line: "b", low: null, high: 500 },
      { line: "gone", low: 0, high: 1 },
    ];
    expect(searchOf({ ...plan, search: { goal: "fibreGrams", free } }, DRAFT, {})).toMatchObject({
      goal: "fibreGrams",
      free: [{ line: 1, low: null, high: 500 }],
      limits: [{ figure: "puff", atLeast: 20, atMost: null }],
    });
  });

  it("sends text that is no number as it is, for the server to name", () => {
    const plan = { substitutions: [chosen({ sharePct: "a lot" })], without: [] };
    expect(changesOf(plan, DRAFT)[0]?.share).toBe("a lot");
  });
});

import { describe, expect, it } from "vitest";
import { type Draft, emptyDraft, type PlannedSubstitution } from "../formula";
import { changesOf, emptySubstitution, planOf, substitutionOfChange } from "./plan";

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
      expect(substitutionOfChange(plan, DRAFT, 0)).toBe(plan.substitutions[1]);
    },
  );

  it("sends text that is no number as it is, for the server to name", () => {
    const plan = { substitutions: [chosen({ sharePct: "a lot" })], without: [] };
    expect(changesOf(plan, DRAFT)[0]?.share).toBe("a lot");
  });
});

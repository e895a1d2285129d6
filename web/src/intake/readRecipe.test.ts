import { describe, expect, it } from "vitest";
import type { IntakeAnswer } from "../api";
import { type Draft, emptyDraft, newKey } from "../formula";
import { recipeBelow, recipeInstead } from "./readRecipe";

const RECIPE = {
  title: "Skillet naan",
  style: { code: "skillet-naan", by: "title" },
  pieces: 8,
  lines: [
    {
      text: "300 g flour",
      ingredient: "wheat-plain-white",
      grams: 300,
      part: "dough",
      status: "read",
      findings: [],
    },
  ],
  waterTemperatureC: 40,
  asksCupFilling: false,
  method: "Knead.",
} as unknown as IntakeAnswer;

const OLD: Draft = {
  ...emptyDraft("roti"),
  name: "Old roti",
  restMinutes: 45,
  waterTemperatureC: 80,
  lines: [{ key: newKey(), ingredient: "wheat-atta", grams: 200 }],
  notes: { recipe: "200 g atta", pieces: 5, method: "Old method" },
};

describe("a recipe that is read", () => {
  it("leaves nothing of another one when it comes instead", () => {
    const draft = recipeInstead(OLD, RECIPE, "300 g flour");
    expect(draft.name).toBe("Skillet naan");
    expect(draft.style).toBe("skillet-naan");
    expect(draft.restMinutes).toBeUndefined();
    expect(draft.waterTemperatureC).toBe(40);
    expect(draft.lines.map(({ ingredient }) => ingredient)).toEqual(["wheat-plain-white"]);
    expect(draft.notes).toMatchObject({ recipe: "300 g flour", pieces: 8, method: "Knead." });
    const bare = { ...RECIPE, title: null, style: null, pieces: null, waterTemperatureC: null, method: "" };
    expect(recipeInstead(OLD, bare, "300 g flour")).toMatchObject({
      name: "",
      style: "roti",
      waterTemperatureC: null,
      notes: { pieces: null, method: null },
    });
  });

  it("keeps what was set before anything was in the bowl", () => {
    const begun = { ...emptyDraft("roti"), name: "Mine", restMinutes: 30 };
    expect(recipeInstead(begun, RECIPE, "300 g flour")).toMatchObject({
      name: "Mine",
      restMinutes: 30,
      style: "skillet-naan",
    });
  });

  it("changes neither name, style nor settings when it goes below", () => {
    const draft = recipeBelow(OLD, RECIPE, "300 g flour");
    expect(draft).toMatchObject({ name: "Old roti", style: "roti", restMinutes: 45, waterTemperatureC: 80 });
    expect(draft.lines.map(({ ingredient }) => ingredient)).toEqual(["wheat-atta", "wheat-plain-white"]);
    expect(draft.notes?.recipe).toBe("200 g atta\n\n300 g flour");
  });
});

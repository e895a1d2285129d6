import { describe, expect, it } from "vitest";
import { edited, editOf } from "./stepEdits";

describe("what a formula changes of its steps", () => {
  it("changes a step, and forgets it when nothing is said any more", () => {
    const out = edited([], "divide", { leftOut: true });
    expect(out).toEqual([{ step: "divide", leftOut: true }]);
    expect(edited(out, "divide", { words: "by eye" })).toEqual([{ step: "divide", leftOut: true, words: "by eye" }]);
    expect(edited(out, "divide", { leftOut: null })).toEqual([]);
  });

  it("leaves other steps as they are", () => {
    const edits = [
      { step: "rest", minutes: 20 },
      { after: "rest", words: "oil the tray" },
    ];
    expect(edited(edits, "divide", { minutes: 5 })).toEqual([...edits, { step: "divide", minutes: 5 }]);
  });

  it("finds the edit of an added step in the order of the sheet", () => {
    const edits = [
      { after: "roll", words: "third" },
      { after: "rest", words: "second" },
      { step: "rest", minutes: 20 },
      { after: null, words: "first" },
    ];
    const keys = ["own", "set-up", "rest", "own-2", "divide", "roll", "own-3"];
    expect([0, 1, 2].map((place) => edits[editOf(edits, "", place, keys)]?.words)).toEqual([
      "first",
      "second",
      "third",
    ]);
    expect(editOf(edits, "rest", -1, keys)).toBe(2);
    expect(editOf(edits, "divide", -1, keys)).toBe(-1);
  });
});

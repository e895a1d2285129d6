import { describe, expect, it } from "vitest";
import type { PlanSpec, SavedDay } from "../api";
import {
  afterSaving,
  canBePlanned,
  draftOf,
  isSaved,
  isServed,
  isTimeToCome,
  newDraft,
  withoutServing,
  withPin,
  withServing,
} from "./draft";

const SPEC: PlanSpec = {
  servings: [
    { formula: 1, due: 700 },
    { formula: 2, due: 710 },
    { formula: 3, due: 720 },
  ],
  pins: [
    { task: "s1/pour", start: 500 },
    { task: "s2/roll", start: 600 },
    { task: "s3/cook", start: 650 },
  ],
};

describe("what is being planned", () => {
  it("can be planned once every serving has a time", () => {
    expect(canBePlanned(SPEC)).toBe(true);
    expect(canBePlanned(withServing(SPEC, 1, { due: null }))).toBe(false);
    expect(canBePlanned({ servings: [] })).toBe(false);
    expect(canBePlanned({})).toBe(false);
  });

  it("is asked for as soon as anything is served, and a time that is still to come is no fault", () => {
    expect(isServed(withServing(SPEC, 1, { due: null }))).toBe(true);
    expect(isServed({})).toBe(false);
    expect(isTimeToCome({ line: 0, field: "due", code: "missing" })).toBe(true);
    expect(isTimeToCome({ line: 0, field: "due", code: "too-small" })).toBe(false);
    expect(isTimeToCome({ line: 0, field: "pieces", code: "missing" })).toBe(false);
  });

  it("loses the pins of a serving with it, and those behind it move up", () => {
    const left = withoutServing(SPEC, 1);
    expect(left.servings?.map((each) => each?.formula)).toEqual([1, 3]);
    expect(left.pins).toEqual([
      { task: "s1/pour", start: 500 },
      { task: "s2/cook", start: 650 },
    ]);
  });

  it("has one pin a task, and none once it is let go of", () => {
    const pinned = withPin(SPEC, "s1/pour", 510);
    expect(pinned.pins?.filter((pin) => pin?.task === "s1/pour")).toEqual([{ task: "s1/pour", start: 510 }]);
    expect(withPin(pinned, "s1/pour", null).pins).toHaveLength(2);
  });
});

describe("a day that is kept", () => {
  const saved: SavedDay = {
    id: 7,
    name: "Fair",
    day: "2026-05-04",
    spec: SPEC,
    names: { 1: "Roti" },
    revision: 3,
    running: false,
    savedAt: "2026-05-03T08:00:00Z",
  };

  it("is saved until something of it changes", () => {
    const draft = draftOf(saved);
    expect(isSaved(draft)).toBe(true);
    expect(isSaved({ ...draft, name: "Fair " })).toBe(true);
    expect(isSaved({ ...draft, name: "Market" })).toBe(false);
    expect(isSaved({ ...draft, day: "2026-05-05" })).toBe(false);
    expect(isSaved({ ...draft, spec: withServing(SPEC, 0, { pieces: 9 }) })).toBe(false);
    expect(isSaved(newDraft(SPEC))).toBe(false);
  });

  it("keeps what was typed while it was being saved, as not saved yet", () => {
    const sent = { ...newDraft(SPEC), name: "Fair" };
    const typed = { ...sent, name: "Fair on Monday" };
    const after = afterSaving(typed, sent, saved);
    expect(after.name).toBe("Fair on Monday");
    expect(after.saved?.id).toBe(7);
    expect(isSaved(after)).toBe(false);
    expect(isSaved(afterSaving(sent, sent, saved))).toBe(true);
  });
});

import { describe, expect, it } from "vitest";
import type { PlanSpec } from "../api";
import { canBePlanned, withoutServing, withPin, withServing } from "./draft";

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

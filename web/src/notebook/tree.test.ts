import { describe, expect, it } from "vitest";
import { laneCount, treeRows } from "./tree";

const versions = (...parents: (number | null)[]) => parents.map((parent, at) => ({ number: at + 1, parent })).reverse();

describe("the tree of versions", () => {
  it("runs down one lane where each was made from the one before", () => {
    const rows = treeRows(versions(null, 1, 2));
    expect(rows.map(({ lane, up, down }) => [lane, up, down])).toEqual([
      [0, false, true],
      [0, true, true],
      [0, true, false],
    ]);
    expect(laneCount(rows)).toBe(1);
  });

  it("gives a branch a lane of its own until what it was made from", () => {
    const rows = treeRows(versions(null, 1, 1));
    expect(rows.map(({ number, lane }) => [number, lane])).toEqual([
      [3, 0],
      [2, 1],
      [1, 0],
    ]);
    expect(rows[1]?.passing).toEqual([0]);
    expect(rows[2]?.joins).toEqual([1]);
    expect(laneCount(rows)).toBe(2);
  });

  it("takes a lane that came free", () => {
    const rows = treeRows(versions(null, 1, 1, 1, 4, 4));
    expect(rows.map(({ number, lane }) => [number, lane])).toEqual([
      [6, 0],
      [5, 1],
      [4, 0],
      [3, 1],
      [2, 2],
      [1, 0],
    ]);
    expect(rows[5]?.joins).toEqual([1, 2]);
  });

  it("draws a single version without a line", () => {
    expect(treeRows(versions(null))).toEqual([{ number: 1, lane: 0, up: false, down: false, passing: [], joins: [] }]);
  });
});

import { describe, expect, it } from "vitest";
import type { BalanceAnswer } from "../api";
import { waterWords } from "./water";

const water = (needed: number, standing: string) => ({ needed, standing }) as unknown as BalanceAnswer["water"];

describe("the water that a dough needs", () => {
  it.each([
    [120, "needs-water", "Water this dough needs"],
    [-20, "too-wet", "Too much water already"],
    [120, "in-balance", "Water for the middle"],
    [-20, "in-balance", "More than the middle takes"],
  ])("%d g, %s: %s", (needed, standing, words) => {
    expect(waterWords(water(needed, standing))).toBe(words);
  });

  it("is never called too much inside the window", () => {
    for (const needed of [-300, -1, 0, 1, 300]) {
      expect(waterWords(water(needed, "in-balance"))).not.toMatch(/too|needs/i);
    }
  });
});

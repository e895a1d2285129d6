import { describe, expect, it } from "vitest";
import type { LadderAnswer } from "../api";
import { drawnOf, labelTops, scaleOf } from "./ladderGeometry";
import { ladderCsv } from "./ladderCsv";

const rung = (share: number, figures: Record<string, number> = {}, broken: string[] = []) =>
  ({
    share,
    broken,
    balance: { figures, water: { told: { low: 90, high: 110 } } },
  }) as unknown as LadderAnswer["rungs"][number];

describe("a ladder as it is drawn", () => {
  const drawn = drawnOf([rung(0.2), rung(0.4), rung(0.6)]);

  it("stands on its lowest share, a row for each rung", () => {
    expect(drawn.top(0.2)).toBeCloseTo(drawn.height - drawn.row / 2, 9);
    expect(drawn.top(0.4)).toBeCloseTo(drawn.height / 2, 9);
    expect(drawn.top(0.6)).toBeCloseTo(drawn.row / 2, 9);
    expect(drawnOf(Array.from({ length: 41 }, (_, at) => rung(at / 40))).height).toBeLessThanOrEqual(420);
  });

  it("keeps every mark inside its lane, whatever is missing", () => {
    const scale = scaleOf([null, 4, 9, undefined, -2]);
    expect([-2, 4, 9].every((value) => scale(value) >= 0 && scale(value) <= 100)).toBe(true);
    expect(scaleOf([5, 7], 0)(0)).toBeLessThan(scaleOf([5, 7])(5) + 1);
    expect(scaleOf([3, 3])(3)).toBeGreaterThanOrEqual(0);
  });

  it("moves labels apart and leaves those that have room", () => {
    expect(labelTops([100, 102, 200])).toEqual([100, 115, 200]);
    expect(labelTops([102, 100])).toEqual([115, 100]);
  });
});

describe("a ladder as CSV", () => {
  it("has a row for each rung, with points whatever the kitchen writes, and no figure that never applies", () => {
    const answer = { rungs: [rung(0, { rollability: 81.5 }), rung(0.5, { rollability: 40 }, ["rollability"])] };
    expect(ladderCsv(answer as LadderAnswer)).toBe(
      "share,waterLow,waterHigh,rollability,notKept\r\n0,90,110,81.5,\r\n0.5,90,110,40,rollability\r\n",
    );
  });
});

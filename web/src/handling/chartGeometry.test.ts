import { describe, expect, it } from "vitest";
import type { HandlingAnswer } from "../api";
import { chartOf, PLOT, VIEW } from "./chartGeometry";

const MINUTES = Array.from({ length: 181 }, (_, minute) => minute);

function answer(softness: (minute: number) => number | null): HandlingAnswer {
  const values = MINUTES.map(softness);
  return {
    style: { softnessLow: 0.95, softnessHigh: 1.1, springLimitPct: 10 },
    dough: {
      picture: {
        horizon: 180,
        curve: {
          minutes: MINUTES,
          softness: values,
          springBackPct: MINUTES.map((minute) => 30 * Math.exp(-minute / 20)),
        },
        low: values.map((value) => value && value - 0.05),
        high: values.map((value) => value && value + 0.05),
        moments: [
          { kind: "rolled", minute: 40 },
          { kind: "kneaded", minute: 41 },
          { kind: "window-ends", minute: 180 },
        ],
        phases: [],
      },
    },
  } as unknown as HandlingAnswer;
}

describe("the rolling chart", () => {
  const chart = chartOf(answer((minute) => 1.6 - 0.6 * (1 - Math.exp(-minute / 12))));

  it("goes from wetting to its last minute", () => {
    expect(chart.x(0)).toBe(PLOT.left);
    expect(chart.x(180)).toBe(VIEW.width - PLOT.right);
  });

  it("has more softness further up, and nothing outside", () => {
    expect(chart.y(1.1)).toBeLessThan(chart.y(0.95));
    expect(chart.y(99)).toBeGreaterThanOrEqual(66);
    expect(chart.y(-99)).toBeLessThanOrEqual(chart.floor);
  });

  it("puts labels of neighbouring moments in rows of their own", () => {
    const rows = chart.labels.map(({ row }) => row);
    expect(rows[0]).not.toBe(rows[1]);
  });

  it("writes the name of a late moment on its left, for want of room", () => {
    expect(chart.labels.map(({ left }) => left)).toEqual([false, false, true]);
  });

  it("has a lane for the rise above the softness", () => {
    const risen = answer((minute) => 1 + 0.2 * Math.exp(-minute / 12));
    risen.dough.picture.rise = {
      ratios: MINUTES.map((minute) => 1 + minute / 100),
      targetRatio: 1.75,
      maxRatio: 3,
    } as NonNullable<HandlingAnswer["dough"]["picture"]["rise"]>;
    const both = chartOf(risen);
    expect(both.height).toBeGreaterThan(chart.height);
    expect(both.softnessTop).toBeGreaterThan(both.rise?.floor ?? Infinity);
    expect(both.rise?.y(2)).toBeLessThan(both.rise?.y(1) ?? 0);
    expect(both.rise?.y(3)).toBeGreaterThanOrEqual(both.top);
    expect(chart.rise).toBeNull();
  });

  it("draws nothing for a dough in which nothing drinks", () => {
    const none = chartOf(answer(() => null));
    expect(none.band).toBe("");
    expect(none.softness).not.toContain("NaN");
  });
});

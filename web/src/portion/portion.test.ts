import { describe, expect, it } from "vitest";
import type { Cooking, Keeping, Kitchen } from "../api";
import { emptyDraft, type PlannedPortion } from "../formula";
import { figuresOf } from "../figures";
import { keepingChart, marks, panChart } from "./chartGeometry";
import { itemsOf, withItems } from "./order";
import { cooked, divided, isSaid, kept, kindOf, portionOf, scaled, shaped } from "./plan";
import {
  hoursWords,
  leverWords,
  limitedWords,
  matchWords,
  mindWords,
  priceWords,
  recordWords,
  secondsRange,
  spoonWords,
  timesWords,
} from "./words";

const figures = figuresOf({ massUnit: "g", temperatureUnit: "C", decimalMark: "point", dateOrder: "iso" } as Kitchen);
const FORMULA = { style: "roti", lines: [] };

describe("what is asked of a dough in pieces", () => {
  it("is the formula alone as long as nothing is said", () => {
    const plan = portionOf(emptyDraft("roti"));
    expect(divided(plan, FORMULA)).toEqual({ formula: FORMULA, stepGrams: null });
    expect(cooked(FORMULA)).toEqual({ formula: FORMULA });
    expect(kept(plan, FORMULA)).toEqual({ formula: FORMULA, hours: null });
  });

  it("is scaled by one thing at a time", () => {
    const plan: PlannedPortion = { ...portionOf(emptyDraft("roti")), scaleBy: "pieces", scaleTo: 24 };
    expect(scaled(plan, FORMULA)).toEqual({ formula: FORMULA, pieces: 24, stepGrams: null });
  });

  it("is filled where the formula has a filling, and asks of one kind of shape only", () => {
    const plan = portionOf(emptyDraft("roti"));
    const filled = { ...FORMULA, lines: [{ ingredient: "parsnip-raw", part: "filling" }] };
    expect(kindOf(plan.shapes, filled)).toBe("filled");
    expect(isSaid(plan.shapes, filled)).toBe(true);
    expect(kindOf(plan.shapes, FORMULA)).toBe("cut");
    expect(isSaid(plan.shapes, FORMULA)).toBe(false);
    const cut = { ...plan, shapes: { ...plan.shapes, sizeMm: 70, longMm: 400, shortMm: 300, discMm: 200 } };
    expect(isSaid(cut.shapes, FORMULA)).toBe(true);
    expect(shaped(cut, FORMULA)).toMatchObject({ filled: null, layered: null, cut: { sizeMm: 70, discMm: null } });
    const wedges = { ...cut, shapes: { ...cut.shapes, shape: "wedges", wedges: 8 } };
    expect(shaped(wedges, FORMULA).cut).toMatchObject({ wedges: 8, discMm: 200, longMm: null });
    const coil = { ...plan.shapes, kind: "layered" as const, fold: "coil" };
    expect(isSaid(coil, FORMULA)).toBe(false);
    expect(isSaid({ ...coil, rollMm: 15 }, FORMULA)).toBe(true);
  });

  it("holds what was typed, numbers or not, for the server to judge", () => {
    const plan: PlannedPortion = { ...portionOf(emptyDraft("roti")), stepGrams: "fine", hours: "late" };
    expect(divided(plan, FORMULA).stepGrams).toBe("fine");
    expect(kept(plan, FORMULA).hours).toBe("late");
  });
});

describe("the words for cooking and keeping", () => {
  it("says seconds, and minutes where nobody counts seconds", () => {
    expect(secondsRange(30, { low: 22.5, high: 37.5 }, figures)).toBe("23–38 s");
    expect(secondsRange(600, { low: 450, high: 750 }, figures)).toBe("8–13 min");
  });

  it("says what holds the pieces up", () => {
    const base = { cycleS: 131, heatS: 130.8, load: 4, pans: 1 } as Cooking;
    expect(limitedWords({ ...base, limitedBy: "heat" }, figures)).toContain("cools faster than it recovers");
    expect(limitedWords({ ...base, limitedBy: "time", pans: 2 }, figures)).toContain("2 every 131 s");
    expect(limitedWords({ ...base, limitedBy: "stone", cycleS: 480 }, figures)).toBe(
      "4 every 8 min: the stone has to get hot again.",
    );
  });

  it("says hours, days and a month and more", () => {
    expect(hoursWords(1.7715, 720, figures)).toBe("1.8 h");
    expect(hoursWords(22.3, 720, figures)).toBe("22 h");
    expect(hoursWords(72, 720, figures)).toBe("3 days");
    expect(hoursWords(720, 720, figures)).toBe("a month and more");
  });

  it("says what runs out first", () => {
    const filled = { heldBy: "filling", leftShellGrams: 91, leftFillingGrams: 0, matchGrams: 40 };
    expect(matchWords(filled as Parameters<typeof matchWords>[0], figures)).toBe(
      "The filling runs out first: 91 g of dough are left. 40 g more filling would use the dough up.",
    );
  });

  it("says spoons as one measures them, and what to mind with another batch", () => {
    expect([1, 4, 8, 11].map(spoonWords)).toEqual(["⅛ tsp", "½ tsp", "1 tsp", "1⅜ tsp"]);
    expect(mindWords("mixing", 0.2)).toContain("by hand");
    expect(mindWords("mixing", 6)).toContain("longer");
  });

  it("says a change with its price, and nothing that rounds to nothing", () => {
    const lever = { kind: "more-fat", amount: 8, unit: "GRAMS" } as Keeping["levers"][number];
    expect(leverWords(lever, "Olive oil", figures)).toBe("8 g more Olive oil");
    const price = [
      { symbol: "WATER_GRAMS", value: -5.6, unit: "GRAMS" },
      { symbol: "GLUTEN", value: -0.2, unit: "GLUTEN_POINTS" },
    ] as Keeping["levers"][number]["price"];
    expect(priceWords({ ...lever, price }, figures)).toBe("5.6 g less water");
    expect(priceWords({ ...lever, price: [] }, figures)).toBe("nothing else that shows");
  });
});

describe("the drawings of pan and keeping", () => {
  it("marks round figures, no more than there is room for", () => {
    expect(marks(0, 10, [1, 2, 5], 5)).toEqual([0, 2, 4, 6, 8, 10]);
    expect(marks(1.5, 3.2, [1, 2, 5], 5)).toEqual([2, 3]);
  });

  it("draws when pieces are on the pan, and how cold it gets", () => {
    const point = (seconds: number, celsius: number, on: boolean) => ({ seconds, celsius, on });
    const paced = [point(0, 230, true), point(75, 225, false), point(130, 230, false)];
    const hurried = [point(0, 230, true), point(75, 200, false)];
    const { on, y, degrees } = panChart({ everyS: 130, paced, hurried, coldestC: 200 }, 230);
    expect(on).toEqual([{ from: 0, to: 75 }]);
    expect(y(230)).toBeLessThan(y(200));
    expect(degrees).toContain(200);
  });

  it("shades the hours in which bread is good", () => {
    const curve = [0, 1, 2, 3].map((hours) => ({ hours, moisturePct: 39 - 5 * hours, thresholdPct: 28, foldPct: 50 }));
    const soft = keepingChart({ curve, crisp: false, crispBelowPct: 8 } as Keeping);
    expect(soft.goodTo).toBe(2);
    const crisp = keepingChart({ curve, crisp: true, crispBelowPct: 8 } as Keeping);
    expect(crisp.goodTo).toBe(0);
  });
});

describe("what the kitchen has seen itself", () => {
  const own = { timed: 2, timedEnough: false, timeFactor: 1.2, timeSpread: 0, weighed: 0, lossFactor: 1 };

  it("is said of the seconds, as far as there are enough", () => {
    expect(timesWords({ own: { ...own, timed: 0 } } as Cooking)).toMatch(/timed its own\.$/);
    expect(timesWords({ own } as Cooking)).toContain("So far 2 pieces of this style were timed");
    expect(timesWords({ own: { ...own, timed: 3, timedEnough: true } } as Cooking)).toContain(
      "own seconds, of 3 pieces",
    );
  });

  it("is listed against the typical values", () => {
    expect(recordWords({ style: "roti", timeFactor: 1.25, lossFactor: 0.9 }, figures)).toBe(
      "1.25 × the typical time, 0.90 × the typical loss",
    );
    expect(recordWords({ style: "roti", fold: "breaks", marginPct: 2.04 }, figures)).toBe(
      "broke, computed 2.0 points above the limit",
    );
    expect(recordWords({ style: "roti", fold: "folds", marginPct: -1 }, figures)).toContain("1.0 points too dry");
  });
});

describe("an order", () => {
  it("stands in the address, with what was typed and any name", () => {
    const items = [
      { formula: 3, name: "Roti: the thin one & more", pieces: 24 },
      { formula: 5, name: "Pita", pieces: null },
      { formula: 6, name: "Round", pieces: "many" },
    ];
    expect(itemsOf(withItems(items))).toEqual(items);
    expect(itemsOf(new URLSearchParams("item=x:3:No&item=7:2"))).toEqual([
      { formula: 7, name: "formula 7", pieces: 2 },
    ]);
  });
});

import { describe, expect, it } from "vitest";
import type { DayTask, Kitchen, PlanBroken, PlannedServing, PlanWayOut } from "../api";
import { figuresOf } from "../figures";
import { faultWords } from "./faults";
import {
  clockWords,
  demandWords,
  durationWords,
  gapWords,
  missedWords,
  movedWords,
  placeName,
  takesUpWords,
  trayWords,
  untilWords,
  wayOutWords,
} from "./plan";

const SERVINGS: PlannedServing[] = [
  { key: "s1", formula: 1, version: 1, name: "Pumpkin roti", pieces: 8, due: 720, windowFirst: 10, windowLast: 80 },
];

type Gives = NonNullable<PlanWayOut["gives"]>;

const gives = (kind: Gives["demand"]["kind"], subject: string, more: Partial<Gives>): PlanWayOut => ({
  gives: { demand: { kind, subject }, by: 0, before: 0, after: 0, ...more },
});

describe("times of a plan", () => {
  it.each([
    [0, "0:00"],
    [725, "12:05"],
    [-360, "18:00 the day before"],
    [1500, "1:00 the next day"],
  ])("%i", (minute, words) => {
    expect(clockWords(minute)).toBe(words);
  });

  it.each([
    [0, "0 min"],
    [45, "45 min"],
    [60, "1 h"],
    [95, "1 h 35 min"],
  ])("for %i minutes", (minutes, words) => {
    expect(durationWords(minutes)).toBe(words);
  });
});

describe("what clashes", () => {
  it("is said by its name", () => {
    expect(demandWords({ kind: "on-time", subject: "s1" }, SERVINGS)).toBe("Pumpkin roti is ready when it is served");
    expect(demandWords({ kind: "place", subject: "pan" }, SERVINGS)).toBe("there are only as many pans as you say");
    expect(demandWords({ kind: "place", subject: "fridge" }, SERVINGS)).toBe("the fridge is no larger than you say");
    expect(demandWords({ kind: "hours", subject: "Mill" }, SERVINGS)).toBe("Mill works only while there");
  });

  it("is missed by so much", () => {
    expect(missedWords({ kind: "on-time", subject: "s1" }, 14, SERVINGS)).toBe("Pumpkin roti is 14 min late.");
    expect(missedWords({ kind: "window", subject: "s1" }, 14, SERVINGS)).toBe(
      "The dough of Pumpkin roti is rolled 14 min outside its window.",
    );
    expect(missedWords({ kind: "place", subject: "pan" }, 1, SERVINGS)).toBe("It takes 1 pan more than there is.");
    expect(missedWords({ kind: "place", subject: "pan" }, 2, SERVINGS)).toBe("It takes 2 pans more than there are.");
  });

  it("is mended by the least", () => {
    expect(wayOutWords(gives("on-time", "s1", { by: 25 }), SERVINGS)).toBe("Serve Pumpkin roti 25 min later");
    expect(wayOutWords(gives("hours", "Mill", { by: 70, before: 70 }), SERVINGS)).toBe("Mill comes 1 h 10 min sooner");
    expect(wayOutWords(gives("hours", "Mill", { by: 9, before: 5, after: 9 }), SERVINGS)).toBe(
      "Mill comes 5 min sooner, Mill goes 9 min later",
    );
    expect(wayOutWords(gives("place", "pan", { by: 1 }), SERVINGS)).toBe("1 pan more");
    expect(placeName("fridge", 6)).toBe("6 litres in the fridge");
    expect(wayOutWords({ fewer: { serving: "s1", asked: 24, pieces: 10 } }, SERVINGS)).toBe(
      "10 instead of 24 pieces of Pumpkin roti",
    );
    expect(wayOutWords({ halved: { serving: "s1", first: 13, second: 12 } }, SERVINGS)).toBe(
      "Pumpkin roti in two batches, 13 and 12 pieces",
    );
    expect(
      wayOutWords({ overnight: { serving: "s1", evening: { name: "Evening", comes: -420, goes: -120 } } }, SERVINGS),
    ).toBe("Dough of Pumpkin roti made the evening before, by somebody more");
    expect(wayOutWords({ overnight: { serving: "s1" } }, SERVINGS)).toBe(
      "Dough of Pumpkin roti made the evening before",
    );
    expect(wayOutWords(gives("place", "tray", { by: 2 }), SERVINGS)).toBe("2 trays more");
  });
});

describe("what could still be better", () => {
  it.each([
    [{ aim: "standing", by: 5 }, "bread could stand 5 min less at best"],
    [{ aim: "late", by: 65 }, "servings could be 1 h 5 min less late at best"],
    [{ aim: "missed", by: 7 }, "7 min less could be missed at best"],
    [{ aim: "hand-overs", by: 1 }, "there could be 1 hand-over fewer at best"],
    [{ aim: "begins", by: 20 }, "work could begin 20 min later at best"],
    [{ aim: "begins", by: null }, "whether work could begin later was not looked at"],
    [{ aim: "order", by: 99 }, ""],
    [null, ""],
  ] as const)("%o", (gap, words) => {
    expect(gapWords(gap)).toBe(words);
  });
});

describe("balls on trays", () => {
  it("are said with how many lie on each", () => {
    const figures = figuresOf({ massUnit: "g", decimalMark: "comma", dateOrder: "iso" } as Kitchen);
    const time = { serving: "s1", trays: 2, perTray: 12, ballMm: 52.3, from: 0, to: 9 };
    expect(trayWords(time, "Pumpkin roti", figures)).toBe(
      "Pumpkin roti on 2 trays: balls 5,2 cm wide, up to 12 to a tray",
    );
    const task = { serving: "s1", kind: "divide", takesUp: { pan: 1 } } as unknown as DayTask;
    expect(takesUpWords(task, [time, { ...time, serving: "s2" }])).toBe("1 pan, 2 trays until 0:09");
    expect(takesUpWords({ ...task, kind: "roll" }, [time])).toBe("1 pan");
  });
});

describe("a task that is moved", () => {
  const task = (key: string, kind: DayTask["kind"]) =>
    ({ key, kind, serving: "s1", worker: "Bench", start: 600, end: 620 }) as DayTask;
  const roll = task("s1/roll", "roll");
  const tasks = [roll, task("s1/cook", "cook")];
  const said = (broken: PlanBroken[] | null) => movedWords({ task: roll, start: 615 }, broken, tasks, SERVINGS);

  it("says what it breaks where it is now, and by how much", () => {
    expect(said([])).toBe("Roll of Pumpkin roti at 10:15: everything else can stay where it is.");
    expect(said(null)).toBe("Roll of Pumpkin roti at 10:15…");
    const each: [PlanBroken, string][] = [
      [{ kind: "order", subject: "s1/cook", by: 9 }, "9 min too close to Cook of Pumpkin roti"],
      [{ kind: "too-long", subject: "s1/cook", by: 90 }, "1 h 30 min too far from Cook of Pumpkin roti"],
      [{ kind: "window", subject: "s1", by: 14 }, "the dough of Pumpkin roti is rolled 14 min outside its window"],
      [{ kind: "hands", subject: "s1/cook", by: 5 }, "Bench is busy with Cook of Pumpkin roti for 5 min of it"],
      [{ kind: "hours", subject: "Bench", by: 10 }, "Bench is not there for 10 min of it"],
      [{ kind: "place", subject: "pan", by: 1 }, "it takes 1 pan more than there is"],
      [{ kind: "on-time", subject: "s1", by: 20 }, "Pumpkin roti is 20 min late"],
      [{ kind: "day", subject: "", by: 60 }, "Roll lies 1 h outside of what is planned"],
    ];
    for (const [broken, words] of each) {
      expect(said([broken])).toBe(`Roll of Pumpkin roti at 10:15, if nothing else moved: ${words}.`);
    }
  });
});

describe("until when bread is used", () => {
  const figures = figuresOf({ massUnit: "g", decimalMark: "point", dateOrder: "iso" } as Kitchen);

  it("is a time of the day, later a day", () => {
    expect(untilWords("2026-05-04", 30 * 60, figures)).toBe("2026-05-05 06:00");
    expect(untilWords("2026-05-04", 30 * 24 * 60, figures)).toBe("2026-06-03");
    expect(untilWords("", 30 * 60, figures)).toBe("6:00 the next day");
  });
});

describe("what is wrong with a plan", () => {
  const figures = figuresOf({
    name: "Mill",
    massUnit: "g",
    temperatureUnit: "C",
    decimalMark: "comma",
    dateOrder: "day-month",
    cupMl: 240,
    cupFilling: null,
    currency: "€",
  });

  it("is said as one speaks of it", () => {
    expect(faultWords({ field: "roles", code: "missing", value: "cook" }, figures)).toBe(
      "Nobody who is there can cook.",
    );
    expect(faultWords({ field: "goes", code: "contradicts", value: "420" }, figures)).toBe(
      "Nobody goes before coming.",
    );
    expect(faultWords({ field: "due", code: "too-large", value: "3000", limit: 2880 }, figures)).toBe(
      "The time of serving is 2:00 2 days later; it must be at most 0:00 2 days later.",
    );
  });
});

import { describe, expect, it } from "vitest";
import type { DayPlan, DayTask, PlannedServing } from "../api";
import { clockOf, type Drawn, lanesOf, movedTrays, snapped } from "./lanes";

const task = (key: string, start: number, end: number, more: Partial<DayTask> = {}): DayTask => ({
  key,
  serving: "s1",
  kind: "cook",
  role: "cook",
  start,
  end,
  worker: "Bench",
  takesUp: {},
  sooner: 0,
  pinned: false,
  ...more,
});

const plan = (tasks: DayTask[]): DayPlan => ({
  tasks,
  rolled: [{ serving: "s1", first: 610, last: 680 }],
  late: 0,
  standing: 0,
  handOvers: 0,
  begins: 600,
  handsOn: 0,
  waiting: 0,
  fridgeLitres: 0,
  trays: 0,
  proved: true,
});

const SERVINGS: PlannedServing[] = [
  { key: "s1", formula: 1, version: 1, name: "Roti", pieces: 8, due: 720, windowFirst: 10, windowLast: 80 },
];
const NAMES = { pan: "Pans", oven: "Oven", fridge: "Fridge" };

describe("lanes", () => {
  it("puts hands with who does it, and what goes on by itself with its dough", () => {
    const rest = task("s1/rest", 620, 640, { role: null, worker: null, kind: "rest" });
    const lanes = lanesOf(plan([task("s1/cook", 700, 716), rest]), SERVINGS, ["Bench", "Mill"], NAMES);
    expect(lanes.map(({ name, bars }) => [name, bars.length])).toEqual([
      ["Bench", 1],
      ["Mill", 0],
      ["Roti", 1],
    ]);
    expect(lanes[2]?.band).toEqual({ serving: "s1", first: 610, last: 680 });
    expect(lanes[2]?.due).toBe(720);
  });

  it("shows with its dough what was prepared for it while that cools", () => {
    const prepare = task("s1/prepare", 500, 520, { kind: "prepare", coolsUntil: 600 });
    const [bench, roti] = lanesOf(plan([prepare, task("s1/cook", 700, 716)]), SERVINGS, ["Bench"], NAMES);
    expect(bench?.bars.length).toBe(2);
    expect(roti?.cooling).toEqual([{ from: 520, to: 600 }]);
  });

  it("lays what is on pans at a time below each other", () => {
    const tasks = [
      task("a", 600, 630, { takesUp: { pan: 2 } }),
      task("b", 610, 650, { takesUp: { pan: 1 } }),
      task("c", 630, 660, { takesUp: { pan: 2 } }),
    ];
    const pans = lanesOf(plan(tasks), SERVINGS, [], NAMES).find(({ name }) => name === "Pans");
    expect(pans?.rows).toBe(3);
    expect(pans?.bars.map(({ task: { key }, row }) => [key, row])).toEqual([
      ["a", 0],
      ["b", 2],
      ["c", 0],
    ]);
  });

  it("lays doughs that lie on trays at a time below each other", () => {
    const time = (serving: string, from: number, to: number) => ({
      serving,
      trays: 2,
      perTray: 12,
      ballMm: 50,
      from,
      to,
    });
    const onTrays = [time("s1", 600, 640), time("s2", 620, 660), time("s3", 640, 700)];
    const tooMuch: Drawn["tooMuch"] = [
      { place: "pan", from: 1, to: 2, by: 1 },
      { place: "tray", from: 620, to: 640, by: 2 },
    ];
    const lane = lanesOf({ tasks: [], rolled: [], onTrays, tooMuch }, [], [], NAMES).find(
      ({ name }) => name === "Trays",
    );
    expect(lane?.rows).toBe(2);
    expect(lane?.trays?.map(({ time: { serving }, row }) => [serving, row])).toEqual([
      ["s1", 0],
      ["s2", 1],
      ["s3", 0],
    ]);
    expect(lane?.tooMuch).toEqual([{ place: "tray", from: 620, to: 640, by: 2 }]);
  });

  it("takes the trays along with the task that fills or empties them", () => {
    const time = { serving: "s1", trays: 1, perTray: 12, ballMm: 50, from: 600, to: 640 };
    const told = { ...time, begunBy: "s1/divide", endedBy: "s1/roll" };
    const moved = (key: string) => movedTrays(told, { task: task(key, 600, 610), start: 615 });
    expect(moved("s1/divide")).toEqual({ ...told, from: 615 });
    expect(moved("s1/roll")).toEqual({ ...told, to: 655 });
    expect(moved("s2/divide")).toEqual(told);
    expect(movedTrays(time, null)).toEqual(time);
  });

  it("has no lane for what nothing takes up", () => {
    expect(lanesOf(plan([task("a", 0, 9)]), [], [], NAMES)).toEqual([]);
  });
});

describe("the clock", () => {
  it("reaches from the first task to the last serving, with marks that leave room", () => {
    const clock = clockOf(plan([task("a", 605, 700)]), SERVINGS);
    expect(clock.from).toBe(595);
    expect(clock.to).toBe(730);
    expect(clock.marks).toEqual([600, 615, 630, 645, 660, 675, 690, 705, 720]);
  });

  it("goes over midnight", () => {
    const clock = clockOf(plan([task("a", -300, 700)]), SERVINGS);
    expect(clock.marks[0]).toBe(-240);
    expect(clock.marks.length).toBeLessThanOrEqual(14);
  });

  it("snaps", () => {
    expect([598, 602.4, 602.5, 603].map(snapped)).toEqual([600, 600, 605, 605]);
  });
});

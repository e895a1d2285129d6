import { describe, expect, it } from "vitest";
import type { DayRunAnswer, RunTask } from "../api";
import { inHand, runWords, shiftWords, toCome } from "./run";

const task = (key: string, worker: string | null, more: Partial<RunTask> = {}): RunTask => ({
  key,
  serving: key.split("/")[0] ?? "",
  kind: "roll",
  start: 600,
  end: 620,
  worker,
  takesUp: {},
  standing: "to-do",
  noted: true,
  planned: 600,
  moved: 0,
  holdsUp: false,
  ...more,
});

const answer = (tasks: RunTask[], missed: DayRunAnswer["missed"] = []) =>
  ({ tasks, missed, servings: [{ serving: { key: "s1" } }, { serving: { key: "s2" } }] }) as unknown as DayRunAnswer;

describe("what everybody has in hand", () => {
  const tasks = [
    task("s1/pour", "Bench", { standing: "done" }),
    task("s1/rest", null, { standing: "going", kind: "rest" }),
    task("s2/pour", "Bench", { standing: "going" }),
    task("s2/rest", null, { kind: "rest" }),
    task("s1/roll", "Mill"),
    task("s2/roll", "Mill"),
  ];
  const now = inHand(tasks, ["Bench", "Mill"]);

  it("is what was begun, else what comes next, and what goes on by itself", () => {
    expect(now.map(({ worker, task: { key } }) => [worker, key])).toEqual([
      ["Bench", "s2/pour"],
      ["Mill", "s1/roll"],
      [null, "s1/rest"],
    ]);
  });

  it("leaves the rest to come", () => {
    expect(toCome(tasks, now).map(({ key }) => key)).toEqual(["s2/rest", "s2/roll"]);
  });
});

describe("how the day goes", () => {
  it("is as planned until something is late", () => {
    expect(runWords(answer([task("s1/roll", "Bench")]))).toBe("Everything goes as planned.");
  });

  it("says how far work is ahead of the plan", () => {
    const mixed = task("s1/pour", "Bench", { standing: "going", moved: -70 });
    expect(runWords(answer([mixed, task("s1/rest", null, { moved: -55 })]))).toBe(
      "Work is ahead of the plan, by up to 1 h 10 min.",
    );
    expect([-5, 0, 12].map(shiftWords)).toEqual(["5 min sooner than planned", "", "12 min later than planned"]);
  });

  it("names what holds it up and counts what moves with it", () => {
    const late = task("s2/roll", "Bench", { standing: "going", holdsUp: true, moved: 12 });
    const moved = task("s2/cook", "Bench", { moved: 12 });
    expect(runWords(answer([late, moved]))).toBe("Roll of B is 12 min late. One step that follows moves with it.");
    expect(runWords(answer([late, moved, moved]))).toContain("2 steps that follow move with it.");
    expect(runWords(answer([late]))).toBe("Roll of B is 12 min late. ");
  });

  it("says nothing of a plan that misses something from the first", () => {
    const missed = [{ demand: { kind: "on-time" as const, subject: "s1" }, by: 5 }];
    expect(runWords(answer([task("s1/roll", "Bench")], missed))).toBe("");
  });
});

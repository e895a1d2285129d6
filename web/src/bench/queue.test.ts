import { describe, expect, it } from "vitest";
import type { BenchAnswer, BenchEntry } from "../api";
import { clockText } from "./clock";
import { keep, nextToSend, settled, waiting, type Waiting } from "./queue";
import { withWaiting } from "./useBench";

function storage(): Storage {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
    key: (at: number) => [...kept.keys()][at] ?? null,
    get length() {
      return kept.size;
    },
  } as Storage;
}

const entry = (key: string, more: Partial<BenchEntry> = {}): BenchEntry => ({
  key,
  kind: "note",
  at: "2026-03-04T09:00:00Z",
  ...more,
});
const of = (batch: number, key: string): Waiting => ({ batch, entry: entry(key) });

describe("what waits for the server", () => {
  it("stays in order until it is settled", () => {
    const here = storage();
    keep([of(1, "a"), of(1, "b")], here);
    keep([of(2, "c")], here);
    settled(["a"], here);
    expect(waiting(here).map((each) => each.entry.key)).toEqual(["b", "c"]);
  });

  it("leaves what is broken or of something else", () => {
    const here = storage();
    here.setItem("verdamen.theme", "night");
    here.setItem("verdamen.bench.waiting.000.x", "no json");
    keep([of(1, "a")], here);
    expect(waiting(here).map((each) => each.entry.key)).toEqual(["a"]);
  });

  it.each([
    [[], 5, []],
    [[of(1, "a"), of(1, "b"), of(2, "c"), of(1, "d")], 5, ["a", "b"]],
    [[of(1, "a"), of(1, "b"), of(1, "c")], 2, ["a", "b"]],
  ])("is sent by batch, in order and not all at once", (all, most, keys) => {
    expect(nextToSend(all, most).map((each) => each.entry.key)).toEqual(keys);
  });
});

describe("steps that were done without the server", () => {
  const answer = {
    run: {
      current: "mix-dry",
      steps: [
        { key: "set-up", standing: "done" },
        { key: "mix-dry", standing: "to-do" },
        { key: "pour", standing: "to-do" },
      ],
    },
  } as unknown as BenchAnswer;
  const step = (key: string, outcome: string) => ({
    batch: 1,
    entry: entry(key, { kind: "step", step: key, outcome }),
  });

  it.each([
    [[], "mix-dry"],
    [[step("mix-dry", "done")], "pour"],
    [[step("mix-dry", "done"), step("pour", "left-out")], null],
    [[step("pour", "begun")], "pour"],
  ])("count at once", (own, current) => {
    expect(withWaiting(answer, own).run.current).toBe(current);
  });
});

describe("a timer", () => {
  it.each([
    [245, "4:05"],
    [0, "0:00"],
    [3750, "1:02:30"],
    [-61, "−1:01"],
    [-0.2, "0:00"],
  ])("shows %d s as %s", (seconds, shown) => {
    expect(clockText(seconds)).toBe(shown);
  });
});

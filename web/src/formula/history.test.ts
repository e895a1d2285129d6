import { describe, expect, it } from "vitest";
import { type Draft, draftOfSpec, emptyDraft, specOf, weighed } from "./draft";
import { type Edit, edited, type History, started } from "./history";

const DOUGH: Draft = {
  ...draftOfSpec({
    style: "roti",
    lines: [
      { ingredient: "wheat-atta", grams: 400, measured: { moisturePct: 12.5 } },
      { ingredient: "water", open: "unknown-amount" },
      { ingredient: "salt-fine", grams: 8 },
    ],
  }),
  name: "Roti",
};

const after = (history: History, ...edits: Edit[]) => edits.reduce(edited, history);
const key = (history: History, index: number) => history.present.lines[index]?.key ?? "";
const ingredients = (history: History) => history.present.lines.map(({ ingredient }) => ingredient);

describe("water that follows the dough’s need", () => {
  const start = started(DOUGH);
  const more = after(start, { kind: "line", key: key(start, 0), patch: { grams: 500 } });
  const follow: Edit = { kind: "follow", index: 1, patch: { grams: 310 }, of: more.present };

  it("is undone with the edit that it follows", () => {
    const followed = after(more, follow);
    expect(followed.present.lines[1]?.grams).toBe(310);
    expect(after(followed, { kind: "undo" }).present).toBe(DOUGH);
  });

  it("is left when something was typed meanwhile", () => {
    const typed = after(more, { kind: "name", name: "Other" });
    expect(after(typed, follow)).toBe(typed);
  });

  it("does not follow any more once it is typed", () => {
    const line = { key: "a", ingredient: "water", grams: 300, sd: 4, origin: { follows: true } };
    expect(weighed(line, 250)).toMatchObject({ grams: 250, sd: null, origin: { follows: null } });
  });
});

/** A generator of numbers below 1 that repeats itself for a seed. */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296;
    return state / 4_294_967_296;
  };
}

function anyEdit(next: () => number, history: History): Edit {
  const at = Math.floor(next() * history.present.lines.length);
  const line = key(history, at);
  const edits: Edit[] = [
    { kind: "name", name: `Roti ${at}` },
    { kind: "line", key: line, patch: { grams: Math.round(next() * 500) } },
    { kind: "add", line: { ingredient: "ghee", grams: 10 } },
    { kind: "remove", key: line },
    { kind: "duplicate", key: line },
    { kind: "move", key: line, to: 0 },
    { kind: "settings", patch: { restMinutes: at } },
    { kind: "settle" },
  ];
  return edits[Math.floor(next() * edits.length)] ?? { kind: "settle" };
}

describe("the history of a formula", () => {
  it("undoes the digits of one number together", () => {
    const line = key(started(DOUGH), 0);
    const typed = after(
      started(DOUGH),
      { kind: "line", key: line, patch: { grams: 4 } },
      { kind: "line", key: line, patch: { grams: 41 } },
      { kind: "line", key: line, patch: { grams: 415 } },
    );
    expect(typed.past).toHaveLength(1);
    expect(after(typed, { kind: "undo" }).present).toEqual(DOUGH);
    expect(after(typed, { kind: "undo" }, { kind: "redo" }).present).toEqual(typed.present);
  });

  it("keeps two numbers apart once a field is left", () => {
    const line = key(started(DOUGH), 0);
    const typed = after(
      started(DOUGH),
      { kind: "line", key: line, patch: { grams: 4 } },
      { kind: "settle" },
      { kind: "line", key: line, patch: { grams: 5 } },
    );
    expect(typed.past).toHaveLength(2);
  });

  it("does not take an answer about another draft", () => {
    const typed = after(started(DOUGH), { kind: "name", name: "Roti for tomorrow" });
    expect(after(typed, { kind: "spec", spec: { style: "pita", lines: [] }, of: DOUGH })).toBe(typed);
    expect(after(typed, { kind: "spec", spec: { style: "pita", lines: [] }, of: typed.present }).present.style).toBe(
      "pita",
    );
  });

  it("keeps the keys of lines that an answer leaves in place", () => {
    const begun = started(DOUGH);
    const spec = specOf(DOUGH);
    const answered = after(begun, { kind: "spec", spec, of: DOUGH });
    expect(answered.present.lines.map((line) => line.key)).toEqual(DOUGH.lines.map((line) => line.key));
  });

  it("moves, duplicates and removes lines", () => {
    const begun = started(DOUGH);
    expect(ingredients(after(begun, { kind: "move", key: key(begun, 2), to: 0 }))).toEqual([
      "salt-fine",
      "wheat-atta",
      "water",
    ]);
    expect(ingredients(after(begun, { kind: "duplicate", key: key(begun, 0) }))).toHaveLength(4);
    expect(ingredients(after(begun, { kind: "remove", key: key(begun, 1) }))).toEqual(["wheat-atta", "salt-fine"]);
    expect(after(begun, { kind: "move", key: key(begun, 0), to: 9 })).toBe(begun);
  });

  const seed = Number(process.env["VERDAMEN_SEED"] ?? Date.now() % 1_000_000);
  it(`undoes any edits and redoes them (VERDAMEN_SEED=${seed})`, () => {
    const next = numbers(seed);
    for (let round = 0; round < 50; round++) {
      let history = started(DOUGH);
      for (let step = 0; step < 20; step++) {
        history = edited(history, anyEdit(next, history));
      }
      const last = history.present;
      const steps = history.past.length;
      for (let step = 0; step < steps; step++) {
        history = edited(history, { kind: "undo" });
      }
      expect(history.present).toEqual(DOUGH);
      for (let step = 0; step < steps; step++) {
        history = edited(history, { kind: "redo" });
      }
      expect(history.present).toEqual(last);
    }
  });
});

describe("a draft", () => {
  it("is asked of the server as it was read", () => {
    expect(specOf(DOUGH).lines).toEqual([
      expect.objectContaining({ ingredient: "wheat-atta", grams: 400, measured: { moisturePct: 12.5 } }),
      expect.objectContaining({ ingredient: "water", open: "unknown-amount" }),
      expect.objectContaining({ ingredient: "salt-fine", grams: 8 }),
    ]);
  });

  it("begins empty", () => {
    expect(specOf(emptyDraft("roti"))).toMatchObject({ style: "roti", lines: [] });
  });
});

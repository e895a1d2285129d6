import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { emptyDraft } from "./draft";
import {
  beginNewFormula,
  currentNewFormula,
  draftKey,
  goOnWith,
  latestDraft,
  listDrafts,
  readDraft,
  storeDraft,
  type StoredDraft,
  throwAway,
} from "./draftStorage";
import { started } from "./history";

/** A store as the browser has one. */
function store(): Storage {
  const kept = new Map<string, string>();
  return new Proxy(
    {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, text: string) => void kept.set(key, text),
      removeItem: (key: string) => void kept.delete(key),
    } as Storage,
    { ownKeys: () => [...kept.keys()], getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }) },
  );
}

function stored(name: string, storedAt: number): StoredDraft {
  const draft = { ...emptyDraft("roti"), name };
  return { baseNumber: null, knownLatest: null, base: draft, history: started(draft), station: "prep", storedAt };
}

describe("drafts that are not saved", () => {
  beforeEach(() => {
    globalThis.localStorage = store();
    globalThis.sessionStorage = store();
  });
  afterEach(() => {
    Reflect.deleteProperty(globalThis, "localStorage");
    Reflect.deleteProperty(globalThis, "sessionStorage");
  });

  it("of new formulas stay apart", () => {
    const one = goOnWith("new-one");
    storeDraft(draftKey(one, null), stored("One", 1));
    const other = beginNewFormula();
    expect(other).not.toBe(one);
    expect(currentNewFormula()).toBe(other);
    expect(latestDraft(other)).toBeNull();
    expect(latestDraft(one)?.history.present.name).toBe("One");
  });

  it("are listed with name, station and time, the latest first", () => {
    storeDraft(draftKey("new-one", null), stored("One", 1));
    storeDraft(draftKey("7", 3), { ...stored("Seven", 2), baseNumber: 3 });
    expect(listDrafts().map(({ id, name, station, storedAt }) => ({ id, name, station, storedAt }))).toEqual([
      { id: 7, name: "Seven", station: "prep", storedAt: 2 },
      { id: null, name: "One", station: "prep", storedAt: 1 },
    ]);
  });

  it("are thrown away, and come back", () => {
    const key = draftKey("new-one", null);
    storeDraft(key, stored("One", 1));
    const back = throwAway(key);
    expect(listDrafts()).toEqual([]);
    back();
    expect(readDraft(key)?.history.present.name).toBe("One");
  });

  it("that cannot be read are passed over", () => {
    localStorage.setItem(draftKey("new-one", null), "{");
    expect(listDrafts()).toEqual([]);
  });
});

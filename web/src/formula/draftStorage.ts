import type { Draft } from "./draft";
import type { History } from "./history";

const PREFIX = "verdamen.draft.";

/** Unsaved edits, kept in the browser so that a reload loses nothing. */
export interface StoredDraft {
  /** The version they were made from; null for a new formula. */
  baseNumber: number | null;
  /** The newest version there was when the edits were begun. */
  knownLatest: number | null;
  /** What that version holds. */
  base: Draft;
  history: History;
  /** The station it was last seen on. */
  station?: string;
  storedAt: number;
}

const NEW = "new";
const CURRENT = "verdamen.newDraft";

/** The new formula that this tab is about: a reload and another station go on with it. */
export function currentNewFormula(): string {
  return sessionStorage.getItem(CURRENT) ?? beginNewFormula();
}

/** Begins another new formula, empty, whatever else is unsaved. */
export function beginNewFormula(): string {
  return goOnWith(`${NEW}-${Date.now().toString(36)}`);
}

/** Goes on with a new formula that was begun before. */
export function goOnWith(formula: string): string {
  sessionStorage.setItem(CURRENT, formula);
  return formula;
}

/** Unsaved edits, as they are listed. */
export interface ListedDraft {
  key: string;
  /** Id of the formula they belong to; null for a new one. */
  id: number | null;
  /** What the edits of a new formula are kept under. */
  formula: string;
  baseNumber: number | null;
  name: string;
  lines: number;
  station: string;
  storedAt: number;
}

/** All unsaved edits of this browser, the latest first. */
export function listDrafts(): ListedDraft[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(PREFIX))
    .flatMap((key) => {
      const stored = readDraft(key);
      return stored ? [listed(key, stored)] : [];
    })
    .sort((one, other) => other.storedAt - one.storedAt);
}

function listed(key: string, stored: StoredDraft): ListedDraft {
  const formula = key.slice(PREFIX.length, key.lastIndexOf("."));
  const draft = stored.history.present;
  return {
    key,
    id: formula.startsWith(NEW) ? null : Number(formula),
    formula,
    baseNumber: stored.baseNumber,
    name: draft.name,
    lines: draft.lines.length,
    station: stored.station ?? "intake",
    storedAt: stored.storedAt,
  };
}

/** Throws unsaved edits away; answers how to get them back. */
export function throwAway(key: string): () => void {
  const text = localStorage.getItem(key);
  localStorage.removeItem(key);
  return () => {
    if (text !== null) {
      localStorage.setItem(key, text);
    }
  };
}

/** Where the edits of a formula made from one version are kept. */
export function draftKey(formula: string, baseNumber: number | null): string {
  return `${PREFIX}${formula}.${baseNumber ?? "new"}`;
}

/** Edits that were stored before stages had numbers call the one before the dough itself the first. */
function stageByNumber(name: string, value: unknown): unknown {
  return name === "stage" && value === "first" ? 0 : value;
}

export function readDraft(key: string): StoredDraft | null {
  try {
    const text = localStorage.getItem(key);
    return text ? (JSON.parse(text, stageByNumber) as StoredDraft) : null;
  } catch {
    return null;
  }
}

/** The edits of a formula that were stored last, whatever version they were made from. */
export function latestDraft(formula: string): StoredDraft | null {
  return draftsOf(formula).sort((a, b) => b.storedAt - a.storedAt)[0] ?? null;
}

export function hasDraft(formula: string): boolean {
  return draftsOf(formula).length > 0;
}

function draftsOf(formula: string): StoredDraft[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(`${PREFIX}${formula}.`))
    .map(readDraft)
    .filter((draft) => draft !== null);
}

/** Stores the edits, with fewer steps to undo when the browser's store is full; false when even that fails. */
export function storeDraft(key: string, stored: StoredDraft): boolean {
  for (const steps of [50, 5, 0]) {
    const history = {
      ...stored.history,
      past: steps === 0 ? [] : stored.history.past.slice(-steps),
      future: stored.history.future.slice(0, steps),
    };
    try {
      localStorage.setItem(key, JSON.stringify({ ...stored, history }));
      return true;
    } catch {
      continue;
    }
  }
  return false;
}

export function dropDraft(key: string): void {
  localStorage.removeItem(key);
}

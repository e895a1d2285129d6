import { useQuery } from "@tanstack/react-query";
import { type Dispatch, useEffect, useMemo, useReducer, useState } from "react";
import { type FormulaDocument, formulaQuery, type FormulaSpec } from "../api";
import { balancedSpecOf, type Draft, draftOf, emptyDraft, sameContent, specOf } from "./draft";
import {
  currentNewFormula,
  draftKey,
  dropDraft,
  latestDraft,
  readDraft,
  storeDraft,
  type StoredDraft,
} from "./draftStorage";
import { type Edit, edited, type History, started } from "./history";

/** A formula open for editing. */
export interface Editor {
  /** The formula's id; null for one that was never saved. */
  id: number | null;
  /** The saved formula behind the edits; null for a new one. */
  document: FormulaDocument | null;
  /** The version the edits were made from. */
  baseNumber: number | null;
  /** The newest version there was when the edits were begun: an older one may be edited on purpose. */
  knownLatest: number | null;
  draft: Draft;
  /** The draft as it is saved. */
  spec: FormulaSpec;
  /** The draft as it is balanced. */
  balanced: FormulaSpec;
  edit: Dispatch<Edit>;
  canUndo: boolean;
  canRedo: boolean;
  /** Whether there is anything to save. */
  changed: boolean;
  /** Whether the browser's store could not take the edits. */
  notStored: boolean;
  /** Goes back to the version as saved. */
  revert: () => void;
  /** Forgets the stored edits, once they are saved. */
  forget: () => void;
}

/** What an editor starts from: a stored draft, or a version as saved. */
export interface Start {
  id: number | null;
  /** What its edits are kept under. */
  formula: string;
  document: FormulaDocument | null;
  stored: StoredDraft | null;
}

/** Loads what an editor starts from. */
export function useStart(id: number | null, version: number | null) {
  const query = useQuery({ ...formulaQuery(id ?? 0, version), enabled: id !== null });
  const document = query.data ?? null;
  const formula = id === null ? currentNewFormula() : String(id);
  const start = useMemo<Start | null>(() => {
    if (id === null) {
      return { id, formula, document: null, stored: latestDraft(formula) };
    }
    if (!document) {
      return null;
    }
    const stored = version === null ? latestDraft(formula) : readDraft(draftKey(formula, document.version.number));
    return { id, formula, document, stored };
  }, [id, formula, document, version]);
  return { start, error: query.error, retry: () => void query.refetch() };
}

/** Edits a formula: undo and redo, and every edit kept in the browser until it is saved. */
export function useEditor({ id, formula, document, stored }: Start, style: string, station: string): Editor {
  const [base] = useState<Draft>(() => stored?.base ?? (document ? draftOf(document) : emptyDraft(style)));
  const baseNumber = stored ? stored.baseNumber : (document?.version.number ?? null);
  const knownLatest = stored ? stored.knownLatest : (document?.latestNumber ?? null);
  const [history, edit] = useReducer(edited, null, (): History => stored?.history ?? started(base));
  const [notStored, setNotStored] = useState(false);
  const [forgotten, setForgotten] = useState(false);
  const draft = history.present;
  const changed = useMemo(() => !sameContent(draft, base), [draft, base]);
  const spec = useMemo(() => specOf(draft), [draft]);
  const balanced = useMemo(() => balancedSpecOf(spec), [spec]);
  const key = draftKey(formula, baseNumber);

  useEffect(() => {
    if (forgotten) {
      return;
    }
    if (changed || draft.plan || draft.portionPlan) {
      const stored = storeDraft(key, { baseNumber, knownLatest, base, history, station, storedAt: Date.now() });
      queueMicrotask(() => setNotStored(!stored));
    } else {
      dropDraft(key);
    }
  }, [changed, draft.plan, draft.portionPlan, history, base, baseNumber, knownLatest, key, station, forgotten]);

  return {
    id,
    document,
    baseNumber,
    knownLatest,
    draft,
    spec,
    balanced,
    edit,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    changed,
    notStored,
    revert: () => edit({ kind: "replace", draft: base }),
    forget: () => {
      setForgotten(true);
      dropDraft(key);
    },
  };
}

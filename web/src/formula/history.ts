import type { FormulaSpec, MethodSpec, RecipeNotes } from "../api";
import {
  type Draft,
  type DraftLine,
  type DraftSettings,
  draftOfSpec,
  filledLines,
  isEmpty,
  newKey,
  type PlannedPortion,
} from "./draft";

/** A draft with what can be undone and redone. */
export interface History {
  past: Draft[];
  present: Draft;
  future: Draft[];
  /** Edits with the same tag in a row are undone together, as the digits of one number are. */
  tag: string | null;
}

export type Edit =
  | { kind: "name"; name: string }
  | { kind: "notes"; patch: Partial<RecipeNotes> }
  | { kind: "settings"; patch: Partial<DraftSettings> }
  | { kind: "method"; patch: Partial<MethodSpec> }
  | { kind: "draft"; patch: Partial<Omit<Draft, "name">>; tag?: string }
  | { kind: "line"; key: string; patch: Partial<DraftLine>; tag?: string }
  | { kind: "add"; line?: Partial<DraftLine>; after?: string }
  | { kind: "remove"; key: string }
  | { kind: "duplicate"; key: string }
  | { kind: "move"; key: string; to: number }
  | { kind: "lines"; patches: { index: number; patch: Partial<DraftLine> }[]; of: Draft }
  | { kind: "replace"; draft: Draft }
  | { kind: "spec"; spec: FormulaSpec; of: Draft; versionNote?: string; portionPlan?: PlannedPortion }
  | { kind: "follow"; index: number; patch: Partial<DraftLine>; of: Draft }
  | { kind: "settle" }
  | { kind: "undo" }
  | { kind: "redo" };

const KEPT = 100;

/** What follows from an edit. */
export function edited(history: History, edit: Edit): History {
  switch (edit.kind) {
    case "undo":
      return undone(history);
    case "redo":
      return redone(history);
    case "settle":
      return { ...history, tag: null };
    case "follow":
      // It goes with the edit that it follows, so that both are undone at once.
      return history.present === edit.of ? { ...history, present: followed(history.present, edit) } : history;
    default:
      return committed(history, changed(history.present, edit), tagOf(edit));
  }
}

export function started(draft: Draft): History {
  return { past: [], present: draft, future: [], tag: null };
}

function undone(history: History): History {
  const before = history.past.at(-1);
  return before
    ? { past: history.past.slice(0, -1), present: before, future: [history.present, ...history.future], tag: null }
    : history;
}

function redone(history: History): History {
  const [after, ...rest] = history.future;
  return after ? { past: [...history.past, history.present], present: after, future: rest, tag: null } : history;
}

function committed(history: History, present: Draft, tag: string | null): History {
  if (present === history.present) {
    return history;
  }
  const past = tag !== null && tag === history.tag ? history.past : [...history.past, history.present].slice(-KEPT);
  return { past, present, future: [], tag };
}

function tagOf(edit: Edit): string | null {
  switch (edit.kind) {
    case "name":
      return "name";
    case "notes":
      return `notes ${Object.keys(edit.patch).join()}`;
    case "settings":
      return `settings ${Object.keys(edit.patch).join()}`;
    case "method":
      return `method ${Object.keys(edit.patch).join()}`;
    case "draft":
      return edit.tag ?? null;
    case "line":
      return edit.tag ?? `${edit.key} ${Object.keys(edit.patch).join()}`;
    default:
      return null;
  }
}

type Change = Exclude<Edit, { kind: "undo" | "redo" | "settle" | "follow" }>;

function changed(draft: Draft, edit: Change): Draft {
  switch (edit.kind) {
    case "name":
      return { ...draft, name: edit.name };
    case "notes":
      return { ...draft, notes: { ...draft.notes, ...edit.patch } };
    case "settings":
      return { ...draft, ...edit.patch };
    case "method":
      return { ...draft, method: { ...draft.method, ...edit.patch } };
    case "draft":
      return { ...draft, ...edit.patch };
    case "replace":
      return edit.draft;
    case "spec":
      // What was answered about another draft is not taken: what was typed meanwhile would be lost.
      return draft === edit.of ? answered(draft, edit) : draft;
    case "line":
      return withLines(draft, (line) => (line.key === edit.key ? { ...line, ...edit.patch } : line));
    case "lines":
      return draft !== edit.of
        ? draft
        : {
            ...draft,
            lines: draft.lines.map((line, index) =>
              edit.patches
                .filter((patch) => patch.index === index)
                .reduce((changedLine, { patch }) => ({ ...changedLine, ...patch }), line),
            ),
          };
    case "add":
      return added(draft, edit.after, { key: newKey(), ingredient: "", grams: null, ...edit.line });
    case "duplicate": {
      const original = draft.lines.find((line) => line.key === edit.key);
      return original ? added(draft, edit.key, { ...original, key: newKey() }) : draft;
    }
    case "remove":
      return { ...draft, lines: draft.lines.filter((line) => line.key !== edit.key) };
    case "move":
      return moved(draft, edit.key, edit.to);
  }
}

/** The draft as the server gave it back: lines that are still there keep their keys and what is to be confirmed. */
/** With a note, what was planned is done; otherwise the plan goes on. */
function answered(draft: Draft, edit: Edit & { kind: "spec" }): Draft {
  const { spec, versionNote: note, portionPlan = draft.portionPlan } = edit;
  const next = draftOfSpec(spec);
  const lines = next.lines.map((line, index) => {
    const before = draft.lines[index];
    return before?.ingredient === line.ingredient ? { ...line, key: before.key, check: before.check } : line;
  });
  const versionNote = note === undefined ? draft.versionNote : [draft.versionNote, note].filter(Boolean).join("\n");
  return { ...next, name: draft.name, lines, plan: note === undefined ? draft.plan : null, portionPlan, versionNote };
}

function followed(draft: Draft, { index, patch }: { index: number; patch: Partial<DraftLine> }): Draft {
  return { ...draft, lines: draft.lines.map((line, each) => (each === index ? { ...line, ...patch } : line)) };
}

function withLines(draft: Draft, change: (line: DraftLine) => DraftLine): Draft {
  return { ...draft, lines: draft.lines.map(change) };
}

/** At the end, a line takes the place of empty ones, and an empty one is enough. */
function added(draft: Draft, after: string | undefined, line: DraftLine): Draft {
  const index = draft.lines.findIndex((each) => each.key === after);
  if (index >= 0) {
    return { ...draft, lines: draft.lines.toSpliced(index + 1, 0, line) };
  }
  const filled = filledLines(draft.lines);
  return isEmpty(line) && filled.length < draft.lines.length ? draft : { ...draft, lines: [...filled, line] };
}

function moved(draft: Draft, key: string, to: number): Draft {
  const from = draft.lines.findIndex((line) => line.key === key);
  const line = draft.lines[from];
  if (!line || to < 0 || to >= draft.lines.length || to === from) {
    return draft;
  }
  return { ...draft, lines: draft.lines.toSpliced(from, 1).toSpliced(to, 0, line) };
}

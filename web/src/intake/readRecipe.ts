import type { IntakeAnswer, IntakeLine } from "../api";
import { type Draft, type DraftLine, emptyDraft, filledLines, newKey } from "../formula";

/** A line as read, to be edited. */
export function lineOf(read: IntakeLine): DraftLine {
  const unread = read.ingredient == null;
  const weighed = !unread && read.grams != null && read.sd == null;
  // What is only near keeps its amount as a measure, from which it is weighed once it is chosen.
  const bare = unread && read.measure == null && read.grams != null;
  return {
    key: newKey(),
    ingredient: read.ingredient ?? "",
    grams: unread ? null : (read.grams ?? null),
    sd: unread ? null : (read.sd ?? null),
    part: read.part === "dough" ? null : read.part,
    form: read.form ?? null,
    measured: read.measured ?? null,
    heading: read.heading ?? null,
    fatState: read.fatState ?? null,
    open: unread ? "unread" : read.grams == null ? "unknown-amount" : null,
    origin: {
      text: read.text,
      measure: weighed ? null : (read.measure ?? (bare ? "g" : null)),
      quantity: weighed ? null : (read.quantity ?? (bare ? (read.grams ?? null) : null)),
    },
    check: read.status === "read" ? null : { status: read.status, findings: read.findings, near: read.near ?? null },
  };
}

/** A recipe as a draft of its own. What was set before anything was in the bowl stays; nothing of another recipe does. */
export function recipeInstead(draft: Draft, recipe: IntakeAnswer, text: string): Draft {
  const style = recipe.style?.code ?? draft.style;
  const begun = filledLines(draft.lines).length === 0 ? draft : emptyDraft(style);
  return {
    ...begun,
    style,
    name: begun.name || (recipe.title ?? ""),
    waterTemperatureC: recipe.waterTemperatureC ?? begun.waterTemperatureC ?? null,
    lines: recipe.lines.map(lineOf),
    notes: { ...begun.notes, recipe: text, pieces: recipe.pieces ?? null, method: recipe.method || null },
  };
}

/** The draft with the lines of a recipe below its own. */
export function recipeBelow(draft: Draft, recipe: IntakeAnswer, text: string): Draft {
  return {
    ...draft,
    name: draft.name || (recipe.title ?? ""),
    waterTemperatureC: draft.waterTemperatureC ?? recipe.waterTemperatureC ?? null,
    lines: [...filledLines(draft.lines), ...recipe.lines.map(lineOf)],
    notes: {
      ...draft.notes,
      recipe: draft.notes?.recipe ? `${draft.notes.recipe}\n\n${text}` : text,
      pieces: recipe.pieces ?? draft.notes?.pieces ?? null,
      method: recipe.method || (draft.notes?.method ?? null),
    },
  };
}

/** The draft with its lines measured as a recipe read again has them; what was typed over stays. */
export function withMeasures(draft: Draft, recipe: IntakeAnswer): Draft {
  const again = new Map(recipe.lines.map((line) => [line.text, line]));
  return {
    ...draft,
    lines: draft.lines.map((line) => {
      const read = again.get(line.origin?.text ?? "");
      return read?.grams != null && line.origin?.measure && line.origin.measure === read.measure
        ? { ...line, grams: read.grams, sd: read.sd ?? null }
        : line;
    }),
  };
}

/** What a recipe calls measures that this kitchen does not know, each once. */
export function unknownMeasures(draft: Draft): string[] {
  return [...new Set(draft.lines.flatMap((line) => unknownMeasure(line) ?? []))];
}

function unknownMeasure({ check }: DraftLine): string | null {
  return check?.findings.find(({ kind }) => kind === "unknown-measure")?.words[0] ?? null;
}

/** The draft with the lines of a measure as a recipe read again has them, now that the measure is known. */
export function withKnownMeasure(draft: Draft, measure: string, recipe: IntakeAnswer): Draft {
  const again = new Map(recipe.lines.map((line) => [line.text, line]));
  return {
    ...draft,
    lines: draft.lines.map((line) => {
      const read = again.get(line.origin?.text ?? "");
      return read && unknownMeasure(line) === measure
        ? { ...lineOf(read), key: line.key, part: line.part, heading: line.heading }
        : line;
    }),
  };
}

import type { IntakeAnswer, IntakeLine } from "../api";
import { type Draft, type DraftLine, filledLines, newKey } from "../formula";

/** A line as read, to be edited. */
export function lineOf(read: IntakeLine): DraftLine {
  const unread = read.ingredient == null;
  const weighed = read.grams != null && read.sd == null;
  return {
    key: newKey(),
    ingredient: read.ingredient ?? "",
    grams: read.grams ?? null,
    sd: read.sd ?? null,
    part: read.part === "dough" ? null : read.part,
    form: read.form ?? null,
    measured: read.measured ?? null,
    heading: read.heading ?? null,
    fatState: read.fatState ?? null,
    open: unread ? "unread" : read.grams == null ? "unknown-amount" : null,
    origin: {
      text: read.text,
      measure: weighed ? null : (read.measure ?? null),
      quantity: weighed ? null : (read.quantity ?? null),
    },
    check: read.status === "read" ? null : { status: read.status, findings: read.findings },
  };
}

/** The draft with a recipe in place of its lines, or with its lines below. */
export function withRecipe(draft: Draft, recipe: IntakeAnswer, text: string, below: boolean): Draft {
  const lines = recipe.lines.map(lineOf);
  return {
    ...draft,
    name: draft.name || (recipe.title ?? ""),
    waterTemperatureC: draft.waterTemperatureC ?? recipe.waterTemperatureC ?? null,
    lines: below ? [...filledLines(draft.lines), ...lines] : lines,
    notes: {
      ...draft.notes,
      recipe: below && draft.notes?.recipe ? `${draft.notes.recipe}\n\n${text}` : text,
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

import type { DraftLine } from "./draft";

/** Whether a line belongs to the dough itself. */
export function isInDough(line: DraftLine): boolean {
  return line.part == null || line.part === "dough";
}

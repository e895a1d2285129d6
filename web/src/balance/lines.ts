import type { DraftLine } from "../formula";

/** Whether a line belongs to the dough itself. */
export function isInDough(line: DraftLine): boolean {
  return line.part == null || line.part === "dough";
}

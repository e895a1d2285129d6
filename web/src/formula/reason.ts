const PREFIX = "verdamen.reason.";

/** Keeps why the next version of a formula will be made, until it is saved: it stands in its note then. */
export function keepReason(formula: number, reason: string): void {
  sessionStorage.setItem(PREFIX + formula, reason);
}

/** Why the next version of a formula is made; nothing where nobody has said. */
export function reasonFor(formula: number | null): string {
  return formula === null ? "" : (sessionStorage.getItem(PREFIX + formula) ?? "");
}

/** The version is saved. */
export function forgetReason(formula: number | null): void {
  sessionStorage.removeItem(PREFIX + formula);
}

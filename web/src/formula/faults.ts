import type { SaidFault } from "../words";

/** Before the name of what stands in a part of the formula, where it could not even be read. */
const PARTS = ["", "notes.", "portion."];

/** Of what could not even be read only its place is told, as in {@code servings[2].pieces}: that is a field of the line 2. */
const IN_LIST = /^(?:servings|workers|pins)\[(\d+)\]\.(.+)$/;

function ofItsLine(fault: SaidFault): SaidFault {
  const [, line, field] = IN_LIST.exec(fault.field) ?? [];
  return line !== undefined && field !== undefined ? { ...fault, line: Number(line), field } : fault;
}

/** The faults of a refused formula, found by line and field. */
export class Faults {
  private readonly faults: SaidFault[];

  constructor(faults: SaidFault[] | null | undefined) {
    this.faults = (faults ?? []).map(ofItsLine);
  }

  of(line: number | null, field: string): string | null {
    const found = this.faults.find(
      (fault) => (fault.line ?? null) === line && PARTS.some((part) => fault.field === part + field),
    );
    return found?.message ?? null;
  }

  ofLine(line: number): string[] {
    return this.faults.filter((fault) => fault.line === line).map((fault) => fault.message);
  }
}

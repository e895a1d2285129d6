import type { SaidFault } from "../words";

/** The faults of a refused formula, found by line and field. */
export class Faults {
  private readonly faults: SaidFault[];

  constructor(faults: SaidFault[] | null | undefined) {
    this.faults = faults ?? [];
  }

  of(line: number | null, field: string): string | null {
    return this.faults.find((fault) => (fault.line ?? null) === line && fault.field === field)?.message ?? null;
  }

  ofLine(line: number): string[] {
    return this.faults.filter((fault) => fault.line === line).map((fault) => fault.message);
  }
}

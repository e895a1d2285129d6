import type { Problem, ProblemFault } from "../api";

/** The faults of a refused formula, found by line and field. */
export class Faults {
  private readonly faults: ProblemFault[];

  constructor(problem: Problem | null) {
    this.faults = problem?.faults ?? [];
  }

  of(line: number | null, field: string): string | null {
    return this.faults.find((fault) => (fault.line ?? null) === line && fault.field === field)?.message ?? null;
  }

  ofLine(line: number): string[] {
    return this.faults.filter((fault) => fault.line === line).map((fault) => fault.message);
  }
}

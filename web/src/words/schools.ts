import words from "./schools.json";

const SCHOOLS: Record<string, Record<string, { name: string; reason: string }>> = words;

/** A way of doing something: what it is called, and why one does it and what speaks against it. */
export function schoolWords(question: string, school: string): { name: string; reason: string } {
  return SCHOOLS[question]?.[school] ?? { name: school, reason: "" };
}

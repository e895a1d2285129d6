import guide from "./guide.json";
import symptoms from "./symptoms.json";

const SYMPTOMS: Record<string, string> = symptoms.symptoms;
const CAUSES: Record<string, Record<string, { says: string; check: string }>> = symptoms.causes;
const END_POINTS: Record<string, { name: string; test: string; means: string }> = guide.endPoints;
const DRILL: Record<string, { situation: string; why: string }> = guide.drill;

/** What is seen. */
export function symptomWords(symptom: string): string {
  return SYMPTOMS[symptom] ?? symptom;
}

/** A cause of a symptom, and how to check it. */
export function symptomCauseWords(symptom: string, cause: string): { says: string; check: string } {
  return CAUSES[symptom]?.[cause] ?? { says: cause, check: "" };
}

/** When something is done: its name, how to tell, and what to do then. */
export function endPointWords(code: string): { name: string; test: string; means: string } {
  return END_POINTS[code] ?? { name: code, test: "", means: "" };
}

/** A described dough of the drill, and why one does what is right with it. */
export function drillWords(code: string): { situation: string; why: string } {
  return DRILL[code] ?? { situation: code, why: "" };
}

import type { BenchAdvice } from "../api";
import type { Figures } from "../figures";
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

/** What to do now, in one sentence. */
export function adviceWords(advice: BenchAdvice, f: Figures): string {
  switch (advice.action) {
    case "knead":
      return `Knead first, and judge at minute ${advice.judgeAt ?? advice.minute}: before that a feel says little.`;
    case "roll":
      return `Roll now${advice.rollUntil != null ? `, until minute ${advice.rollUntil}` : ""}.`;
    case "wait":
      return advice.waitUntil == null
        ? "It is soft enough, but it can be rolled at no time: what is said of its rolling window tells why."
        : `Wait until minute ${advice.waitUntil}; then roll until minute ${advice.rollUntil}.`;
    case "add-water":
      return `Add ${f.mass(advice.grams)} of water.`;
    case "add-flour":
      return advice.additions.length > 0
        ? `Add ${f.mass(advice.grams)} of flour.`
        : "Too soft, and there is no flour in it to add to.";
  }
}

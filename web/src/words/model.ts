import type { ModelBook } from "../api";
import words from "./model.json";

type Source = ModelBook["others"][number]["source"];

const SOURCES: Record<Source, string> = {
  physics: "a constant or convention",
  textbook: "general teaching",
  typical: "typical of kitchens",
  judgement: "our own judgement",
  choice: "chosen for this program",
};

interface ChapterWords {
  title: string;
  intro: string;
  limits: string;
}

const CHAPTERS: Record<string, ChapterWords> = words.chapters;
const RULES: Record<string, string> = words.rules;
const KINDS: Record<string, string> = words.accuracy.kinds;
const TOPICS: Record<string, string> = words.topics;

/** What a chapter of the model is about, and where it ends to hold. */
export function chapterWords(code: string): ChapterWords {
  return CHAPTERS[code] ?? { title: code, intro: "", limits: "" };
}

/** What a rule of the model says. */
export function ruleWords(rule: string): string {
  return RULES[rule] ?? rule;
}

/** What is said of how right the model is: a title and an introduction. */
export const ACCURACY = { title: words.accuracy.title, intro: words.accuracy.intro };

/** A kind of dough by how right the model is for it. */
export function doughKindWords(kind: ModelBook["accuracy"][number]["kind"]): string {
  return KINDS[kind] ?? kind;
}

/** What a group of coefficients is about. */
export function topicWords(topic: string): string {
  return TOPICS[topic] ?? topic;
}

/** Where a coefficient comes from. */
export function sourceWords(source: Source): string {
  return SOURCES[source];
}

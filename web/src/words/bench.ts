import type { Batch, BenchAnswer, BenchEntry, BenchStep } from "../api";
import type { Figures } from "../figures";
import { durationWords } from "./plan";

const STEPS: Record<BenchStep["kind"], string> = {
  "set-up": "Lay out",
  prepare: "Prepare",
  sponge: "Sponge",
  soaker: "Soaker",
  scald: "Scald",
  "mix-dry": "Mix what is dry",
  "rub-in-fat": "Rub in the fat",
  pour: "Pour",
  "add-inclusions": "Work in",
  "hold-back": "Water held back",
  "knead-by-hand": "Knead",
  "knead-by-machine": "Knead",
  "just-combine": "Bring together",
  "knead-in-fat": "Knead in the fat",
  rest: "Rest",
  warm: "Stand warm",
  chill: "Chill",
  "knead-again": "Knead again",
  divide: "Divide",
  fill: "Fill",
  roll: "Roll",
  cook: "Cook",
  finish: "Finish",
  keep: "Keep",
  own: "Step of our own",
};

const BOWLS: Record<BenchAnswer["bowls"][number]["kind"], string> = {
  "first-stage": "First stage",
  dry: "Dry bowl",
  fat: "Fat",
  wet: "Wet bowl",
  inclusions: "Worked in",
  filling: "Filling",
  surface: "Bench and surface",
};

/** What is weighed together. */
export const bowlName = (kind: BenchAnswer["bowls"][number]["kind"]) => BOWLS[kind];

/** A step of a run sheet, in a word or two. */
export function benchStepName(kind: BenchStep["kind"]): string {
  return STEPS[kind];
}

/** The same by the key of the step, which numbers the second of a kind. */
export function benchStepNameOf(key: string | null | undefined): string {
  const kind = key?.replace(/-\d+$/, "") as BenchStep["kind"] | undefined;
  return (kind && STEPS[kind]) ?? "";
}

/** What can be said of how something went, by the kind of what is noted. */
export const OUTCOMES: Partial<Record<BenchEntry["kind"], { code: string; name: string }[]>> = {
  rolled: [
    { code: "fine", name: "fine" },
    { code: "stuck", name: "stuck" },
    { code: "cracked", name: "cracked" },
    { code: "tore", name: "tore" },
    { code: "sprang-back", name: "sprang back" },
  ],
  turned: [
    { code: "blisters", name: "blisters" },
    { code: "edge", name: "dry edge" },
    { code: "colour", name: "colour" },
    { code: "time", name: "time" },
  ],
  "off-pan": [
    { code: "none", name: "no puff" },
    { code: "part", name: "in part" },
    { code: "full", name: "full puff" },
  ],
  correction: [
    { code: "knead", name: "kneaded on" },
    { code: "wait", name: "waited" },
    { code: "roll", name: "rolled" },
    { code: "add-water", name: "water added" },
    { code: "add-flour", name: "flour added" },
    { code: "wet-hands", name: "wet or oiled hands" },
    { code: "re-add", name: "put in again" },
  ],
  verdict: [
    { code: "well", name: "came out well" },
    { code: "middling", name: "came out middling" },
    { code: "badly", name: "came out badly" },
  ],
  taste: [
    { code: "folds", name: "folds" },
    { code: "cracks", name: "cracks at the edge" },
    { code: "breaks", name: "breaks" },
  ],
  step: [
    { code: "begun", name: "begun" },
    { code: "done", name: "done" },
    { code: "left-out", name: "left out" },
  ],
};

/** How something went, in words. */
export function outcomeName(kind: BenchEntry["kind"], code: string | null | undefined): string {
  return OUTCOMES[kind]?.find((each) => each.code === code)?.name ?? (code ?? "").replace("-", " ");
}

/** What is read at the bench. */
export const READINGS: Record<string, { name: string; unit: "mass" | "temperature" | "percent" }> = {
  dough: { name: "Dough", unit: "temperature" },
  water: { name: "Water", unit: "temperature" },
  pan: { name: "Pan", unit: "temperature" },
  room: { name: "Room", unit: "temperature" },
  humidity: { name: "Air humidity", unit: "percent" },
  moisture: { name: "Flour moisture", unit: "percent" },
  "dough-grams": { name: "Whole dough", unit: "mass" },
  "cooked-grams": { name: "Cooked piece", unit: "mass" },
};

/** What is different about a batch, other than its version is written; empty for nothing. */
export function madeAsWords({ madeAs }: Batch, figures: Figures): string[] {
  const { chillMinutes, kitchenC, parBaked, splits } = madeAs ?? {};
  const aside = (splits ?? []).reduce((sum, { pieces }) => sum + (pieces ?? 0), 0);
  return [
    chillMinutes == null ? "" : `chilled for ${durationWords(chillMinutes)} before it is divided`,
    kitchenC == null ? "" : `kitchen and flour at ${figures.temperature(kitchenC)}`,
    parBaked ? "cooked for the most part only, finished when it is served" : "",
    aside > 0 ? `${figures.number(aside, 0)} pieces put aside` : "",
  ].filter(Boolean);
}

import type { Caution, PantryDocument } from "../api";
import type { Figures } from "../figures";
import words from "./cautions.json";

type Cause = Caution["causes"][number];

interface CautionWords {
  title: string;
  text: string;
}

const CAUTIONS: Record<string, CautionWords> = words;

/** What every caution defers to. */
export const CAUTIONS_DEFER =
  "Typical cautions, not complete. Local rules and qualified advice go first; nothing here is health advice.";

/** A caution in words, its typical limits in the kitchen's units. */
export function cautionWords(caution: Caution, figures: Figures): CautionWords {
  const { title, text } = CAUTIONS[caution.code] ?? { title: caution.code, text: "" };
  return {
    title,
    text: text.replace(/\{(\w+)\}/g, (all, name) => {
      const limit = caution.coefficients.find(({ code }) => code === name);
      return limit ? limitWords(limit, figures) : all;
    }),
  };
}

function limitWords({ value, unit }: Caution["coefficients"][number], figures: Figures): string {
  if (unit === "CELSIUS") {
    return figures.temperature(value);
  }
  return timeWords(value, figures);
}

/** A length of time in the largest unit that it fills twice. */
function timeWords(minutes: number, figures: Figures): string {
  if (minutes >= 2 * 24 * 60) {
    return `${figures.number(minutes / (24 * 60), 0)} days`;
  }
  return minutes >= 120 ? `${figures.number(minutes / 60, 0)} hours` : `${figures.number(minutes, 0)} minutes`;
}

const STEPS: Record<string, string> = {
  trim: "trimming",
  wash: "washing",
  grate: "grating",
  chop: "chopping",
  "salt-stand": "standing in salt",
  press: "pressing",
  boil: "boiling",
  "soak-boil": "soaking and boiling",
  roast: "roasting",
  wilt: "wilting",
  "cook-down": "cooking down",
  puree: "puréeing",
  mash: "mashing",
  rehydrate: "rehydrating",
  cool: "cooling",
  clarify: "clarifying",
};

const HEATS: Record<string, string> = {
  "hot-dry": "a hot, dry griddle",
  "medium-fat": "fat on the griddle",
  covered: "cooking under a lid",
  "oven-stone": "a hot stone",
};

/** What a caution is because of. */
export function causeWords(causes: Cause[], pantry: PantryDocument | undefined, figures: Figures): string {
  return causes.map((cause) => causeOf(cause, pantry, figures)).join("; ");
}

function causeOf(cause: Cause, pantry: PantryDocument | undefined, figures: Figures): string {
  const ingredient = (code: string | null | undefined) =>
    pantry?.ingredients.find((each) => each.code === code)?.name ?? "an ingredient";
  switch (cause.kind) {
    case "ingredient":
      return ingredient(cause.code);
    case "style":
      return pantry?.styles.find(({ code }) => code === cause.code)?.name ?? "the style";
    case "step":
      return `${ingredient(cause.ingredient)}: ${STEPS[cause.code ?? ""] ?? "a step"}`;
    case "kneading":
      return "kneading by machine";
    case "sticking":
      return "plastic sheets";
    case "heat":
      return HEATS[cause.code ?? ""] ?? "the heat";
    case "water":
      return `water at ${figures.temperature(cause.celsius ?? NaN)}`;
    case "chill":
      return `${timeWords(cause.minutes ?? NaN, figures)} at ${figures.temperature(cause.celsius ?? NaN)}`;
    case "kept-liquid":
      return `liquid kept from ${ingredient(cause.code)}`;
  }
}

import type { PantryDocument } from "../api";

/** What can cause a caution beside an ingredient or a style, which have their names in the pantry. */
const CAUSES: Record<string, string> = {
  machine: "kneading by machine",
  sheets: "plastic sheets",
  "hot-dry": "a hot, dry griddle",
  "medium-fat": "fat on the griddle",
  covered: "cooking under a lid",
  "oven-stone": "a hot stone",
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

/** What a caution is because of, in words: the core names ingredients, styles and steps by their codes. */
export function causeWords(cause: string, pantry: PantryDocument | undefined): string {
  const names = new Map<string, string>([
    ...Object.entries(CAUSES),
    ...(pantry?.styles ?? []).map(({ code, name }) => [code, name] as const),
    ...(pantry?.ingredients ?? []).map(({ code, name }) => [code, name] as const),
  ]);
  return cause
    .split(", ")
    .map((part) => names.get(part) ?? part)
    .join("; ");
}

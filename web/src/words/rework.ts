import type { PantryDocument, Proposal, SubstituteRequest } from "../api";
import type { Figures } from "../figures";
import { ingredientName } from "./ingredients";

type Change = NonNullable<SubstituteRequest["changes"]>[number];

/** What goes along, with what it was and becomes. */
export function carriedWords(proposal: Proposal, pantry: PantryDocument, figures: Figures): string {
  const { kind, ingredient, from, to, fromChoice, toChoice } = proposal;
  if (toChoice) {
    return `Kneading: ${KNEADING[toChoice] ?? toChoice}, not ${KNEADING[fromChoice ?? ""] ?? fromChoice}`;
  }
  const say = (value: number) =>
    kind === "rest"
      ? `${figures.number(value, 0)} min`
      : kind === "sheet"
        ? `${figures.number(value, 1)} mm`
        : figures.mass(value);
  const name = SETTINGS[kind] ?? ingredientName(ingredient ?? "", pantry);
  return `${name}: ${from == null ? "" : `${say(from)} → `}${say(to ?? 0)}`;
}

/** What may follow a change, besides the water, in the order in which it is told. */
export const FOLLOWING: { kind: Proposal["kind"]; name: string }[] = [
  { kind: "salt", name: "salt, by the flour" },
  { kind: "fat", name: "fat, by the flour" },
  { kind: "leavener", name: "leavener, by the flour" },
  { kind: "kneading", name: "kneading" },
  { kind: "rest", name: "rest" },
  { kind: "sheet", name: "sheet" },
  { kind: "piece", name: "weight of a piece" },
];

/** Why something goes along. */
export function reasonWords({ reasons }: Proposal, figures: Figures): string {
  return reasons.map(({ reason, value }) => REASONS[reason](value, figures)).join("; ");
}

/** "30 % of Atta to Whole emmer flour", "20 % Pumpkin on the flour". */
export function changeWords(
  { line, by, add, share }: Change,
  lines: (string | null)[],
  pantry: PantryDocument,
  figures: Figures,
): string {
  const much = figures.percent(100 * (share ?? 0));
  return add
    ? `${much} ${ingredientName(add, pantry)} on the flour`
    : `${much} of ${ingredientName(lines[line ?? 0] ?? "", pantry)} to ${ingredientName(by ?? "", pantry)}`;
}

/** "Ghee for Butter"; "20 % of Atta to Rye"; "2 % Psyllium on the flour". */
export function insteadWords(
  change: Change,
  lines: (string | null)[],
  pantry: PantryDocument,
  figures: Figures,
): string {
  const all = !change.add && (change.share ?? 0) >= 1;
  return all
    ? `${ingredientName(change.by ?? "", pantry)} for ${ingredientName(lines[change.line ?? 0] ?? "", pantry)}`
    : changeWords(change, lines, pantry, figures);
}

/** What to say of a version that was reworked. */
export function reworkNote(
  changes: Change[],
  lines: (string | null)[],
  proposals: Proposal[],
  pantry: PantryDocument,
  figures: Figures,
): string {
  const replaced = changes.map((change) => changeWords(change, lines, pantry, figures));
  const along = proposals
    .filter(({ taken }) => taken)
    .map((proposal) => carriedWords(proposal, pantry, figures).replace(":", ""));
  return `${replaced.join(", ")}${along.length > 0 ? `: ${along.join(", ")}` : ""}.`;
}

const SETTINGS: Partial<Record<Proposal["kind"], string>> = { rest: "Rest", sheet: "Sheet", piece: "A piece" };

const KNEADING: Record<string, string> = {
  hand: "by hand",
  machine: "by machine",
  "just-combined": "only brought together",
};

const REASONS: Record<Proposal["reasons"][number]["reason"], (value: number, figures: Figures) => string> = {
  target: (value, figures) => `as soft as is aimed for, ${figures.number(value, 2)}`,
  "share-of-flour": () => "the same share of the flour",
  "slowest-drinker": (value, figures) => `the slowest flour has drunk after ${figures.number(value, 0)} min`,
  style: () => "as usual in this style",
  "little-gluten": (value, figures) => `too little gluten to knead: ${figures.number(value, 0)}`,
  "enough-gluten": (value, figures) => `gluten enough to knead: ${figures.number(value, 0)}`,
  "same-diameter": (value, figures) => `as wide as before at ${figures.number(value, 1)} mm`,
  "thinnest-sheet": (value, figures) => `thinner than ${figures.number(value, 1)} mm it tears`,
};

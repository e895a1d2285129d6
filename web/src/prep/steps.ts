import type { StepAnswer, StepSpec } from "../api";

export type StepKind = StepAnswer["kind"];

/** The steps in words, in the order in which they are offered, with what is weighed at each. */
export const STEPS: Record<
  StepKind,
  { name: string; liquid?: boolean; off?: boolean; added?: boolean; piece?: boolean; drained?: string; cools?: boolean }
> = {
  trim: { name: "Trim or peel" },
  wash: { name: "Wash and drain" },
  grate: { name: "Grate", piece: true },
  chop: { name: "Chop", piece: true },
  "salt-stand": { name: "Salt and stand", liquid: true, added: true, drained: "pour the liquid off" },
  press: { name: "Press", liquid: true },
  boil: { name: "Boil or steam", added: true },
  "soak-boil": { name: "Soak and boil", added: true, drained: "drain the water" },
  roast: { name: "Roast", off: true, added: true },
  wilt: { name: "Wilt", off: true, added: true },
  "cook-down": { name: "Cook down", off: true, added: true },
  puree: { name: "Purée", added: true },
  mash: { name: "Mash", added: true, piece: true },
  rehydrate: { name: "Rehydrate", added: true },
  cool: { name: "Cool", cools: true },
  clarify: { name: "Clarify butter" },
};

export const LIQUID_USES = [
  ["", "as the method says"],
  ["discarded", "thrown away"],
  ["dough-water", "used as dough water"],
  ["kept", "kept for the next batch"],
  ["never-pressed", "never pressed out"],
] as const;

export const REMARKS: Record<string, string> = {
  "pressed-hard": "More than 60 % of its water was pressed out, which hands hardly do: check the weights.",
  "still-hot":
    "It is still hot: let it cool before it meets the flour, or give it its temperature in Method, where the water follows.",
  "hot-mash":
    "It is still hot. Hot mash goes into a dough, but it sticks, gives all its water at once and sets only as it cools: let it cool, or judge the dough half an hour later.",
  "cools-too-slowly":
    "It takes longer to cool than the usual two hours to 21 °C. Spread it thin or put it in the cold; local food rules go first.",
  "not-boiled": "Dry pulses do not go into a dough as they are: soak and boil them first.",
};

/** A new step of a kind, with typical values. */
export function newStep(kind: StepKind): StepSpec {
  return { kind };
}

import type { SaidOfVersion } from "../api";
import type { Figures } from "../figures";
import { waterBriefly } from "./water";

type Said = NonNullable<SaidOfVersion["then"]>;

/** What was said of a version in few words: "124 g of water (112–136), soft, inside the window". */
export function saidBriefly(said: Said, feelName: (code: string) => string, figures: Figures): string {
  const water = `${waterBriefly({ needed: said.needed, told: said }, figures)} of water`;
  return [water, ...(said.feel ? [feelName(said.feel)] : []), STANDS[said.standing]].join(", ");
}

const STANDS: Record<Said["standing"], string> = {
  "in-balance": "inside the window",
  "needs-water": "below the window",
  "too-wet": "above the window",
};

/** Whose word what is said now is. */
export function saidNowBy({ why, now }: SaidOfVersion): string {
  return why === "model" ? `Revision ${now?.revision} of the model says` : "With the kitchen's figures of now it is";
}

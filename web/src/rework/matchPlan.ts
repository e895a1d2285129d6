import type { MatchRequest } from "../api";
import { type Draft, filledLines, type PlannedMatch } from "../formula";
import { asSent } from "../parts";
import { withWater } from "./plan";

export const NO_MATCH: PlannedMatch = { out: [], allergen: "", lots: {}, near: null };

/** What has to change, as the server is asked; null as long as nothing has to. */
export function matchOf(
  match: PlannedMatch,
  draft: Draft,
  formula: MatchRequest["formula"],
  without: string[],
): MatchRequest | null {
  const keys = filledLines(draft.lines).map(({ key }) => key);
  const out = match.out.map((key) => keys.indexOf(key)).filter((line) => line >= 0);
  const lots = saidLots(match, keys).map(([key, { lot, moisturePct, proteinPct }]) => ({
    line: keys.indexOf(key),
    lot,
    moisturePct: asSent(moisturePct),
    proteinPct: asSent(proteinPct),
  }));
  return out.length === 0 && lots.length === 0 && !match.allergen
    ? null
    : {
        formula,
        out,
        lots,
        allergen: match.allergen || null,
        near: match.near,
        without: withWater(without),
        weighable: true,
      };
}

/** The other lots that say anything, in the order in which the server is asked. */
export function saidLots({ lots }: PlannedMatch, keys: string[]) {
  return Object.entries(lots).filter(
    ([key, { lot, moisturePct, proteinPct }]) =>
      keys.includes(key) && (lot !== null || moisturePct !== null || proteinPct !== null),
  );
}

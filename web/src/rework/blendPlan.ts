import type { BlendFlourSpec, BlendRequest } from "../api";
import type { PlannedBlend, PlannedFlour } from "../formula";
import { asSent } from "../parts";
import { fractionOf, withWater } from "./plan";

export const NO_BLEND: PlannedBlend = { flours: null, wanted: {}, goal: "", most: null };

/** The flours at hand, as they stand in the plan before somebody chooses others. */
export function plannedFlours(atHand: BlendFlourSpec[]): PlannedFlour[] {
  return atHand.map(({ ingredient, lot, moisturePct, proteinPct }) => ({
    ...flourOf(ingredient ?? ""),
    lot: lot ?? null,
    moisturePct: moisturePct ?? null,
    proteinPct: proteinPct ?? null,
  }));
}

/** A flour as the book has it. */
export function flourOf(ingredient: string): PlannedFlour {
  return { ingredient, lot: null, moisturePct: null, proteinPct: null, lowPct: null, highPct: null };
}

/** The blend as the server is asked; null when there are no flours to mix. */
export function blendOf(
  blend: PlannedBlend,
  flours: PlannedFlour[],
  formula: BlendRequest["formula"],
  without: string[],
): BlendRequest | null {
  if (flours.length < 2) {
    return null;
  }
  return {
    formula,
    flours: flours.map(({ lowPct, highPct, ...flour }) => ({
      ...flour,
      lowShare: fractionOf(lowPct),
      highShare: fractionOf(highPct),
    })),
    wanted: saidWants(blend).map(([figure, { atLeast, about, atMost }]) => ({
      figure,
      atLeast: asSent(atLeast),
      about: asSent(about),
      atMost: asSent(atMost),
    })),
    goal: blend.goal || null,
    atMostFlours: asSent(blend.most),
    without: withWater(without),
    weighable: true,
  };
}

/** The wants that say anything, in the order in which the server is asked. */
export function saidWants({ wanted }: PlannedBlend) {
  return Object.entries(wanted).filter(([, { atLeast, about, atMost }]) =>
    [atLeast, about, atMost].some((end) => end !== null),
  );
}

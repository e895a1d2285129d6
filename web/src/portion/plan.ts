import type { CookQuestion, KeepingQuestion, PortionQuestion, ScalingQuestion } from "../api";
import type { Draft, PlannedPortion } from "../formula";
import { asSent } from "../parts";

type Formula = PortionQuestion["formula"];

const NOTHING: PlannedPortion = {
  panMm: null,
  stepGrams: null,
  scaleBy: "factor",
  scaleTo: null,
  sizes: null,
  burnerW: null,
  pans: null,
  load: null,
  storage: "",
  hours: null,
};

/** What is looked at, of a draft that has nothing said yet: nothing. */
export function portionOf(draft: Draft): PlannedPortion {
  return draft.portion ?? NOTHING;
}

/** How the dough is divided, as the server is asked. */
export function divided({ panMm, stepGrams, sizes }: PlannedPortion, formula: Formula): PortionQuestion {
  return {
    formula,
    panMm: asSent(panMm),
    stepGrams: asSent(stepGrams),
    sizes: sizes?.map(({ count, grams }) => ({ count: asSent(count), grams: asSent(grams) })) ?? null,
  };
}

/** How the formula is scaled, as the server is asked. */
export function scaled({ scaleBy, scaleTo, stepGrams }: PlannedPortion, formula: Formula): ScalingQuestion {
  return { formula, [scaleBy]: asSent(scaleTo), stepGrams: asSent(stepGrams) };
}

/** How pieces are cooked, as the server is asked. */
export function cooked({ burnerW, pans, load }: PlannedPortion, formula: Formula): CookQuestion {
  return { formula, burnerW: asSent(burnerW), pans: asSent(pans), load: asSent(load) };
}

/** How bread is kept, as the server is asked. */
export function kept({ storage, hours }: PlannedPortion, formula: Formula): KeepingQuestion {
  return { formula, storage: storage || null, hours: asSent(hours) };
}

import type { CookQuestion, KeepingQuestion, PortionQuestion, ScalingQuestion, ShapesQuestion } from "../api";
import type { Draft, PlannedPortion, PlannedShapes } from "../formula";
import { asSent } from "../parts";

type Formula = PortionQuestion["formula"];

const NOTHING: PlannedPortion = {
  stepGrams: null,
  scaleBy: "factor",
  scaleTo: null,
  shapes: {
    kind: null,
    fold: "half",
    times: null,
    rollMm: null,
    fatGrams: null,
    shape: "rounds",
    sizeMm: null,
    wedges: null,
    fromDisc: false,
    discMm: null,
    longMm: null,
    shortMm: null,
  },
  hours: null,
};

/** What is looked at, of a draft that has nothing said yet: nothing. */
export function portionOf(draft: Draft): PlannedPortion {
  return draft.portionPlan ?? NOTHING;
}

/** How the dough is divided, as the server is asked. */
export function divided({ stepGrams }: PlannedPortion, formula: Formula): PortionQuestion {
  return { formula, stepGrams: asSent(stepGrams) };
}

/** How the formula is scaled, as the server is asked. */
export function scaled({ scaleBy, scaleTo, stepGrams }: PlannedPortion, formula: Formula): ScalingQuestion {
  return { formula, [scaleBy]: asSent(scaleTo), stepGrams: asSent(stepGrams) };
}

/** A piece with a filling of which nothing is said: in the proportion of the formula. */
const UNSAID = { shellGrams: null, fillingGrams: null, evenEdge: null };

/** Which shapes are looked at: those that were chosen, else filled ones of a formula with a filling, else cut ones. */
export function kindOf({ kind }: PlannedShapes, formula: Formula): NonNullable<PlannedShapes["kind"]> {
  return kind ?? (formula.lines?.some((line) => line?.part === "filling") ? "filled" : "cut");
}

/** Whether enough of a shape is said to ask about it. */
export function isSaid(shapes: PlannedShapes, formula: Formula): boolean {
  const { fold, times, rollMm, shape, sizeMm, wedges, fromDisc, discMm, longMm, shortMm } = shapes;
  switch (kindOf(shapes, formula)) {
    case "filled":
      return true;
    case "layered":
      return (fold === "coil" ? rollMm : times) !== null;
    case "cut":
      return (
        (shape === "wedges" ? wedges : sizeMm) !== null &&
        (fromDisc || shape === "wedges" ? discMm !== null : longMm !== null && shortMm !== null)
      );
  }
}

/** Pieces that are more than a disc, as the server is asked. */
export function shaped({ shapes }: PlannedPortion, formula: Formula): ShapesQuestion {
  const { fold, times, rollMm, fatGrams, shape, sizeMm, wedges } = shapes;
  const kind = kindOf(shapes, formula);
  const disc = shapes.fromDisc || shape === "wedges";
  return {
    formula,
    filled: kind === "filled" ? (formula.portion?.filled ?? UNSAID) : null,
    layered:
      kind === "layered" ? { fold, times: asSent(times), rollMm: asSent(rollMm), fatGrams: asSent(fatGrams) } : null,
    cut:
      kind === "cut"
        ? {
            shape,
            sizeMm: asSent(sizeMm),
            wedges: asSent(wedges),
            discMm: disc ? asSent(shapes.discMm) : null,
            longMm: disc ? null : asSent(shapes.longMm),
            shortMm: disc ? null : asSent(shapes.shortMm),
          }
        : null,
  };
}

/** How pieces are cooked, as the server is asked. */
export function cooked(formula: Formula): CookQuestion {
  return { formula };
}

/** How bread is kept, as the server is asked. */
export function kept({ hours }: PlannedPortion, formula: Formula): KeepingQuestion {
  return { formula, hours: asSent(hours) };
}

import type { Diagnosis } from "../api";
import type { Figures } from "../figures";

type Fix = Diagnosis["causes"][number]["fix"];

/** A correction in words, with its grams, minutes, millimetres or degrees. */
export function fixWords(fix: Fix, name: (code: string | null | undefined) => string, f: Figures): string {
  const what = (name(fix.ingredient).split(/[,(]/)[0] ?? "").trim().toLowerCase();
  const amount = fix.amount ?? 0;
  const grams = f.mass(Math.abs(amount));
  const minutes = `${f.number(Math.abs(amount), Math.abs(amount) < 5 ? 1 : 0)} min`;
  const mm = `${f.number(amount, 1)} mm`;
  const degrees =
    f.temperatureUnit === "F" ? `${f.number((Math.abs(amount) * 9) / 5, 0)} °F` : `${f.number(Math.abs(amount), 0)} °C`;
  switch (fix.correction) {
    case "add-flour":
      return `${grams} more flour, with salt and fat in proportion.`;
    case "add-water":
      return `${grams} more water.`;
    case "wait":
      return `Wait ${minutes} longer before rolling.`;
    case "roll-by":
      return `Roll by minute ${f.number(amount, 0)}.`;
    case "rest":
      return `Rest ${minutes} more after kneading.`;
    case "cool-mash":
      return `Let the mash cool to ${f.temperature(amount)} before it meets the flour.`;
    case "warm-up":
      return `Let it stand ${minutes} in the kitchen before rolling.`;
    case "less-sugar":
      return what ? `${grams} less ${what}.` : "Less sugar.";
    case "little-sugar":
      return `${grams} of sugar or honey, or a brush of milk.`;
    case "less-salt":
      return what ? `${grams} less salt in the dough, or salt it last.` : "Less salt in what goes in.";
    case "bench-flour":
      return `Dust with about ${grams} for the whole dough, or wet or oil hands and bench.`;
    case "less-bench-flour":
      return !f.shows(amount, 0)
        ? "Brush the flour off before it goes on the griddle."
        : `${grams} less flour on the bench, and brush it off.`;
    case "stronger-flour":
      return what ? `${grams} of the ${what} as strong white flour.` : "Some strong white flour.";
    case "cover":
      return "Cover dough and bread: a damp cloth over the one, a dry one round the other.";
    case "smaller-pieces":
      return fix.amount == null ? "Cut finer." : `Cut the ${what} to ${mm} at most.`;
    case "less-inclusion":
      return what ? `${grams} less ${what}.` : "Less of what goes in.";
    case "press":
      return what ? `Press ${grams} of liquid out of the ${what} first.` : "Press it first.";
    case "thicker":
      return `Roll to ${mm}.`;
    case "thinner":
      return `Roll to ${mm}.`;
    case "style-sheet":
      return `Roll to ${mm}, the style’s own.`;
    case "knead":
      return `Knead ${minutes} longer.`;
    case "less-kneading":
      return `Knead ${minutes} less, or only until it holds together.`;
    case "hotter":
      return `Griddle ${degrees} hotter.`;
    case "cooler":
      return `Griddle ${degrees} cooler.`;
    case "uncover":
      return "Leave the lid off for the last side.";
    case "shorter":
      return `Cook ${minutes} less in all.`;
    case "longer":
      return `Cook ${minutes} longer in all.`;
    case "roll-even":
      return "Roll from the middle outwards, a quarter turn after every stroke.";
    case "more-fat":
      return `${grams} more fat in the dough.`;
    case "less-fat":
      return what ? `${grams} less ${what}.` : "Less fat on the griddle.";
    case "cold-water":
      return `Water at ${f.temperature(amount)}, and the fat from the fridge.`;
    case "press-filling":
      return what ? `Take ${grams} out of the ${what} of the filling.` : "Press the filling.";
    case "less-filling":
      return fix.amount == null || !f.shows(amount, 0)
        ? "A little less filling in each."
        : `${grams} less filling in each piece.`;
  }
}

import type { ComparisonAnswer } from "../api";
import type { Figures } from "../figures";
import { outcomeName } from "./bench";
import { figureName, figureWords } from "./formulaFigures";
import { briefName } from "./ingredients";
import { outcomeFigureWords, outcomeTold } from "./outcomes";

type Against = ComparisonAnswer["comparison"]["against"][number];
type CameOf = Against["cameOf"][number];

/** What an item is called beside the others. */
export const LETTERS = ["A", "B", "C", "D", "E", "F", "G", "H", "I", "J", "K", "L"] as const;

/**
 * What was changed from the first to another one, and what came of it: sentences made from the data.
 *
 * @param feels the word by which each of them was felt last; undefined for one that was not
 */
export function againstWords(against: Against, figures: Figures, feels: (string | undefined)[] = []): string[] {
  const sentences = [changedWords(against, figures)];
  const felt = [feels[against.item], feels[0]];
  const told = (each: CameOf) =>
    each.figure === "feel" && each.seen && felt[0] && felt[1] && felt[0] !== felt[1]
      ? `felt ${felt[0]} instead of ${felt[1]}`
      : cameOfWords(each, figures);
  const seen = against.cameOf.filter((each) => each.seen);
  const predicted = against.cameOf.filter((each) => !each.seen);
  if (seen.length > 0) {
    sentences.push(`Seen of it: ${seen.map(told).join(", ")}.`);
  }
  if (predicted.length > 0) {
    sentences.push(`Predicted of it: ${predicted.map(told).join(", ")}.`);
  }
  if (seen.length + predicted.length === 0) {
    sentences.push("No difference worth telling was seen or predicted.");
  }
  const { fromVerdict, toVerdict } = against;
  if (toVerdict && fromVerdict && toVerdict !== fromVerdict) {
    sentences.push(`It ${outcomeName("verdict", toVerdict)}, the first one ${outcomeName("verdict", fromVerdict)}.`);
  } else if (toVerdict && fromVerdict) {
    sentences.push(`Both ${outcomeName("verdict", toVerdict)}.`);
  } else if (toVerdict) {
    sentences.push(`It ${outcomeName("verdict", toVerdict)}.`);
  }
  return sentences;
}

function changedWords({ item, lines, others, settings }: Against, figures: Figures): string {
  const name = LETTERS[item];
  const changes = [
    ...lines.map(({ name: ingredient, fromPct, toPct, fromGrams, toGrams }) =>
      fromPct != null && toPct != null
        ? `${inSentence(ingredient)} ${share(toPct, figures)} instead of ${share(fromPct, figures)}`
        : `${inSentence(ingredient)} ${figures.mass(toGrams)} instead of ${figures.mass(fromGrams)}`,
    ),
    ...(others > 0 ? [others === 1 ? "one more ingredient changed" : `${others} more ingredients changed`] : []),
    ...settings.map(
      ({ figure, from, to }) =>
        `${figureName(figure).toLowerCase()} ${figureWords(figure, to, figures)} instead of ${figureWords(figure, from, figures)}`,
    ),
  ];
  const onFlour = lines.some(({ toPct }) => toPct != null) ? ", on the flour," : "";
  return changes.length > 0 ? `${name} has${onFlour} ${changes.join(", ")}.` : `${name} is made as A is.`;
}

/** An ingredient's name without its remarks, as it stands within a sentence. */
const inSentence = (name: string) => briefName(name).replace(/^\p{Lu}(?=\p{Ll})/u, (letter) => letter.toLowerCase());

const share = (pct: number, figures: Figures) => (pct === 0 ? "none" : figures.percent(pct));

function cameOfWords({ figure, from, to }: CameOf, figures: Figures): string {
  return `${outcomeTold(figure)} ${outcomeFigureWords(figure, to, figures)} instead of ${outcomeFigureWords(figure, from, figures)}`;
}

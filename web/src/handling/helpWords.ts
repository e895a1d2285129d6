import type { Help } from "../api";
import type { Figures } from "../figures";

type Name = (code: string | null | undefined) => string;

/** A help in words. */
export function helpWords(help: Help, name: Name, f: Figures): string {
  const what = name(help.ingredient).split(/[,(]/)[0]?.toLowerCase() ?? "";
  const grams = f.mass(Math.abs(help.amount));
  const minutes = f.number(Math.abs(help.amount), 0);
  switch (help.lever) {
    case "rest-longer":
      return `Rest ${minutes} min longer`;
    case "rest-shorter":
      return `Rest ${minutes} min less`;
    case "more-water":
      return `${grams} more water`;
    case "less-water":
      return `${grams} less water`;
    case "stronger-flour":
      return `${grams} of the ${what} as strong white flour`;
    case "add-gluten":
      return `${grams} of vital gluten`;
    case "less-inclusion":
      return `${grams} less ${what}`;
    case "smaller-pieces":
      return `Cut the ${what} to ${f.number(help.amount, 1)} mm`;
    case "thicker-sheet":
      return `Roll ${f.number(Math.abs(help.amount), 1)} mm thicker`;
    case "thinner-sheet":
      return `Roll ${f.number(Math.abs(help.amount), 1)} mm thinner`;
    case "less-fat":
      return `${grams} less ${what}`;
    case "more-fat":
      return `${grams} more ${what}`;
  }
}

/** What a help costs elsewhere, in words. */
export function helpCosts(help: Help, f: Figures): string[] {
  const costs: string[] = [];
  if (f.shows(help.waterChangeGrams, 0)) {
    costs.push(`${help.waterChangeGrams > 0 ? "+" : "−"}${f.mass(Math.abs(help.waterChangeGrams))} water`);
  }
  if (f.shows(help.wholeGrainChangePct, 1)) {
    costs.push(`${f.number(help.wholeGrainChangePct, 1)} points of whole grain`);
  }
  if (f.shows(help.inclusionChangeGrams, 0)) {
    costs.push(`${help.inclusionChangeGrams > 0 ? "+" : "−"}${f.mass(Math.abs(help.inclusionChangeGrams))} inclusion`);
  }
  return costs;
}

import type { ExplanationStep, Term } from "../api";
import type { Figures } from "../figures";
import { symbolWords } from "./symbols";

/** A piece of a formula as it is shown. */
export interface FormulaPart {
  kind: "input" | "coefficient" | "sign";
  /** The input's or coefficient's name in the core; a sign has none. */
  name: string;
  text: string;
  /** Stands raised: an exponent. */
  raised?: boolean;
}

const TOKEN = /[A-Z][A-Z0-9_]*|[a-z]+|\d+(?:\.\d+)?|[-+*/(),]/g;
const SIGNS: Record<string, string> = {
  "*": " · ",
  "/": " / ",
  "+": " + ",
  ",": "; ",
  sigmoid: "σ",
  pi: "π",
};

/** A formula of the core, its names put into words or figures by `say`. Nothing is worked out here. */
export function formulaParts(formula: string, say: (name: string) => Omit<FormulaPart, "name">): FormulaPart[] {
  const tokens = formula.match(TOKEN) ?? [];
  const parts = tokens.map((token, at): FormulaPart => {
    if (/^[A-Z]/.test(token)) {
      return { ...say(token), name: token };
    }
    return { kind: "sign", name: "", text: token === "-" ? minus(tokens[at - 1]) : (SIGNS[token] ?? token) };
  });
  return powersRaised(tokens, parts);
}

/** "pow(a, 2)" with its exponent raised; a base of one name needs no brackets. */
function powersRaised(tokens: string[], parts: FormulaPart[]): FormulaPart[] {
  const raised: FormulaPart[] = [];
  for (let at = 0; at < tokens.length; at++) {
    if (tokens[at] !== "pow") {
      raised.push(...parts.slice(at, at + 1));
      continue;
    }
    const comma = nextAtDepth(tokens, at + 2, ",");
    const end = nextAtDepth(tokens, comma + 1, ")");
    const base = powersRaised(tokens.slice(at + 2, comma), parts.slice(at + 2, comma));
    const bare = base.length === 1 && base.every(({ text }) => !/\s/.test(text));
    raised.push(...(bare ? base : [sign("("), ...base, sign(")")]));
    raised.push(...parts.slice(comma + 1, end).map((part) => ({ ...part, text: part.text.trim(), raised: true })));
    at = end;
  }
  return raised;
}

function sign(text: string): FormulaPart {
  return { kind: "sign", name: "", text };
}

/** Where a token stands next outside any brackets that open after `from`. */
function nextAtDepth(tokens: string[], from: number, wanted: string): number {
  let depth = 0;
  let at = from;
  while (at < tokens.length && !(depth === 0 && tokens[at] === wanted)) {
    depth += tokens[at] === "(" ? 1 : tokens[at] === ")" ? -1 : 0;
    at++;
  }
  return at;
}

/** A sign before a number or bracket at the start stands close; between two figures it has room. */
function minus(before: string | undefined): string {
  return before === undefined || /^[(*/+,-]$/.test(before) ? "−" : " − ";
}

/** A rule's formula with names for its inputs and the values of its coefficients. */
export function ruleFormula(
  formula: string,
  coefficients: { name: string; value: number }[],
  figures: Figures,
): FormulaPart[] {
  return formulaParts(formula, (name) => {
    const coefficient = coefficients.find((each) => each.name === name);
    return coefficient
      ? { kind: "coefficient", text: plainNumber(coefficient.value, figures) }
      : { kind: "input", text: symbolWords(name as Term["symbol"]).name };
  });
}

/** The sum behind a step: its formula with the figures that went in. */
export function stepSum(step: ExplanationStep, figures: Figures): FormulaPart[] {
  return formulaParts(step.formula, (name) => {
    const input = step.inputs.find((term) => term.symbol === name);
    if (input) {
      const { short } = symbolWords(input.symbol);
      return { kind: "input", text: `${inputFigure(input, figures)}${short && ` ${short}`}` };
    }
    const coefficient = step.coefficients.find(({ code }) => code === name);
    return { kind: "coefficient", text: coefficient ? plainNumber(coefficient.value, figures) : name };
  });
}

/** An input as it stands in a sum; a percentage without its sign, since formulas divide it by a hundred themselves. */
function inputFigure({ symbol, value, unit }: Term, figures: Figures): string {
  switch (unit) {
    case "GRAMS":
      return figures.mass(value);
    case "CELSIUS":
      return figures.temperature(value);
    case "MINUTES":
      return `${plainNumber(value, figures, 1)} min`;
    case "MILLIMETRES":
      return `${plainNumber(value, figures, 2)} mm`;
    case "FACTOR":
      return symbolWords(symbol).share ? figures.percent(100 * value) : plainNumber(value, figures, 2);
    case "GLUTEN_POINTS":
      return figures.number(value, 0);
    case "SOFTNESS":
      return figures.number(value, 2);
    case "PERCENT":
      return plainNumber(value, figures, 1);
    default:
      return plainNumber(value, figures, 3);
  }
}

/** A number with so many decimals at most, and none that say nothing. */
export function plainNumber(value: number, figures: Figures, decimals = 5): string {
  const text = figures.number(value, decimals);
  return /[.,]/.test(text) ? text.replace(/[.,]?0+$/, "") : text;
}

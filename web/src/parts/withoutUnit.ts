import { GRAMS_PER_OUNCE, MM_PER_CM, MM_PER_INCH } from "../figures";

interface OtherUnit {
  unit: string;
  /** How many of the asked unit it is. */
  times: number;
}

const INCH = ["inches", "inch", "in", '"', "″"];

/** What people type after a number where another unit is asked for. */
const OTHERS: Record<string, OtherUnit[]> = {
  g: [
    { unit: "kg", times: 1000 },
    { unit: "lb", times: 16 * GRAMS_PER_OUNCE },
    { unit: "oz", times: GRAMS_PER_OUNCE },
  ],
  oz: [
    { unit: "lb", times: 16 },
    { unit: "kg", times: 1000 / GRAMS_PER_OUNCE },
    { unit: "g", times: 1 / GRAMS_PER_OUNCE },
  ],
  cm: [{ unit: "mm", times: 1 / MM_PER_CM }, ...INCH.map((unit) => ({ unit, times: MM_PER_INCH / MM_PER_CM }))],
  in: [
    { unit: "cm", times: MM_PER_CM / MM_PER_INCH },
    { unit: "mm", times: 1 / MM_PER_INCH },
    ...INCH.map((unit) => ({ unit, times: 1 })),
  ],
};

/** A number as it was typed with another unit than is asked for, as "1.5 kg" for grams; null when it has none. */
export function inOtherUnit(text: string, unit: string | undefined): { text: string; times: number } | null {
  const typed = text.trim();
  const other = (OTHERS[unit ?? ""] ?? []).find(
    (each) => typed.length > each.unit.length && typed.toLowerCase().endsWith(each.unit),
  );
  return other ? { text: typed.slice(0, -other.unit.length), times: other.times } : null;
}

/** A number as it was typed, without the unit that people write after it: "90 %", "250 g", "2.5 x" for "×", "17 C" for "°C". */
export function withoutUnit(text: string, unit: string | undefined): string {
  const said = unit === "×" ? text.trim().replace(/x$/i, "×") : text.trim();
  const typed = unit?.startsWith("°") ? said.replace(/([\d\s])([cf])$/i, "$1°$2") : said;
  return unit && typed.toLowerCase().endsWith(unit.toLowerCase()) && typed.length > unit.length
    ? typed.slice(0, -unit.length)
    : text;
}

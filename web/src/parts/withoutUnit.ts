/** Larger units that people type for a unit, and how many of it they are. */
const LARGER: Record<string, { unit: string; times: number }> = {
  g: { unit: "kg", times: 1000 },
  oz: { unit: "lb", times: 16 },
};

/** A number as it was typed with a larger unit, in the unit that is asked for: "1.5 kg" for grams; null when it has none. */
export function inLargerUnit(text: string, unit: string | undefined): { text: string; times: number } | null {
  const larger = unit === undefined ? undefined : LARGER[unit];
  const typed = text.trim();
  return larger && typed.length > larger.unit.length && typed.toLowerCase().endsWith(larger.unit)
    ? { text: typed.slice(0, -larger.unit.length), times: larger.times }
    : null;
}

/** A number as it was typed, without the unit that people write after it: "90 %", "250 g", "2.5 x" for "×", "17 C" for "°C". */
export function withoutUnit(text: string, unit: string | undefined): string {
  const said = unit === "×" ? text.trim().replace(/x$/i, "×") : text.trim();
  const typed = unit?.startsWith("°") ? said.replace(/([\d\s])([cf])$/i, "$1°$2") : said;
  return unit && typed.toLowerCase().endsWith(unit.toLowerCase()) && typed.length > unit.length
    ? typed.slice(0, -unit.length)
    : text;
}

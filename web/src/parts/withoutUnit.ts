/** A number as it was typed, without the unit that people write after it: "90 %", "250 g", "2.5 x" for "×", "17 C" for "°C". */
export function withoutUnit(text: string, unit: string | undefined): string {
  const said = unit === "×" ? text.trim().replace(/x$/i, "×") : text.trim();
  const typed = unit?.startsWith("°") ? said.replace(/([\d\s])([cf])$/i, "$1°$2") : said;
  return unit && typed.toLowerCase().endsWith(unit.toLowerCase()) && typed.length > unit.length
    ? typed.slice(0, -unit.length)
    : text;
}

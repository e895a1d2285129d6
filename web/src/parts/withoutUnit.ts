/** A number as it was typed, without the unit that people write after it: "90 %", "250 g", "2.5 x" for "×". */
export function withoutUnit(text: string, unit: string | undefined): string {
  const typed = unit === "×" ? text.trim().replace(/x$/i, "×") : text.trim();
  return unit && typed.toLowerCase().endsWith(unit.toLowerCase()) && typed.length > unit.length
    ? typed.slice(0, -unit.length)
    : text;
}

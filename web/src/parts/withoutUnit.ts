/** A number as it was typed, without the unit that people write after it: "90 %", "250 g". */
export function withoutUnit(text: string, unit: string | undefined): string {
  const typed = text.trim();
  return unit && typed.toLowerCase().endsWith(unit.toLowerCase()) && typed.length > unit.length
    ? typed.slice(0, -unit.length)
    : text;
}

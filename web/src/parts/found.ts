/** Whether every word of a search stands somewhere in these texts. */
export function found(query: string, ...texts: (string | null | undefined)[]): boolean {
  const text = texts.join(" ").toLowerCase();
  return query
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => text.includes(word));
}

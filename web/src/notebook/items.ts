/** As many as can be compared. */
export const MOST_COMPARED = 4;

/** The keys of what an address compares: batches as b6, versions as v2-3. */
export function itemsOf(search: URLSearchParams): string[] {
  return [...new Set((search.get("items") ?? "").split(",").filter(Boolean))];
}

export const batchKey = (id: number) => `b${id}`;

export const versionKey = (formula: number, version: number) => `v${formula}-${version}`;

/** The address that compares these. */
export function compareAddress(items: string[]): string {
  return `/notebook/compare?items=${items.join(",")}`;
}

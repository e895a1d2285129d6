import type { NotebookAsked } from "../api";

/** What the notebook shows, as the address says it. */
export type Filter = Pick<NotebookAsked, "search" | "ingredient" | "verdict" | "tag" | "from" | "to" | "sort"> & {
  down?: boolean;
  formula?: number;
};

const TEXTS = ["search", "ingredient", "verdict", "tag", "from", "to", "sort"] as const;
const KEY = "verdamen.notebook.filters";

/** What an address asks for. */
export function filterOf(search: URLSearchParams): Filter {
  const filter: Filter = {};
  for (const field of TEXTS) {
    const value = search.get(field);
    if (value) {
      filter[field] = value;
    }
  }
  if (search.get("down") === "false") {
    filter.down = false;
  }
  const formula = Number(search.get("formula"));
  return formula > 0 ? { ...filter, formula } : filter;
}

/** The address of a filter, without what is usual. */
export function addressOf(filter: Filter): URLSearchParams {
  return new URLSearchParams(
    Object.entries(filter).flatMap(([field, value]) =>
      value == null || value === "" || value === true ? [] : [[field, String(value)]],
    ),
  );
}

/** Filters that this browser kept by itself, before the kitchen did. */
export function filtersOfBefore(storage: Storage = localStorage): { name: string; address: string }[] {
  try {
    const kept: unknown = JSON.parse(storage.getItem(KEY) ?? "[]");
    return Array.isArray(kept) ? (kept as { name: string; address: string }[]) : [];
  } catch {
    return [];
  }
}

/** Forgets them, once the kitchen has them. */
export function forgetFiltersOfBefore(storage: Storage = localStorage): void {
  storage.removeItem(KEY);
}

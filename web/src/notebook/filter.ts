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

/** A filter that was given a name. */
export interface SavedFilter {
  name: string;
  address: string;
}

/** The filters that were saved here. */
export function savedFilters(storage: Storage = localStorage): SavedFilter[] {
  try {
    const kept: unknown = JSON.parse(storage.getItem(KEY) ?? "[]");
    return Array.isArray(kept) ? (kept as SavedFilter[]) : [];
  } catch {
    return [];
  }
}

/** Saves a filter; one of the same name gives way. */
export function saveFilter(filter: SavedFilter, storage: Storage = localStorage): SavedFilter[] {
  const all = [...savedFilters(storage).filter(({ name }) => name !== filter.name), filter];
  storage.setItem(KEY, JSON.stringify(all));
  return all;
}

/** Forgets a saved filter. */
export function forgetFilter(name: string, storage: Storage = localStorage): SavedFilter[] {
  const all = savedFilters(storage).filter((each) => each.name !== name);
  storage.setItem(KEY, JSON.stringify(all));
  return all;
}

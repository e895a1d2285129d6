import type { NumberEntry } from "../parts";

/** A formula that is ordered, and how many pieces of it. */
export interface OrderedItem {
  formula: number;
  name: string;
  /** May still be text that is no number. */
  pieces: NumberEntry;
}

const ITEM = "item";

/** What is ordered, as the address of the page says. */
export function itemsOf(search: URLSearchParams): OrderedItem[] {
  return search.getAll(ITEM).flatMap((item) => {
    const [formula, pieces, ...name] = item.split(":");
    const id = Number(formula);
    return Number.isInteger(id) && id > 0
      ? [{ formula: id, name: name.join(":") || `formula ${id}`, pieces: entryOf(pieces ?? "") }]
      : [];
  });
}

function entryOf(pieces: string): NumberEntry {
  const number = Number(pieces);
  return pieces === "" ? null : Number.isNaN(number) ? pieces : number;
}

/** The address of a page with such an order. */
export function withItems(items: OrderedItem[]): URLSearchParams {
  return new URLSearchParams(items.map(({ formula, name, pieces }) => [ITEM, `${formula}:${pieces ?? ""}:${name}`]));
}

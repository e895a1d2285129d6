import type { DayListsAnswer } from "../api";

type Need = DayListsAnswer["lists"]["needs"][number];

/** What a list of needs is for: what is taken from each shelf, or bought at each store. */
export type NeedsBy = "shelf" | "store";

export interface NeedGroup {
  /** Name of the shelf or store; empty where it is not said. */
  name: string;
  needs: Need[];
}

/**
 * Needs under the names of their shelves or stores, those without one last; what there is enough of is not bought.
 * With groups of before every need stays in its group, as it is now.
 */
export function groupedNeeds(needs: Need[], by: NeedsBy, held: NeedGroup[] | null): NeedGroup[] {
  if (held) {
    const now = new Map(needs.map((need) => [need.needed.ingredient, need]));
    return held.map(({ name, needs: before }) => ({
      name,
      needs: before.map((need) => now.get(need.needed.ingredient) ?? need),
    }));
  }
  const groups = new Map<string, Need[]>();
  for (const need of needs) {
    if (by === "shelf" || need.shortGrams !== 0) {
      const name = need.stock[by] ?? "";
      groups.set(name, [...(groups.get(name) ?? []), need]);
    }
  }
  return [...groups]
    .map(([name, all]) => ({ name, needs: all }))
    .sort((one, other) => Number(one.name === "") - Number(other.name === "") || one.name.localeCompare(other.name));
}

import type { BenchEntry } from "../api";

/** An entry that the server has not acknowledged yet, with the batch that it is of. */
export interface Waiting {
  batch: number;
  entry: BenchEntry;
}

const KEY = "verdamen.bench.waiting";

/** What waits to be sent, in order, as this browser keeps it: it survives reload and is seen by every window. */
export function waiting(storage: Storage = localStorage): Waiting[] {
  try {
    const kept: unknown = JSON.parse(storage.getItem(KEY) ?? "[]");
    return Array.isArray(kept) ? (kept as Waiting[]) : [];
  } catch {
    return [];
  }
}

/** Keeps entries until they are acknowledged. */
export function keep(entries: Waiting[], storage: Storage = localStorage): void {
  storage.setItem(KEY, JSON.stringify([...waiting(storage), ...entries]));
}

/** Takes entries out: the server has them, or has refused them. */
export function settled(keys: string[], storage: Storage = localStorage): void {
  storage.setItem(KEY, JSON.stringify(waiting(storage).filter(({ entry }) => !keys.includes(entry.key))));
}

/** The first that can be sent together: all of one batch, in order, at most so many. */
export function nextToSend(all: Waiting[], most: number): Waiting[] {
  const batch = all[0]?.batch;
  const end = all.findIndex((each) => each.batch !== batch);
  return all.slice(0, Math.min(most, end < 0 ? all.length : end));
}

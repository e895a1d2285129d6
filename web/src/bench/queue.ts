import type { BenchEntry } from "../api";

/** An entry that the server has not acknowledged yet, with the batch that it is of. */
export interface Waiting {
  batch: number;
  entry: BenchEntry;
}

const PREFIX = "verdamen.bench.waiting.";
let count = 0;

/** Names that sort in the order of keeping, also beside those of another window. */
function nextName(): string {
  count += 1;
  return `${PREFIX}${String(Date.now()).padStart(15, "0")}.${String(count).padStart(6, "0")}.`;
}

function names(storage: Storage): string[] {
  return Array.from({ length: storage.length }, (_, at) => storage.key(at) ?? "")
    .filter((name) => name.startsWith(PREFIX))
    .sort();
}

/** What waits to be sent, in order, as this browser keeps it: it survives reload and is seen by every window. */
export function waiting(storage: Storage = localStorage): Waiting[] {
  return names(storage).flatMap((name) => {
    try {
      const kept = JSON.parse(storage.getItem(name) ?? "null") as Waiting | null;
      return kept ? [kept] : [];
    } catch {
      return [];
    }
  });
}

/** Keeps entries until they are acknowledged: each in a place of its own, so that no window writes over another's. */
export function keep(entries: Waiting[], storage: Storage = localStorage): void {
  entries.forEach((each) => storage.setItem(nextName() + each.entry.key, JSON.stringify(each)));
}

/** Takes entries out: the server has them, or has refused them. */
export function settled(keys: string[], storage: Storage = localStorage): void {
  names(storage)
    .filter((name) => keys.some((key) => name.endsWith(`.${key}`)))
    .forEach((name) => storage.removeItem(name));
}

/** The first that can be sent together: all of one batch, in order, at most so many. */
export function nextToSend(all: Waiting[], most: number): Waiting[] {
  const batch = all[0]?.batch;
  const end = all.findIndex((each) => each.batch !== batch);
  return all.slice(0, Math.min(most, end < 0 ? all.length : end));
}

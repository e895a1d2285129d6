import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, type BenchAnswer, type BenchEntry, benchQuery, ProblemError, newUuid, taken } from "../api";
import { type SaidProblem, useProblem } from "../words";
import { hearBatches } from "./devices";
import { keep, nextToSend, settled, waiting, type Waiting } from "./queue";

const AT_ONCE = 50;
const AGAIN_MS = 2_000;

/** What an entry says, without its key and time. */
export type Noted = Omit<BenchEntry, "key" | "at"> & { at?: string };

export interface Bench {
  answer: BenchAnswer | undefined;
  /** What is noted here but not acknowledged by the server yet. */
  waiting: Waiting[];
  /** Whether the server was out of reach at the last attempt. */
  offline: boolean;
  problem: SaidProblem | null;
  /** What was refused, so that it can be noted once more. */
  refused: BenchEntry | null;
  error: Error | null;
  /** Notes something, at this moment unless it says another. */
  note: (...noted: Noted[]) => void;
  undo: (key: string) => void;
  /** What the server's clock shows. */
  now: () => number;
}

/** A batch at the bench. What is noted is kept in the browser until the server has it, and is sent in order, once. */
export function useBench(id: number): Bench {
  const queries = useQueryClient();
  const query = useQuery(benchQuery(id));
  const [queue, setQueue] = useState<Waiting[]>(() => waiting());
  const [offline, setOffline] = useState(false);
  const [failure, setFailure] = useState<Error | null>(null);
  const [refusedEntry, setRefusedEntry] = useState<BenchEntry | null>(null);
  const sending = useRef(false);
  const answer = query.data;
  const { clock } = answer ?? {};
  const since = query.dataUpdatedAt;
  const now = useCallback(
    () => (clock ? Date.parse(clock.now) + (Date.now() - since) * clock.speed : Date.now()),
    [clock, since],
  );

  const send = useCallback(async () => {
    if (sending.current) {
      return;
    }
    sending.current = true;
    try {
      for (let next = nextToSend(waiting(), AT_ONCE); next.length > 0; next = nextToSend(waiting(), AT_ONCE)) {
        const batch = next[0]?.batch ?? 0;
        const entries = next.map(({ entry }) => entry);
        try {
          const noted = await taken(
            api.POST("/api/bench/{id}/entries", { params: { path: { id: batch } }, body: { entries } }),
          );
          queries.setQueryData(benchQuery(batch).queryKey, noted);
          void queries.invalidateQueries({ queryKey: ["bench"], exact: true });
        } catch (refused) {
          if (!(refused instanceof ProblemError) || refused.problem.status === 0 || refused.problem.status >= 500) {
            setOffline(true);
            return;
          }
          // Alone, so that one that is refused does not take others along.
          if (entries.length > 1) {
            await oneByOne(next, queries, (failed, entry) => {
              setFailure(failed);
              setRefusedEntry(entry);
            });
            continue;
          }
          setFailure(refused);
          setRefusedEntry(entries[0] ?? null);
        }
        settled(entries.map(({ key }) => key));
        setQueue(waiting());
        setOffline(false);
      }
    } finally {
      sending.current = false;
      setQueue(waiting());
    }
  }, [queries]);

  useEffect(() => {
    void send();
    const again = setInterval(() => waiting().length > 0 && void send(), AGAIN_MS);
    return () => clearInterval(again);
  }, [send]);

  // Noted in another window: this one is as new.
  useEffect(
    () =>
      hearBatches((changed) => {
        if (!sending.current) {
          void queries.invalidateQueries({ queryKey: ["bench"], exact: changed !== null });
          if (changed !== null) {
            void queries.invalidateQueries({ queryKey: benchQuery(changed).queryKey });
          }
        }
      }),
    [queries],
  );

  const note = (...noted: Noted[]) => {
    setFailure(null);
    setRefusedEntry(null);
    const at = new Date(now()).toISOString();
    keep(noted.map((each) => ({ batch: id, entry: { at, ...each, key: newUuid() } })));
    setQueue(waiting());
    void send();
  };
  const undo = (key: string) => {
    void taken(api.POST("/api/bench/{id}/undo", { params: { path: { id } }, body: { key } }))
      .then((undone) => {
        setFailure(null);
        queries.setQueryData(benchQuery(id).queryKey, undone);
      })
      .catch((refused: Error) => setFailure(refused));
  };
  const own = queue.filter(({ batch }) => batch === id);
  return {
    answer: answer && withWaiting(answer, own),
    waiting: own,
    offline: offline && queue.length > 0,
    problem: useProblem(failure),
    refused: refusedEntry,
    error: query.error,
    note,
    undo,
    now,
  };
}

async function oneByOne(
  all: Waiting[],
  queries: ReturnType<typeof useQueryClient>,
  onRefused: (failure: Error, entry: BenchEntry) => void,
): Promise<void> {
  for (const { batch, entry } of all) {
    try {
      const noted = await taken(
        api.POST("/api/bench/{id}/entries", { params: { path: { id: batch } }, body: { entries: [entry] } }),
      );
      queries.setQueryData(benchQuery(batch).queryKey, noted);
    } catch (refused) {
      if (!(refused instanceof ProblemError) || refused.problem.status === 0 || refused.problem.status >= 500) {
        return;
      }
      onRefused(refused, entry);
    }
    settled([entry.key]);
  }
}

/** The steps that were done here while the server is out of reach count at once: work goes on. */
export function withWaiting(answer: BenchAnswer, own: Waiting[]): BenchAnswer {
  const told = own.flatMap(({ entry }) => (entry.kind === "step" && entry.step && entry.outcome ? [entry] : []));
  if (told.length === 0) {
    return answer;
  }
  const steps = answer.run.steps.map((step) => {
    const last = told.findLast((entry) => entry.step === step.key);
    return last ? { ...step, standing: last.outcome as typeof step.standing } : step;
  });
  const open =
    steps.findLast(({ standing }) => standing === "begun") ?? steps.find(({ standing }) => standing === "to-do");
  return { ...answer, run: { ...answer.run, steps, current: open?.key ?? null } };
}

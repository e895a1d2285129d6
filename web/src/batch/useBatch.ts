import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, type Batch, batchesQuery, taken } from "../api";
import type { NumberEntry } from "../parts";
import { type SaidProblem, useProblem } from "../words";

const TICK_MS = 5_000;
const MINUTE_MS = 60_000;

/** The batches of a formula, and the one that is running. */
export interface BatchView {
  batches: Batch[];
  running: Batch | null;
  /** Minutes since water met flour in the running batch. */
  minute: number;
  problem: SaidProblem | null;
  /** Text that is no number of minutes goes along, to be refused by name. */
  start: (version: number, minutesAgo: NumberEntry) => void;
  /** Finishes it; how it came out, where somebody says. */
  finish: (cameOut: string | null, note: string) => void;
  discard: () => void;
  keep: (correction: Correction) => Promise<unknown>;
  /** Undoes a correction, by its key; it stays in the record. */
  undo: (batch: number, key: string) => void;
}

/** A correction to keep on the batch. */
export interface Correction {
  minute: number;
  feel: string | null;
  action: string;
  note?: string | null;
  additions: { ingredient: string; grams: number }[];
}

/** Knows the batches of a formula; the minute of a running one goes on by itself. */
export function useBatch(formula: number | null): BatchView {
  const queries = useQueryClient();
  const query = useQuery({ ...batchesQuery(formula ?? 0), enabled: formula !== null });
  const batches = query.data ?? [];
  const running = batches.find(({ finishedAt }) => finishedAt == null) ?? null;
  const asked = query.dataUpdatedAt;
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!running) {
      return;
    }
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [running]);

  const change = useMutation({
    mutationFn: (ask: () => Promise<{ data?: Batch[]; error?: unknown }>) => taken(ask()),
    onSuccess: (changed) => {
      setNow(Date.now());
      queries.setQueryData(batchesQuery(formula ?? 0).queryKey, changed);
    },
  });
  const id = running?.id ?? 0;
  const problem = useProblem(change.error);
  return {
    batches,
    running,
    minute: running ? running.minutes + Math.max(0, now - asked) / MINUTE_MS : 0,
    problem,
    start: (version, minutesAgo) =>
      change.mutate(() =>
        api.POST("/api/formulas/{formula}/batches", {
          params: { path: { formula: formula ?? 0 } },
          body: { version, minutesAgo: minutesAgo as number | null },
        }),
      ),
    finish: (cameOut, note) =>
      change.mutate(() =>
        api.POST("/api/batches/{id}/finish", { params: { path: { id } }, body: { cameOut, note: note || null } }),
      ),
    discard: () => change.mutate(() => api.DELETE("/api/batches/{id}", { params: { path: { id } } })),
    keep: (correction) =>
      change.mutateAsync(() =>
        api.POST("/api/batches/{id}/corrections", { params: { path: { id } }, body: correction }),
      ),
    undo: (batch, key) =>
      change.mutate(() => api.DELETE("/api/batches/{id}/corrections/{key}", { params: { path: { id: batch, key } } })),
  };
}

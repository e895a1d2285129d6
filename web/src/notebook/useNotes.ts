import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, type BenchEntry, notebookBatchQuery, newUuid, taken } from "../api";
import { type SaidProblem, useProblem } from "../words";

type Noted = Omit<BenchEntry, "key" | "at">;

export interface Notes {
  /** Answers whether it is kept: what was typed stays when it is not. */
  note: (...noted: Noted[]) => Promise<boolean>;
  undo: (key: string) => void;
  busy: boolean;
  problem: SaidProblem | null;
}

/** Notes on a batch in the notebook, at this moment by the kitchen's clock; what is on the page follows. */
export function useNotes(id: number, now: string): Notes {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (ask: () => Promise<{ data?: unknown; error?: unknown }>) => taken(ask()),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: notebookBatchQuery(id).queryKey });
      void queries.invalidateQueries({ queryKey: ["notebook", "list"] });
      void queries.invalidateQueries({ queryKey: ["notebook", "tags"] });
    },
  });
  return {
    note: (...noted) => {
      const entries = noted.map((each) => ({ ...each, at: now, key: newUuid() }));
      return change
        .mutateAsync(() => api.POST("/api/bench/{id}/entries", { params: { path: { id } }, body: { entries } }))
        .then(
          () => true,
          () => false,
        );
    },
    undo: (key) => change.mutate(() => api.POST("/api/bench/{id}/undo", { params: { path: { id } }, body: { key } })),
    busy: change.isPending,
    problem: useProblem(change.error),
  };
}

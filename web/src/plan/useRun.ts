import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { api, type DayRunAnswer, dayRunQuery, newUuid, taken } from "../api";

/** What can be done to a day that is run; every answer is the day as it stands then. */
export function useRun(id: number) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const path = { id };
  const show = (answer: DayRunAnswer) => queries.setQueryData(dayRunQuery(id).queryKey, answer);
  const noting = useMutation({
    mutationFn: (body: { task: string; done: boolean }) =>
      taken(api.POST("/api/days/{id}/run/tasks", { params: { path }, body: { key: newUuid(), ...body } })),
    onMutate: () => queries.cancelQueries({ queryKey: dayRunQuery(id).queryKey }),
    onSuccess: (answer) => {
      show(answer);
      void queries.invalidateQueries({ queryKey: ["bench"] });
    },
  });
  const taking = useMutation({
    mutationFn: (plan: string) => taken(api.PUT("/api/days/{id}/run", { params: { path }, body: { plan } })),
    onMutate: () => queries.cancelQueries({ queryKey: dayRunQuery(id).queryKey }),
    onSuccess: show,
  });
  const ending = useMutation({
    mutationFn: () => taken(api.DELETE("/api/days/{id}/run", { params: { path } })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["days", "list"] });
      void navigate(`/plan?day=${id}`);
    },
  });
  return {
    note: noting.mutate,
    take: taking.mutate,
    end: () => ending.mutate(),
    error: noting.error ?? taking.error ?? ending.error,
    busy: noting.isPending,
  };
}

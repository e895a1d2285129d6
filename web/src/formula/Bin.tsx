import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, binQuery, taken } from "../api";
import { useFigures } from "../figures";
import { ErrorNotice } from "../parts";

/** Deleted formulas, to be restored while they are kept. */
export function Bin() {
  const figures = useFigures();
  const queries = useQueryClient();
  const bin = useQuery(binQuery);
  const restore = useMutation({
    mutationFn: (id: number) => taken(api.POST("/api/formulas/{id}/restore", { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["formulas"] }),
  });
  if (!bin.data || bin.data.length === 0) {
    return null;
  }
  return (
    <details className="pt-8 text-sm" data-testid="bin">
      <summary className="cursor-pointer">
        Bin, {bin.data.length} {bin.data.length === 1 ? "formula" : "formulas"}
      </summary>
      <ul className="pt-1">
        {bin.data.map(({ id, name, deletedAt, goneAt }) => (
          <li key={id} className="hairline flex items-center gap-3 border-t py-1">
            <span className="font-semibold">{name}</span>
            <span className="soft">
              deleted {figures.date(deletedAt)}, kept until {figures.date(goneAt)}, or as long as a batch needs it
            </span>
            <button className="btn btn-xs" disabled={restore.isPending} onClick={() => restore.mutate(id)}>
              Restore
            </button>
          </li>
        ))}
      </ul>
      <ErrorNotice error={restore.error} />
    </details>
  );
}

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { FileDown, FileUp } from "lucide-react";
import { api, asFile, formulasQuery, pantryQuery, problemOf, taken } from "../api";
import { Dialog, FilePicker, ProblemNotice } from "../parts";

/** Takes the formulas shown out as a file, and a file in. */
export function FormulaFiles({ shown, all }: { shown: number[]; all: number }) {
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: (file: File) => taken(api.POST("/api/exchange/formulas", asFile(file))),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: formulasQuery.queryKey });
      await queries.invalidateQueries({ queryKey: pantryQuery.queryKey });
    },
  });
  const ids = shown.length === all ? "" : `?${shown.map((id) => `id=${id}`).join("&")}`;
  const report = bring.data;
  return (
    <>
      <FilePicker label="A formula file" accept=".json" className="btn btn-ghost btn-sm gap-1" disabled={bring.isPending} onPick={(file) => bring.mutate(file)}>
        <FileUp size={16} aria-hidden /> Import
      </FilePicker>
      {shown.length > 0 && (
        <a className="btn btn-ghost btn-sm gap-1" href={`/api/exchange/formulas${ids}`} download>
          <FileDown size={16} aria-hidden /> Export {shown.length === all ? "all" : shown.length}
        </a>
      )}
      {(report || bring.isError) && (
        <Dialog title={report ? "Imported" : "Not imported"} onClose={() => bring.reset()}>
          <ProblemNotice problem={problemOf(bring.error)} />
          {problemOf(bring.error)?.faults?.map((fault) => (
            <p key={`${fault.line} ${fault.field}`} className="text-error text-sm">
              {fault.message}
            </p>
          ))}
          {report && (
            <ul className="text-sm leading-relaxed">
              <Names what="New here" names={report.added} />
              <Names what="Got further versions" names={report.extended} />
              <Names what="Here already, unchanged" names={report.unchanged} />
              <Names what="Own ingredients that came along" names={report.ingredients} />
              {report.added.length + report.extended.length + report.unchanged.length === 0 && <li>The file holds no formulas.</li>}
            </ul>
          )}
          <div className="flex justify-end pt-4">
            <button className="btn btn-primary btn-sm" data-autofocus onClick={() => bring.reset()}>
              Close
            </button>
          </div>
        </Dialog>
      )}
    </>
  );
}

function Names({ what, names }: { what: string; names: string[] }) {
  return names.length === 0 ? null : (
    <li>
      {what}: <strong>{names.join(", ")}</strong>
    </li>
  );
}

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { FileDown, FileUp } from "lucide-react";
import { api, asFile, pantryQuery, taken } from "../api";
import { useProblem } from "../words";
import { Dialog, FilePicker, ProblemNotice } from "../parts";

/** Exports the formulas found, or all of them, as a file; imports one. */
export function FormulaFiles({ shown, any }: { shown: number[]; any: boolean }) {
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: (file: File) => taken(api.POST("/api/files/formulas", asFile(file))),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["formulas"] });
      await queries.invalidateQueries({ queryKey: pantryQuery.queryKey });
    },
  });
  const problem = useProblem(bring.error);
  const report = bring.data;
  return (
    <>
      <FilePicker
        label="A formula file"
        accept=".json"
        className="btn btn-ghost btn-sm gap-1"
        disabled={bring.isPending}
        onPick={(file) => bring.mutate(file)}
      >
        <FileUp size={16} aria-hidden /> Import
      </FilePicker>
      {shown.length > 0 && (
        <a
          className="btn btn-ghost btn-sm gap-1"
          href={`/api/files/formulas?${shown.map((id) => `id=${id}`).join("&")}`}
          download
        >
          <FileDown size={16} aria-hidden /> Export these {shown.length}
        </a>
      )}
      {shown.length === 0 && any && (
        <a className="btn btn-ghost btn-sm gap-1" href="/api/files/formulas" download>
          <FileDown size={16} aria-hidden /> Export all
        </a>
      )}
      {(report || bring.isError) && (
        <Dialog title={report ? "Imported" : "Not imported"} onClose={() => bring.reset()}>
          <ProblemNotice problem={problem} />
          {problem?.faults?.map((fault) => (
            <p key={`${fault.line} ${fault.field}`} className="text-error text-sm">
              {fault.message}
            </p>
          ))}
          {report && (
            <ul className="text-sm leading-relaxed">
              <Names what="New here" names={report.added} />
              <Names what="Updated with more versions" names={report.extended} />
              <Names what="Already here, unchanged" names={report.unchanged} />
              <Names what="Own ingredients in the file" names={report.ingredients} />
              {report.added.length + report.extended.length + report.unchanged.length === 0 && (
                <li>The file holds no formulas.</li>
              )}
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

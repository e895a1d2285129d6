import { useMutation, useQueryClient } from "@tanstack/react-query";
import { FileDown, FileUp } from "lucide-react";
import { useState } from "react";
import { api, asFile, type CsvReport, measuresQuery, pantryQuery, taken } from "../api";
import { Dialog, FilePicker, ErrorNotice } from "../parts";
import { useFigures } from "../figures";
import { faultWords } from "../words";

type What = "pantry" | "measures";

/** Takes the pantry or the measures out as CSV, and a CSV in: shown first, then taken whole or not at all. */
export function CsvExchange({ what }: { what: What }) {
  const queries = useQueryClient();
  const [file, setFile] = useState<File | null>(null);
  const bring = useMutation({
    mutationFn: ({ picked, apply }: { picked: File; apply: boolean }) =>
      taken(
        what === "pantry"
          ? api.POST("/api/files/pantry", { ...asFile(picked), params: { query: { apply } } })
          : api.POST("/api/files/measures", { ...asFile(picked), params: { query: { apply } } }),
      ),
    onSuccess: async ({ applied }) => {
      if (applied) {
        await queries.invalidateQueries({
          queryKey: what === "pantry" ? pantryQuery.queryKey : measuresQuery.queryKey,
        });
        await queries.invalidateQueries({ queryKey: ["balance"] });
      }
    },
  });
  const close = () => {
    setFile(null);
    bring.reset();
  };
  return (
    <>
      <FilePicker
        label={`A CSV of the ${what}`}
        accept=".csv"
        className="btn btn-ghost btn-sm gap-1"
        onPick={(picked) => {
          setFile(picked);
          bring.mutate({ picked, apply: false });
        }}
      >
        <FileUp size={16} aria-hidden /> Import CSV
      </FilePicker>
      <a className="btn btn-ghost btn-sm gap-1" href={`/api/files/${what}`} download>
        <FileDown size={16} aria-hidden /> Export CSV
      </a>
      {file && (bring.data || bring.isError) && (
        <Dialog title={bring.data?.applied ? "Imported" : `What ${file.name} would change`} onClose={close}>
          <ErrorNotice error={bring.error} />
          {bring.data && <Report report={bring.data} />}
          <div className="flex justify-end gap-2 pt-4">
            <button className="btn btn-ghost" onClick={close}>
              {bring.data?.applied ? "Close" : "Cancel"}
            </button>
            {bring.data && !bring.data.applied && (
              <button
                className="btn btn-primary"
                disabled={bring.data.refused > 0 || bring.data.added + bring.data.changed === 0 || bring.isPending}
                onClick={() => bring.mutate({ picked: file, apply: true })}
              >
                Import all
              </button>
            )}
          </div>
        </Dialog>
      )}
    </>
  );
}

function Report({ report }: { report: CsvReport }) {
  const figures = useFigures();
  const telling = report.rows.filter(({ action }) => action !== "same");
  return (
    <>
      <p className="text-sm">
        {report.added} added, {report.changed} changed, {report.same} as they are, {report.refused} refused.
        {report.refused > 0 && " Nothing is imported while a row is refused."}
      </p>
      <ul className="max-h-[45vh] overflow-y-auto pt-2 text-sm">
        {telling.map((row) => (
          <li key={row.line} className={`hairline border-t py-1 ${row.action === "refused" ? "text-error" : ""}`}>
            <span className="soft">line {row.line}</span> {row.kind !== "unknown" && `${row.kind.replace("-", " ")} `}
            {row.what}: <strong>{row.action}</strong>
            {row.changes.length > 0 && (
              <span className="block text-xs">
                {row.changes.map(({ field, before, after }) => `${field} ${before ?? "none"} → ${after}`).join(", ")}
              </span>
            )}
            {row.faults.length > 0 && (
              <span className="block text-xs">{row.faults.map((fault) => faultWords(fault, figures)).join(" ")}</span>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}

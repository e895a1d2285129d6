import { useMutation, useQueryClient } from "@tanstack/react-query";
import { FileDown, FileUp } from "lucide-react";
import { useState } from "react";
import { api, asFile, type CsvReport, taken } from "../api";
import { useFigures } from "../figures";
import { faultWords } from "../words";
import { Dialog } from "./Dialog";
import { FilePicker } from "./FilePicker";
import { ErrorNotice } from "./ProblemNotice";

/** What goes out and in, with what shows it. */
const WHAT = {
  pantry: {
    accept: ".csv",
    shown: ["pantry"],
    send: (body: ReturnType<typeof asFile>, apply: boolean) =>
      api.POST("/api/files/pantry", { ...body, params: { query: { apply } } }),
  },
  measures: {
    accept: ".csv",
    shown: ["measures"],
    send: (body: ReturnType<typeof asFile>, apply: boolean) =>
      api.POST("/api/files/measures", { ...body, params: { query: { apply } } }),
  },
  batches: {
    accept: ".csv,.json",
    shown: ["notebook"],
    send: (body: ReturnType<typeof asFile>, apply: boolean) =>
      api.POST("/api/files/batches", { ...body, params: { query: { apply } } }),
  },
};

type What = keyof typeof WHAT;

/** Takes the pantry or the measures out as CSV, and a CSV in: shown first, then taken whole or not at all. */
export function CsvExchange({ what }: { what: What }) {
  const queries = useQueryClient();
  const [file, setFile] = useState<File | null>(null);
  const bring = useMutation({
    mutationFn: ({ picked, apply }: { picked: File; apply: boolean }) => taken(WHAT[what].send(asFile(picked), apply)),
    onSuccess: async ({ applied }) => {
      if (applied) {
        await queries.invalidateQueries({ queryKey: WHAT[what].shown });
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
        label={`A file of the ${what}`}
        accept={WHAT[what].accept}
        className="btn btn-ghost btn-sm gap-1"
        onPick={(picked) => {
          setFile(picked);
          bring.mutate({ picked, apply: false });
        }}
      >
        <FileUp size={16} aria-hidden /> Import
      </FilePicker>
      <a
        className="btn btn-ghost btn-sm gap-1"
        href={what === "batches" ? "/api/files/batches.csv" : `/api/files/${what}`}
        download
      >
        <FileDown size={16} aria-hidden /> Export CSV
      </a>
      {what === "batches" && (
        <a className="btn btn-ghost btn-sm gap-1" href="/api/files/batches" download>
          <FileDown size={16} aria-hidden /> JSON
        </a>
      )}
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

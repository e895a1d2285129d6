import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type FormulaDocument, taken, type VersionSummary } from "../api";
import { useFigures } from "../figures";
import { Dialog, ProblemNotice } from "../parts";
import { forgetReason, reasonFor } from "./reason";
import type { Editor } from "./useEditor";
import { useProblem } from "../words";

interface SaveDialogProps {
  editor: Editor;
  onClose: () => void;
  onSaved: (document: FormulaDocument) => void;
}

/** Saves the edits as a new version, with a note. When somebody saved meanwhile, both can be kept. */
export function SaveDialog({ editor, onClose, onSaved }: SaveDialogProps) {
  const queries = useQueryClient();
  const [note, setNote] = useState(editor.draft.versionNote ?? reasonFor(editor.id));
  const [named] = useState(editor.draft.name);
  const save = useMutation({
    mutationFn: (latestKnown: number | null) => {
      const { id, baseNumber, spec, draft } = editor;
      const body = { name: draft.name, note, formula: spec };
      return id === null
        ? taken(api.POST("/api/formulas", { body }))
        : taken(
            api.POST("/api/formulas/{id}/versions", {
              params: { path: { id } },
              body: { ...body, parentNumber: baseNumber, latestKnown },
            }),
          );
    },
    onSuccess: async (saved) => {
      editor.forget();
      forgetReason(editor.id);
      queries.setQueryData(["formula", saved.id, null], saved);
      await queries.invalidateQueries({ queryKey: ["formulas"] });
      onSaved(saved);
    },
  });
  const problem = useProblem(save.error);
  const next = (editor.document?.latestNumber ?? 0) + 1;
  const submit = (latestKnown: number | null) => {
    if (!save.isPending) {
      save.mutate(latestKnown);
    }
  };

  return (
    <Dialog title={editor.id === null ? "Save this formula" : `Save as version ${next}`} onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          submit(editor.knownLatest);
        }}
        onKeyDown={(event) => {
          if (event.key === "Enter" && (event.ctrlKey || event.metaKey)) {
            event.preventDefault();
            submit(editor.knownLatest);
          }
        }}
      >
        <label className="block pb-4">
          <span className="soft block pb-1 text-sm">Name</span>
          <input
            className="quiet-field framed"
            value={editor.draft.name}
            maxLength={120}
            aria-invalid={problem?.field === "name"}
            data-autofocus={named === ""}
            onChange={(event) => editor.edit({ kind: "name", name: event.target.value })}
          />
        </label>
        <label className="block">
          <span className="soft block pb-1 text-sm">What did you change, and why?</span>
          <textarea
            className="quiet-field framed !h-24 py-2"
            maxLength={2000}
            value={note}
            data-autofocus={named !== ""}
            onChange={(event) => setNote(event.target.value)}
          />
        </label>
        {problem?.newest ? (
          <Conflict newest={problem.newest} detail={problem.detail} onKeepBoth={submit} />
        ) : (
          <>
            <ProblemNotice problem={problem} />
            <div className="flex justify-end gap-2 pt-4">
              <button type="button" className="btn btn-ghost" onClick={onClose}>
                Cancel
              </button>
              <button className="btn btn-primary" disabled={save.isPending}>
                Save version {next}
              </button>
            </div>
          </>
        )}
      </form>
    </Dialog>
  );
}

interface ConflictProps {
  newest: Pick<VersionSummary, "number" | "note" | "savedAt">;
  detail: string;
  onKeepBoth: (latestKnown: number) => void;
}

function Conflict({ newest, detail, onKeepBoth }: ConflictProps) {
  const figures = useFigures();
  return (
    <div role="alert" className="border-warning bg-base-200 mt-4 rounded-md border-l-4 p-4">
      <p className="font-semibold">Somebody saved version {newest.number} meanwhile</p>
      <p className="text-sm">
        {figures.moment(newest.savedAt)}: “{newest.note || "no note"}”
      </p>
      <p className="py-2 text-sm">{detail}</p>
      <div className="flex gap-2">
        <button type="button" className="btn btn-primary btn-sm" onClick={() => onKeepBoth(newest.number)}>
          Keep both: save mine as version {newest.number + 1}
        </button>
        <a className="btn btn-ghost btn-sm" href={`?version=${newest.number}`} target="_blank" rel="noreferrer">
          Open theirs
        </a>
      </div>
    </div>
  );
}

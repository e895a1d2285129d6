import { useMutation, useQueryClient } from "@tanstack/react-query";
import { History, Redo2, Save, Undo2 } from "lucide-react";
import { useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { api, type FormulaDocument, taken } from "../api";
import { StationTabs, useCommands, useStationName } from "../frame";
import { useFigures } from "../figures";
import { IconButton } from "../parts";
import { CopyAndDelete } from "./CopyAndDelete";
import { ExportMenu } from "./ExportMenu";
import { SaveDialog } from "./SaveDialog";
import { type FormulaState, standingName, STATES } from "./states";
import type { Editor } from "./useEditor";
import { VersionsDialog } from "./VersionsDialog";

/** The open formula: its name, state and version; undo, redo, versions, save. */
export function FormulaHeader({ editor }: { editor: Editor }) {
  const { draft, document, edit, changed } = editor;
  const [open, setOpen] = useState<"save" | "versions" | null>(null);
  const navigate = useNavigate();
  const station = useLocation().pathname.split("/").at(-1) ?? "balance";
  const stationName = useStationName();
  const savable = changed || editor.id === null;

  useCommands([
    { name: "Save as a new version", keys: "mod+s", run: () => setOpen("save"), enabled: savable },
    { name: "Undo", keys: "mod+z", run: () => edit({ kind: "undo" }), enabled: editor.canUndo },
    { name: "Redo", keys: "mod+shift+z", run: () => edit({ kind: "redo" }), enabled: editor.canRedo },
    { name: "Versions", keys: "alt+v", run: () => setOpen("versions"), enabled: document !== null },
    {
      name: "Version tree",
      run: () => void navigate(`/notebook/formulas/${document?.id}`),
      enabled: document !== null,
    },
    { name: "Go back to the version as saved", run: editor.revert, enabled: changed },
  ]);

  return (
    <header className="bg-base-200 hairline sticky top-0 z-30 border-b px-4 print:static">
      <h1 className="sr-only">
        {draft.name || "New formula"}: {stationName}
      </h1>
      <div className="flex items-center gap-x-4 pt-1 pb-0.5">
        <input
          aria-label="Name of the formula"
          className="quiet-field font-display !h-9 min-w-40 flex-1 !px-1 text-[1.4rem] leading-none"
          placeholder="Name this formula"
          maxLength={120}
          value={draft.name}
          onChange={(event) => edit({ kind: "name", name: event.target.value })}
        />
        <div className="flex items-center gap-1">
          <IconButton
            large
            label="Undo"
            title="Undo (Ctrl+Z)"
            disabled={!editor.canUndo}
            onClick={() => edit({ kind: "undo" })}
          >
            <Undo2 size={18} aria-hidden />
          </IconButton>
          <IconButton
            large
            label="Redo"
            title="Redo (Ctrl+Shift+Z)"
            disabled={!editor.canRedo}
            onClick={() => edit({ kind: "redo" })}
          >
            <Redo2 size={18} aria-hidden />
          </IconButton>
          {document && (
            <button className="btn btn-ghost btn-sm gap-1.5" onClick={() => setOpen("versions")}>
              <History size={17} aria-hidden /> Versions
            </button>
          )}
          {document && <ExportMenu id={document.id} />}
          {document && <CopyAndDelete editor={editor} id={document.id} station={station} />}
          <button className="btn btn-primary btn-sm gap-1.5" disabled={!savable} onClick={() => setOpen("save")}>
            <Save size={16} aria-hidden /> Save
          </button>
        </div>
      </div>
      <div className="flex items-end justify-between gap-x-4">
        <StationTabs />
        <p className="soft flex items-center gap-x-3 overflow-hidden px-1 pb-1 text-sm whitespace-nowrap">
          {document && <StateChoice document={document} />}
          <Standing editor={editor} />
        </p>
      </div>
      {open === "save" && (
        <SaveDialog
          editor={editor}
          onClose={() => setOpen(null)}
          onSaved={(saved) => {
            setOpen(null);
            void navigate(`/formulas/${saved.id}/${station}`, {
              replace: true,
              state: { saved: saved.version.number },
            });
          }}
        />
      )}
      {open === "versions" && document && <VersionsDialog editor={editor} onClose={() => setOpen(null)} />}
    </header>
  );
}

/** Which version is open and whether there are edits on it. */
function Standing({ editor }: { editor: Editor }) {
  const figures = useFigures();
  const { document, baseNumber } = editor;
  if (!document || baseNumber === null) {
    return <span>new, not saved yet{editor.changed && " · kept on this machine"}</span>;
  }
  const base = document.versions.find((version) => version.number === baseNumber);
  const older = baseNumber < document.latestNumber;
  return (
    <>
      <span className={older ? "text-warning font-semibold" : ""}>
        version {baseNumber}
        {older && ` of ${document.latestNumber} (an older one)`}
      </span>
      {base && base.standing !== "draft" && <span data-testid="standing">{standingName(base.standing)}</span>}
      {base && <span>{figures.date(base.savedAt)}</span>}
      {editor.changed && (
        <span className="text-base-content font-semibold" data-testid="unsaved">
          edits not saved
          {editor.notStored ? (
            ", and the browser's store is full: save now"
          ) : (
            <span className="max-xl:sr-only">, kept on this machine</span>
          )}
        </span>
      )}
    </>
  );
}

function StateChoice({ document }: { document: FormulaDocument }) {
  const queries = useQueryClient();
  const [shown, setShown] = useState<FormulaState>(document.state);
  const set = useMutation({
    mutationFn: (state: FormulaState) =>
      taken(api.PUT("/api/formulas/{id}/state", { params: { path: { id: document.id } }, body: { state } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["formulas"] }),
    onError: () => setShown(document.state),
  });
  return (
    <select
      className="quiet-field !h-6 !w-auto !px-0 text-sm"
      aria-label="State"
      value={shown}
      onChange={(event) => {
        const state = event.target.value as FormulaState;
        setShown(state);
        set.mutate(state);
      }}
    >
      {STATES.map(({ code, name, mark }) => (
        <option key={code} value={code}>
          {mark} {name}
        </option>
      ))}
    </select>
  );
}

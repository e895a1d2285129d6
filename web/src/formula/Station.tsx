import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useEffect } from "react";
import { useLocation, useParams, useSearchParams } from "react-router";
import { type PantryDocument, pantryQuery } from "../api";
import { ProblemNotice, useNotices } from "../parts";
import { FormulaHeader } from "./FormulaHeader";
import { type Editor, type Start, useEditor, useStart } from "./useEditor";
import { useFollowingWater } from "./useFollowingWater";
import { useProblem } from "../words";

type Content = (editor: Editor, pantry: PantryDocument) => ReactNode;

/** A station of the formula in the address: loads it, keeps its edits, shows its header and what stands below. */
export function Station({ children }: { children: Content }) {
  const params = useParams();
  const [search] = useSearchParams();
  const location = useLocation();
  const id = params.id === undefined ? null : Number(params.id);
  const version = search.get("version") === null ? null : Number(search.get("version"));
  const pantry = useQuery(pantryQuery);
  const { start, error, retry } = useStart(id, version);
  const problem = useProblem(error ?? pantry.error);
  useSavedNotice(location.state as { saved?: number } | null);

  if (problem) {
    return (
      <main className="mx-auto max-w-xl px-6 py-16">
        <ProblemNotice problem={problem} retry={retry} />
      </main>
    );
  }
  if (!start || !pantry.data) {
    return <main className="soft px-6 py-24 text-center">Loading the formula…</main>;
  }
  const shown = `${start.formula} ${version} ${start.document?.version.number} ${start.document?.versions.length}`;
  return (
    <Opened
      key={shown}
      start={start}
      pantry={pantry.data}
      content={children}
      station={location.pathname.split("/").at(-1) ?? ""}
    />
  );
}

interface OpenedProps {
  start: Start;
  pantry: PantryDocument;
  content: Content;
  station: string;
}

function Opened({ start, pantry, content, station }: OpenedProps) {
  const editor = useEditor(start, pantry.usual.style, station);
  useFollowingWater(editor);
  return (
    <main>
      <FormulaHeader editor={editor} />
      <div className="pt-3">{content(editor, pantry)}</div>
    </main>
  );
}

function useSavedNotice(state: { saved?: number } | null) {
  const notify = useNotices();
  const saved = state?.saved;
  useEffect(() => {
    if (saved !== undefined) {
      notify(`Saved as version ${saved}.`);
      window.history.replaceState({}, "");
    }
  }, [saved, notify]);
}

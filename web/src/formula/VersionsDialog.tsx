import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { type PantryDocument, pantryQuery, type SaidOfVersion, saidQuery } from "../api";
import { useFigures } from "../figures";
import { Dialog } from "../parts";
import { SaidWords } from "./SaidThen";
import { standingName } from "./states";
import type { Editor } from "./useEditor";

/** All versions of a formula, the newest first; each can be opened. */
export function VersionsDialog({ editor, onClose }: { editor: Editor; onClose: () => void }) {
  const figures = useFigures();
  const { document, baseNumber } = editor;
  const pantry = useQuery(pantryQuery);
  const said = useQuery({ ...saidQuery(document?.id ?? 0), enabled: document !== null });
  if (!document) {
    return null;
  }
  return (
    <Dialog title="Versions" onClose={onClose}>
      <ol className="max-h-[60vh] overflow-y-auto">
        {document.versions.map((version) => (
          <li key={version.number} className="hairline border-t py-3 first:border-t-0">
            <div className="flex items-baseline gap-3">
              <span className="font-display text-lg">Version {version.number}</span>
              {version.standing !== "draft" && <strong className="text-sm">{standingName(version.standing)}</strong>}
              <span className="soft flex-1 text-sm">
                {figures.moment(version.savedAt)}
                {version.parentNumber != null &&
                  version.parentNumber !== version.number - 1 &&
                  ` · made from version ${version.parentNumber}`}
              </span>
              {version.number === baseNumber ? (
                <span className="soft text-sm">open</span>
              ) : (
                <Link className="btn btn-xs" to={`?version=${version.number}`} onClick={onClose}>
                  Open version {version.number}
                </Link>
              )}
            </div>
            <p className="text-sm">{version.note || <span className="soft">no note</span>}</p>
            <Said
              said={said.data?.find(({ number }) => number === version.number)}
              failed={said.isError}
              savedAt={version.savedAt}
              pantry={pantry.data}
            />
          </li>
        ))}
      </ol>
      {editor.changed && (
        <p className="soft pt-3 text-sm">Your edits on version {baseNumber} stay kept on this machine meanwhile.</p>
      )}
      <div className="flex items-center justify-between pt-4">
        <Link className="link text-sm" to={`/notebook/formulas/${document.id}`}>
          Tree, batches and promotion
        </Link>
        <button className="btn btn-ghost" onClick={onClose}>
          Close
        </button>
      </div>
    </Dialog>
  );
}

interface SaidProps {
  said: SaidOfVersion | undefined;
  failed: boolean;
  savedAt: string;
  pantry: PantryDocument | undefined;
}

/** What was said of a version; room is kept for it while it is asked for. */
function Said({ said, failed, savedAt, pantry }: SaidProps) {
  if (failed) {
    return <p className="soft text-xs">What was said of it cannot be read just now.</p>;
  }
  return (
    <div className="min-h-4 pt-0.5 text-xs" data-said={said?.why ?? ""}>
      {said && <SaidWords said={said} savedAt={savedAt} pantry={pantry} />}
    </div>
  );
}

import type { PantryDocument, SaidOfVersion } from "../api";
import { useFigures } from "../figures";
import { saidBriefly, saidNowBy } from "../words";
import type { Editor } from "./useEditor";

/** Of an open version: what another revision of the model said when it was saved, where this one says something else. */
export function SaidThen({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const { document, baseNumber } = editor;
  if (!document || document.version.number !== baseNumber || document.said.why !== "model") {
    return null;
  }
  return (
    <div className="border-info mt-2 border-l-4 pl-3 text-sm" data-testid="said-then">
      <SaidWords said={document.said} savedAt={document.version.savedAt} pantry={pantry} />
      {editor.changed && <p className="soft">Both of version {baseNumber} as it was saved, without your edits.</p>}
    </div>
  );
}

/** What was said of a version when it was saved, and what is said instead. */
export function SaidWords({
  said,
  savedAt,
  pantry,
}: {
  said: SaidOfVersion;
  savedAt: string;
  pantry: PantryDocument | undefined;
}) {
  const figures = useFigures();
  const feelName = (code: string) => pantry?.feels.find((feel) => feel.code === code)?.name ?? code;
  if (!said.then) {
    return null;
  }
  return (
    <>
      <p>
        <span className="soft">As of the model of {figures.date(savedAt)}:</span>{" "}
        {saidBriefly(said.then, feelName, figures)}.
      </p>
      {said.why && said.now && (
        <p>
          <span className="soft">{saidNowBy(said)}:</span> {saidBriefly(said.now, feelName, figures)}.
        </p>
      )}
    </>
  );
}

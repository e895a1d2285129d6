import type { PantryDocument } from "../api";
import type { Editor } from "../formula";

interface StyleOfferProps {
  editor: Editor;
  pantry: PantryDocument;
  /** The style that the recipe's title speaks of. */
  style: string | null;
  onSettled: () => void;
}

/** The style that a title speaks of, offered where another one is set. */
export function StyleOffer({ editor, pantry, style, onSettled }: StyleOfferProps) {
  const offered = pantry.styles.find(({ code }) => code === style);
  if (!offered || editor.draft.style === offered.code) {
    return null;
  }
  return (
    <p
      className="border-primary mb-2 flex flex-wrap items-center gap-2 border-l-4 py-1 pl-3 text-sm"
      data-testid="style-offer"
    >
      The recipe speaks of {offered.name.toLowerCase()}.
      <button
        className="btn btn-xs"
        onClick={() => {
          editor.edit({ kind: "settings", patch: { style: offered.code } });
          onSettled();
        }}
      >
        Take this style
      </button>
      <button className="btn btn-xs btn-ghost" onClick={onSettled}>
        Leave it
      </button>
    </p>
  );
}

import type { IntakeAnswer, PantryDocument } from "../api";
import type { Editor } from "../formula";

export type Spoken = NonNullable<IntakeAnswer["style"]>;

interface SpokenStyleProps {
  editor: Editor;
  pantry: PantryDocument;
  /** The style that the recipe speaks of; null when it speaks of none. */
  spoken: Spoken | null;
  onSettled: () => void;
}

/** Which bread the recipe was taken for, and by what; or the question, where it does not say. */
export function SpokenStyle({ editor, pantry, spoken, onSettled }: SpokenStyleProps) {
  const taken = pantry.styles.find(({ code }) => code === spoken?.code);
  const isTaken = taken !== undefined && editor.draft.style === taken.code;
  if (taken !== undefined && !isTaken) {
    return null;
  }
  return (
    <div
      className="border-primary mb-2 flex flex-wrap items-center gap-2 border-l-4 py-1 pl-3 text-sm"
      data-testid="spoken-style"
    >
      {spoken && taken ? (
        <span>
          Taken for <strong>{taken.name.toLowerCase()}</strong>, by {BY[spoken.by]}.
        </span>
      ) : (
        <strong>The recipe does not say which bread it is. Everything that follows depends on it.</strong>
      )}
      {taken ? (
        <button
          className="btn btn-xs"
          onClick={() => document.querySelector<HTMLElement>("[data-testid=intake-style]")?.focus()}
        >
          Change it
        </button>
      ) : (
        <select
          className="quiet-field framed !w-44"
          aria-label="Which bread it is"
          value=""
          onChange={(event) => {
            editor.edit({ kind: "settings", patch: { style: event.target.value } });
            onSettled();
          }}
        >
          <option value="">choose…</option>
          {pantry.styles.map(({ code, name }) => (
            <option key={code} value={code}>
              {name}
            </option>
          ))}
        </select>
      )}
      {taken && (
        <button className="btn btn-xs btn-ghost" onClick={onSettled}>
          That is right
        </button>
      )}
    </div>
  );
}

const BY: Record<Spoken["by"], string> = {
  title: "its title",
  made: "what it says it makes",
  method: "its method",
};

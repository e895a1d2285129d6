import type { RecipeNotes as Notes } from "../api";
import type { Editor, Faults } from "../formula";
import { useFigures } from "../figures";
import { MassField, NumberField } from "../parts";

/** What the recipe says beside its lines: pieces, their weight, the method. */
export function RecipeNotes({ editor, faults }: { editor: Editor; faults: Faults }) {
  const figures = useFigures();
  const notes = editor.draft.notes ?? {};
  const set = (patch: Partial<Notes>) => editor.edit({ kind: "notes", patch });
  const error = faults.of(null, "pieces") ?? faults.of(null, "pieceGrams") ?? faults.of(null, "method");
  return (
    <section aria-label="Beside the lines" className="pt-4">
      <h2 className="section-title">Beside the lines</h2>
      <div className="flex items-end gap-3 pt-1">
        <label className="w-24">
          <span className="soft block pb-0.5 text-xs">makes, pieces</span>
          <NumberField
            framed
            label="Pieces"
            value={notes.pieces ?? null}
            format={(value) => figures.number(value, 0)}
            error={faults.of(null, "pieces")}
            onChange={(pieces) => set({ pieces: pieces as number | null })}
          />
        </label>
        <label className="w-32">
          <span className="soft block pb-0.5 text-xs">dough in a piece</span>
          <MassField
            label="Weight of a piece"
            value={notes.pieceGrams ?? null}
            error={faults.of(null, "pieceGrams")}
            onChange={(pieceGrams) => set({ pieceGrams: pieceGrams as number | null })}
          />
        </label>
      </div>
      {error && (
        <p role="alert" className="text-error pt-1 text-xs">
          {error}
        </p>
      )}
      <label className="block pt-2">
        <span className="soft block pb-0.5 text-xs">method, kept as a note</span>
        <textarea
          className="quiet-field framed !h-28 py-1.5 text-sm"
          aria-label="Method"
          maxLength={20000}
          value={notes.method ?? ""}
          onChange={(event) => set({ method: event.target.value || null })}
        />
      </label>
    </section>
  );
}

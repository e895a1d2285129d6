import type { RecipeNotes as Notes } from "../api";
import type { Editor, Faults } from "../formula";
import { useFigures } from "../figures";
import { asSent, MassField, NumberField, SizeField, TemperatureField } from "../parts";

interface RecipeNotesProps {
  editor: Editor;
  faults: Faults;
}

const FIELDS = ["pieces", "pieceGrams", "diameterMm", "sideSeconds", "panC", "method", "recipe"];

/** What the recipe says beside its lines: pieces, how they are rolled and cooked, the method. */
export function RecipeNotes({ editor, faults }: RecipeNotesProps) {
  const figures = useFigures();
  const notes = editor.draft.notes ?? {};
  const set = (patch: Partial<Notes>) => editor.edit({ kind: "notes", patch });
  const error = FIELDS.map((field) => faults.of(null, field)).find(Boolean);
  const number = (field: "pieces" | "sideSeconds", name: string, label: string, unit = "") => (
    <label className="w-24">
      <span className="soft block pb-0.5 text-xs">{name}</span>
      <NumberField
        framed
        label={label}
        unit={unit}
        value={notes[field] ?? null}
        format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 1)}
        error={faults.of(null, field)}
        onChange={(value) => set({ [field]: asSent(value) })}
      />
    </label>
  );
  return (
    <section aria-label="Beside the lines" className="pt-4">
      <h2 className="section-title">Beside the lines</h2>
      <div className="flex flex-wrap items-end gap-x-3 gap-y-1.5 pt-1">
        {number("pieces", "makes, pieces", "Pieces")}
        <label className="w-28">
          <span className="soft block pb-0.5 text-xs">dough in a piece</span>
          <MassField
            label="Weight of a piece"
            value={notes.pieceGrams ?? null}
            error={faults.of(null, "pieceGrams")}
            onChange={(pieceGrams) => set({ pieceGrams: asSent(pieceGrams) })}
          />
        </label>
        <label className="w-24">
          <span className="soft block pb-0.5 text-xs">across</span>
          <SizeField
            label="Diameter"
            value={notes.diameterMm ?? null}
            error={faults.of(null, "diameterMm")}
            onChange={(diameterMm) => set({ diameterMm: asSent(diameterMm) })}
          />
        </label>
        {number("sideSeconds", "a side", "Seconds a side", "s")}
        <label className="w-24">
          <span className="soft block pb-0.5 text-xs">pan or oven</span>
          <TemperatureField
            label="Pan or oven"
            value={notes.panC ?? null}
            error={faults.of(null, "panC")}
            onChange={(panC) => set({ panC: asSent(panC) })}
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

import type { Ingredient, PantryDocument } from "../api";
import { useFigures } from "../figures";
import type { DraftLine } from "./draft";

interface LineNoteProps {
  line: DraftLine;
  ingredient: Ingredient | null;
  forms: PantryDocument["forms"];
  label: string;
  set: (patch: Partial<DraftLine>) => void;
}

/** What stands below an ingredient's name: the form of an inclusion, what was measured, and a part that is not dough. */
export function LineNote({ line, ingredient, forms, label, set }: LineNoteProps) {
  const figures = useFigures();
  const m = line.measured ?? {};
  const measured = [
    typeof m.waterPct === "number" && `water ${figures.percent(m.waterPct)}`,
    typeof m.moisturePct === "number" && `moisture ${figures.percent(m.moisturePct)}`,
    typeof m.proteinPct === "number" && `protein ${figures.percent(m.proteinPct)}`,
    typeof m.absorptionPct === "number" && `drinks ${figures.percent(m.absorptionPct)}`,
    typeof m.pieceMm === "number" && `pieces ${figures.number(m.pieceMm, 1)} mm`,
    line.fatState,
    line.part === "filling" && "in the filling",
    line.part === "surface" && "on the surface",
    line.part === "beside" && "beside, counted nowhere",
  ].filter(Boolean);
  const inclusion = ingredient?.role === "inclusion";
  if (line.origin?.measure && line.origin.quantity != null) {
    measured.push(`${figures.number(line.origin.quantity, 2).replace(/[.,]?0+$/, "")} ${line.origin.measure}`);
  }
  if (line.origin?.follows) {
    measured.push("follows the dough’s need until you type it");
  }
  if (line.open === "unread") {
    measured.push(`“${line.origin?.text ?? ""}” was not understood`);
  } else if (line.open) {
    measured.push("amount not known yet");
  }
  if (!inclusion && measured.length === 0) {
    return null;
  }
  return (
    <p className="soft flex items-center gap-1 truncate pb-1 pl-2 text-xs">
      {inclusion && (
        <select
          className="quiet-field -ml-1 !h-6 shrink-0 !w-auto !px-0.5 text-xs"
          aria-label={label}
          data-field="form"
          value={line.form ?? ""}
          onChange={(event) => set({ form: event.target.value || null })}
        >
          <option value="">usual form</option>
          {forms.map(({ code, name }) => (
            <option key={code} value={code}>
              {name}
            </option>
          ))}
        </select>
      )}
      {measured.join(" · ")}
    </p>
  );
}

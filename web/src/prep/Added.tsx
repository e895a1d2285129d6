import { Plus, X } from "lucide-react";
import { useMemo } from "react";
import type { PantryDocument, StepSpec } from "../api";
import { IngredientPicker } from "../formula";
import { Faulty, MassField, asSent, type NumberEntry, IconButton } from "../parts";

interface AddedProps {
  step: StepSpec;
  /** Puts in what is usual at this step. */
  onAdd: () => void;
  label: (what: string) => string;
  error: (field: string) => string | null;
  set: (patch: Partial<StepSpec>) => void;
  pantry: PantryDocument;
}

const ROLES = new Set(["salt", "fat", "liquid", "dairy", "seasoning", "seed", "sweetener", "inclusion"]);

/** What is put in at a step: water, fat, salt, spice. It counts in the formula's totals. */
export function Added({ step, onAdd, label, error, set, pantry }: AddedProps) {
  const added = step.added ?? [];
  const offered = useMemo(() => pantry.ingredients.filter(({ role }) => ROLES.has(role)), [pantry]);
  const change = (index: number, patch: Partial<(typeof added)[number]>) =>
    set({ added: added.map((each, at) => (at === index ? { ...each, ...patch } : each)) });
  return (
    <div className="pt-1">
      {added.map((each, index) => (
        <div key={index} className="pt-1">
          <div className="flex items-center gap-1">
            <div className="framed-picker min-w-0 flex-1">
              <IngredientPicker
                ingredients={offered}
                value={each.ingredient ?? ""}
                label={label("What is put in")}
                placeholder="salt, fat, spice…"
                error={error(`added[${index}].ingredient`)}
                onPick={(picked) => change(index, { ingredient: picked.code })}
              />
            </div>
            <IconButton label={label("Remove it")} onClick={() => set({ added: added.toSpliced(index, 1) })}>
              <X size={13} aria-hidden />
            </IconButton>
          </div>
          <MassField
            label={label("How much is put in")}
            value={(each.grams ?? null) as NumberEntry}
            error={error(`added[${index}].grams`)}
            dataField="added"
            onChange={(grams) => change(index, { grams: asSent(grams) })}
          />
          <Faulty message={error(`added[${index}].grams`) ?? error(`added[${index}].ingredient`)} />
        </div>
      ))}
      <button
        className="btn btn-ghost btn-xs text-primary gap-1 px-1"
        aria-label={label("Put in something")}
        onClick={onAdd}
      >
        <Plus size={13} aria-hidden /> Put in
      </button>
    </div>
  );
}

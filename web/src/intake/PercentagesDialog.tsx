import { useMutation } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { useState } from "react";
import { api, type FormulaSpec, type PantryDocument, taken } from "../api";
import { Faults, IngredientPicker } from "../formula";
import { useFigures } from "../figures";
import { Dialog, MassField, asSent, type NumberEntry, NumberField, ProblemNotice } from "../parts";
import { useProblem } from "../words";

interface PercentagesDialogProps {
  style: string;
  pantry: PantryDocument;
  onTaken: (spec: FormulaSpec) => void;
  onClose: () => void;
}

interface Row {
  ingredient: string;
  pct: NumberEntry;
}

const FIRST: Row[] = [
  { ingredient: "", pct: 100 },
  { ingredient: "water", pct: null },
  { ingredient: "salt-fine", pct: null },
];

/** A formula from baker's percentages and the weight of the dough. */
export function PercentagesDialog({ style, pantry, onTaken, onClose }: PercentagesDialogProps) {
  const figures = useFigures();
  const [rows, setRows] = useState(FIRST);
  const [dough, setDough] = useState<NumberEntry>(1000);
  const make = useMutation({
    mutationFn: () =>
      taken(
        api.POST("/api/intake/start/percentages", {
          body: {
            style,
            doughGrams: asSent(dough) ?? 0,
            lines: rows.map(({ ingredient, pct }) => ({ ingredient, pct: asSent(pct) })),
          },
        }),
      ),
    onSuccess: onTaken,
  });
  const problem = useProblem(make.error);
  const faults = new Faults(problem?.faults);
  const change = (at: number, patch: Partial<Row>) =>
    setRows(rows.map((row, index) => (index === at ? { ...row, ...patch } : row)));

  return (
    <Dialog title="From baker’s percentages" onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          make.mutate();
        }}
      >
        {rows.map((row, index) => (
          <div key={index} className="hairline border-t py-0.5 first:border-t-0">
            <div className="flex items-center gap-2">
              <div className="min-w-0 flex-1">
                <IngredientPicker
                  ingredients={pantry.ingredients}
                  value={row.ingredient}
                  label={`Ingredient ${index + 1}`}
                  error={faults.of(index, "ingredient")}
                  onPick={({ code }) => change(index, { ingredient: code })}
                />
              </div>
              <NumberField
                framed
                label={`Percentage ${index + 1}`}
                className="w-24"
                unit="%"
                value={row.pct}
                format={(value) => figures.number(value, 1)}
                error={faults.of(index, "pct")}
                onChange={(pct) => change(index, { pct })}
              />
            </div>
            {faults.ofLine(index).map((message) => (
              <p key={message} role="alert" className="text-error text-sm">
                {message}
              </p>
            ))}
          </div>
        ))}
        <button
          type="button"
          className="btn btn-ghost btn-sm text-primary gap-1 px-2"
          onClick={() => setRows([...rows, { ingredient: "", pct: null }])}
        >
          <Plus size={16} aria-hidden /> Add a line
        </button>
        <label className="flex items-center gap-3 pt-3">
          <span className="soft">Dough in all</span>
          <MassField
            label="Dough in all"
            className="w-28"
            value={dough}
            error={faults.of(null, "doughGrams")}
            onChange={setDough}
          />
        </label>
        {problem && <ProblemNotice problem={problem} />}
        <div className="flex justify-end gap-2 pt-4">
          <button type="button" className="btn btn-ghost" onClick={onClose}>
            Cancel
          </button>
          <button className="btn btn-primary" disabled={make.isPending}>
            Make the lines
          </button>
        </div>
      </form>
    </Dialog>
  );
}

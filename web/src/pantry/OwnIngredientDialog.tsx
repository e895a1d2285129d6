import { useState } from "react";
import { api, type Ingredient, type PantryDocument, taken } from "../api";
import { Faults } from "../formula";
import { useFigures } from "../figures";
import { Dialog, type NumberEntry, NumberField, ProblemNotice } from "../parts";
import { FIGURES, type FigureField } from "./figureFields";
import { usePantryChange } from "./usePantryChange";
import { useProblem } from "../words";

const ROLES: [Ingredient["role"], string][] = [
  ["flour", "flour"],
  ["inclusion", "inclusion (vegetable, potato, greens, pulse)"],
  ["dry-addition", "dry addition"],
  ["liquid", "liquid"],
  ["dairy", "dairy"],
  ["fat", "fat"],
  ["sweetener", "sweetener"],
  ["seed", "seed"],
  ["leavener", "leavener"],
  ["salt", "salt"],
  ["seasoning", "seasoning"],
];

/** How sure its absorption is, a new ingredient does not say: its batches will. */
const SHEET = FIGURES.filter(({ field }) => field !== "absorptionSdPct");

/** A new ingredient of the kitchen's own, begun from a similar one. */
export function OwnIngredientDialog({ pantry, onClose }: { pantry: PantryDocument; onClose: () => void }) {
  const figures = useFigures();
  const [name, setName] = useState("");
  const [role, setRole] = useState<Ingredient["role"]>("flour");
  const [fatState, setFatState] = useState("soft");
  const [allergens, setAllergens] = useState("");
  const [values, setValues] = useState<Partial<Record<FigureField, NumberEntry>>>({});
  const save = usePantryChange(
    () =>
      taken(
        api.POST("/api/pantry/ingredients", {
          body: {
            name,
            role,
            fatState: role === "fat" ? fatState : null,
            allergens: allergens
              .split(",")
              .map((each) => each.trim())
              .filter(Boolean),
            ...Object.fromEntries(Object.entries(values).filter(([, value]) => typeof value === "number")),
          },
        }),
      ),
    onClose,
  );
  const problem = useProblem(save.error);
  const faults = new Faults(problem?.faults);
  const like = (code: string) => {
    const found = pantry.ingredients.find((each) => each.code === code);
    if (found) {
      setRole(found.role);
      setFatState(found.fatState ?? "soft");
      setAllergens(found.allergens.join(", "));
      setValues(Object.fromEntries(SHEET.map(({ field, of }) => [field, of(found) ?? null])));
    }
  };
  const drinks = role === "flour" || role === "dry-addition" || role === "dairy";
  const shown = SHEET.filter(
    ({ field }) => drinks || !["absorptionPct", "uptakeTauMin", "glutenQuality"].includes(field),
  );

  return (
    <Dialog title="An ingredient of our own" onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate(undefined);
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <label>
            <span className="soft block pb-0.5 text-xs">name</span>
            <input
              className="quiet-field framed"
              data-autofocus
              maxLength={80}
              value={name}
              aria-invalid={faults.of(null, "name") !== null}
              onChange={(event) => setName(event.target.value)}
            />
          </label>
          <label>
            <span className="soft block pb-0.5 text-xs">what it is</span>
            <select
              className="quiet-field framed"
              value={role}
              onChange={(event) => setRole(event.target.value as Ingredient["role"])}
            >
              {ROLES.map(([code, words]) => (
                <option key={code} value={code}>
                  {words}
                </option>
              ))}
            </select>
          </label>
          <label>
            <span className="soft block pb-0.5 text-xs">start from the figures of</span>
            <select className="quiet-field framed" defaultValue="" onChange={(event) => like(event.target.value)}>
              <option value="">nothing</option>
              {pantry.ingredients.map(({ code, name: other }) => (
                <option key={code} value={code}>
                  {other}
                </option>
              ))}
            </select>
          </label>
          <label>
            <span className="soft block pb-0.5 text-xs">allergens, separated by commas</span>
            <input
              className="quiet-field framed"
              value={allergens}
              onChange={(event) => setAllergens(event.target.value)}
            />
          </label>
          {role === "fat" && (
            <label>
              <span className="soft block pb-0.5 text-xs">firmness</span>
              <select
                className="quiet-field framed"
                value={fatState}
                onChange={(event) => setFatState(event.target.value)}
              >
                {["liquid", "soft", "solid"].map((state) => (
                  <option key={state}>{state}</option>
                ))}
              </select>
            </label>
          )}
        </div>
        <div className="grid grid-cols-3 gap-x-3 gap-y-2 pt-3">
          {shown.map(({ field, name: label, unit, decimals }) => (
            <label key={field}>
              <span className="soft block pb-0.5 text-xs">{label}</span>
              <NumberField
                framed
                label={label}
                unit={unit}
                value={values[field] ?? null}
                format={(value) => figures.number(value, decimals)}
                error={faults.of(null, field)}
                onChange={(value) => setValues({ ...values, [field]: value })}
              />
            </label>
          ))}
        </div>
        {problem && <ProblemNotice problem={problem} />}
        <div className="flex justify-end gap-2 pt-4">
          <button type="button" className="btn btn-ghost" onClick={onClose}>
            Cancel
          </button>
          <button className="btn btn-primary" disabled={save.isPending}>
            Add to the pantry
          </button>
        </div>
      </form>
    </Dialog>
  );
}

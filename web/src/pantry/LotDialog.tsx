import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Lot, lotsQuery, type PantryDocument, taken } from "../api";
import { Faults, IngredientPicker } from "../formula";
import { useFigures } from "../figures";
import { Dialog, asSent, type NumberEntry, NumberField, ProblemNotice } from "../parts";
import { MoistureFinder } from "./MoistureFinder";
import { useProblem } from "../words";

/** A lot of flour, new or to be changed. */
export function LotDialog({ lot, pantry, onClose }: { lot: Lot | null; pantry: PantryDocument; onClose: () => void }) {
  const figures = useFigures();
  const queries = useQueryClient();
  const [ingredient, setIngredient] = useState(lot?.ingredient ?? "");
  const [name, setName] = useState(lot?.name ?? "");
  const [milledOn, setMilledOn] = useState(lot?.milledOn ?? "");
  const [moisture, setMoisture] = useState<{ pct: NumberEntry; how: string }>({
    pct: lot?.moisturePct ?? null,
    how: lot?.moistureHow ?? "typed",
  });
  const [protein, setProtein] = useState<NumberEntry>(lot?.proteinPct ?? null);
  const [note, setNote] = useState(lot?.note ?? "");
  const [usedUp, setUsedUp] = useState(lot?.usedUp ?? false);
  const done = (lots: Lot[]) => {
    queries.setQueryData(lotsQuery.queryKey, lots);
    onClose();
  };
  const save = useMutation({
    mutationFn: () => {
      const body = {
        ingredient,
        name,
        milledOn: milledOn || null,
        moisturePct: asSent(moisture.pct),
        moistureHow: asSent(moisture.pct) === null ? null : moisture.how,
        proteinPct: asSent(protein),
        note,
        usedUp,
      };
      return lot
        ? taken(api.PUT("/api/pantry/lots/{id}", { params: { path: { id: lot.id } }, body }))
        : taken(api.POST("/api/pantry/lots", { body }));
    },
    onSuccess: done,
  });
  const remove = useMutation({
    mutationFn: (id: number) => taken(api.DELETE("/api/pantry/lots/{id}", { params: { path: { id } } })),
    onSuccess: done,
  });
  const problem = useProblem(save.error ?? remove.error);
  const faults = new Faults(problem?.faults);
  const flours = pantry.ingredients.filter(({ role }) => role === "flour");

  return (
    <Dialog title={lot ? `Lot ${lot.name}` : "A lot of flour"} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <div>
            <span className="soft block pb-0.5 text-xs">flour</span>
            {lot ? (
              <p className="py-1">{lot.ingredientName}</p>
            ) : (
              <IngredientPicker
                ingredients={flours}
                value={ingredient}
                label="Flour of the lot"
                error={faults.of(null, "ingredient")}
                onPick={({ code }) => setIngredient(code)}
              />
            )}
          </div>
          <label>
            <span className="soft block pb-0.5 text-xs">what you call it</span>
            <input
              className="quiet-field framed"
              maxLength={60}
              aria-invalid={faults.of(null, "name") !== null}
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
          </label>
          <label>
            <span className="soft block pb-0.5 text-xs">milled on</span>
            <input
              type="date"
              className="quiet-field framed"
              value={milledOn}
              onChange={(event) => setMilledOn(event.target.value)}
            />
          </label>
          <label>
            <span className="soft block pb-0.5 text-xs">protein, on the pack</span>
            <NumberField
              framed
              label="Protein of the lot"
              unit="%"
              value={protein}
              format={(value) => figures.number(value, 1)}
              error={faults.of(null, "proteinPct")}
              onChange={setProtein}
            />
          </label>
          <label>
            <span className="soft block pb-0.5 text-xs">moisture; empty for the usual one</span>
            <NumberField
              framed
              label="Moisture of the lot"
              unit="%"
              value={moisture.pct}
              format={(value) => figures.number(value, 1)}
              error={faults.of(null, "moisturePct")}
              onChange={(pct) => setMoisture({ pct, how: "typed" })}
            />
          </label>
          <label>
            <span className="soft block pb-0.5 text-xs">note</span>
            <input
              className="quiet-field framed"
              maxLength={500}
              value={note}
              onChange={(event) => setNote(event.target.value)}
            />
          </label>
        </div>
        <MoistureFinder onFound={(pct, how) => setMoisture({ pct: Math.round(pct * 100) / 100, how })} />
        <label className="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={usedUp}
            onChange={(event) => setUsedUp(event.target.checked)}
          />
          used up
        </label>
        <ProblemNotice problem={problem} />
        <div className="flex justify-end gap-2">
          {lot && (
            <button type="button" className="btn btn-ghost text-error" onClick={() => remove.mutate(lot.id)}>
              Remove
            </button>
          )}
          <span className="flex-1" />
          <button type="button" className="btn btn-ghost" onClick={onClose}>
            Cancel
          </button>
          <button className="btn btn-primary" disabled={save.isPending}>
            Save the lot
          </button>
        </div>
      </form>
    </Dialog>
  );
}

import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Ingredient, stockQuery, taken } from "../api";
import { useFigures } from "../figures";
import { asSent, type NumberEntry, NumberField, ProblemNotice, StockFields } from "../parts";
import { FIGURES, type FigureField } from "./figureFields";
import { usePantryChange } from "./usePantryChange";
import { useProblem } from "../words";

/** An ingredient's figures, each with the book's value; own ones can be put over them, with where they come from. */
export function IngredientSheet({ ingredient }: { ingredient: Ingredient }) {
  const path = { code: ingredient.code };
  const [source, setSource] = useState("pack says");
  const value = usePantryChange((body: { field: FigureField; value: number | null; source: string | null }) =>
    taken(api.PUT("/api/pantry/ingredients/{code}/values", { params: { path }, body })),
  );
  const price = usePantryChange((body: { amount: number | null; per: string }) =>
    taken(api.PUT("/api/pantry/ingredients/{code}/price", { params: { path }, body })),
  );
  const remove = usePantryChange(() => taken(api.DELETE("/api/pantry/ingredients/{code}", { params: { path } })));
  const stock = useQuery(stockQuery);
  const there = stock.data?.find((each) => each.ingredient === ingredient.code)?.stock;
  const problem = useProblem(value.error ?? price.error ?? remove.error);

  return (
    <div className="bg-base-200 rounded-lg p-4">
      <div className="grid grid-cols-2 gap-x-8 gap-y-1 lg:grid-cols-3 xl:grid-cols-4">
        {FIGURES.map((figure) => {
          const own = ingredient.ownValues.find(({ field }) => field === figure.field);
          const typical = own ? own.book : figure.of(ingredient);
          return (
            <FigureRow
              key={`${figure.field} ${own?.value}`}
              name={figure.name}
              unit={figure.unit}
              decimals={figure.decimals}
              typical={typical ?? null}
              own={own?.value ?? null}
              source={own?.source ?? null}
              onSave={(entered) =>
                value.mutate({ field: figure.field, value: entered, source: entered === null ? null : source })
              }
            />
          );
        })}
      </div>
      <div className="flex flex-wrap items-end gap-4 pt-3">
        <label className="w-56">
          <span className="soft block pb-0.5 text-xs">where your figures come from</span>
          <input
            className="quiet-field framed"
            value={source}
            maxLength={200}
            onChange={(event) => setSource(event.target.value)}
          />
        </label>
        <PriceField
          key={`${ingredient.price?.amount} ${ingredient.price?.per}`}
          ingredient={ingredient}
          onSave={(amount, per) => price.mutate({ amount, per })}
        />
        {ingredient.own && (
          <button className="btn btn-ghost btn-sm text-error" onClick={() => remove.mutate(undefined)}>
            Remove
          </button>
        )}
      </div>
      {stock.data && <StockFields ingredient={ingredient.code} name={ingredient.name} stock={there ?? {}} />}
      <ProblemNotice problem={problem} />
      <p className="soft pt-2 text-xs">
        {[ingredient.pieceName && `A piece: ${ingredient.pieceName}`, ingredient.behaviour?.notes, ingredient.notes]
          .filter(Boolean)
          .join(". ")}
      </p>
    </div>
  );
}

interface FigureRowProps {
  name: string;
  unit: string;
  decimals: number;
  typical: number | null;
  own: number | null;
  source: string | null;
  onSave: (value: number | null) => void;
}

function FigureRow({ name, unit, decimals, typical, own, source, onSave }: FigureRowProps) {
  const figures = useFigures();
  const [entry, setEntry] = useState<NumberEntry>(own);
  const commit = () => entry !== own && onSave(asSent(entry));
  return (
    <div className="flex items-center gap-2">
      <span className="min-w-0 flex-1 leading-tight">
        {name}
        <span className="soft block text-xs" title={source ?? undefined}>
          {typical === null ? "book: none" : `book ${figures.number(typical, decimals)} ${unit}`}
          {source && ` · ${source}`}
        </span>
      </span>
      <span
        onBlur={(event) => {
          if (!event.currentTarget.contains(event.relatedTarget)) {
            commit();
          }
        }}
      >
        <NumberField
          framed
          label={`Own ${name}`}
          className="w-24"
          unit={unit}
          value={entry}
          placeholder={typical === null ? "" : figures.number(typical, decimals)}
          format={(value) => figures.number(value, decimals)}
          onChange={setEntry}
          onKeyDown={(event) => event.key === "Enter" && commit()}
        />
      </span>
    </div>
  );
}

function PriceField({
  ingredient,
  onSave,
}: {
  ingredient: Ingredient;
  onSave: (amount: number | null, per: string) => void;
}) {
  const figures = useFigures();
  const [amount, setAmount] = useState<NumberEntry>(ingredient.price?.amount ?? null);
  const [per, setPer] = useState<string>(ingredient.price?.per ?? "kg");
  return (
    <form
      className="flex items-end gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        onSave(asSent(amount), per);
      }}
    >
      <span>
        <span className="soft block pb-0.5 text-xs">price</span>
        <NumberField
          framed
          label={`Price of ${ingredient.name}`}
          className="w-20"
          value={amount}
          format={(value) => figures.number(value, 2)}
          onChange={setAmount}
        />
      </span>
      <select
        className="quiet-field framed !w-auto"
        aria-label="Price per"
        value={per}
        onChange={(event) => setPer(event.target.value)}
      >
        <option value="kg">per kg</option>
        <option value="l">per litre</option>
      </select>
      <button className="btn btn-sm">Save price</button>
    </form>
  );
}

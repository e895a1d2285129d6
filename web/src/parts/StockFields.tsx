import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Stock, stockQuery, taken } from "../api";
import { useProblem } from "../words";
import { asSent, type NumberEntry } from "./NumberField";
import { Said } from "./Said";
import { MassField } from "./UnitFields";

interface StockFieldsProps {
  ingredient: string;
  name: string;
  stock: Stock;
  /** Each field in a cell of its own, for a row of a table. */
  inRow?: boolean;
}

const WORDS = [
  { field: "shelf", label: "Shelf" },
  { field: "store", label: "Bought at" },
] as const;

/** How much the kitchen has of an ingredient, where it stands, and where it is bought; kept as soon as a field is left. */
export function StockFields({ ingredient, name, stock, inRow = false }: StockFieldsProps) {
  const queries = useQueryClient();
  const [typed, setTyped] = useState<{ grams: NumberEntry; shelf: string; store: string }>({
    grams: stock.inHandGrams ?? null,
    shelf: stock.shelf ?? "",
    store: stock.store ?? "",
  });
  const note = useMutation({
    mutationFn: (body: Stock) =>
      taken(api.PUT("/api/pantry/stock/{ingredient}", { params: { path: { ingredient } }, body })),
    onSuccess: (all) => {
      queries.setQueryData(stockQuery.queryKey, all);
      void queries.invalidateQueries({ queryKey: ["plan", "lists"] });
    },
  });
  const problem = useProblem(note.error);
  const faults = problem?.faults ?? [];
  const faultOf = (field: string) => faults.find((fault) => fault.field === field)?.message ?? null;
  const commit = () => {
    const body = {
      inHandGrams: asSent(typed.grams),
      shelf: typed.shelf.trim() || null,
      store: typed.store.trim() || null,
    };
    const same =
      body.inHandGrams === (stock.inHandGrams ?? null) &&
      body.shelf === (stock.shelf ?? null) &&
      body.store === (stock.store ?? null);
    if (!same) {
      note.mutate(body);
    }
  };
  const cells = [
    <span key="grams" onBlur={commit}>
      <MassField
        label={`In hand of ${name}`}
        className="w-24"
        value={typed.grams}
        placeholder="–"
        error={faultOf("inHandGrams")}
        onChange={(grams) => setTyped({ ...typed, grams })}
        onKeyDown={(event) => event.key === "Enter" && commit()}
      />
      <Said messages={[faultOf("inHandGrams"), problem && faults.length === 0 ? problem.title : null]} />
    </span>,
    ...WORDS.map(({ field, label }) => (
      <div key={field}>
        <input
          className="quiet-field framed w-full min-w-20"
          aria-label={`${label}: ${name}`}
          aria-invalid={faultOf(field) ? true : undefined}
          value={typed[field]}
          onChange={(event) => setTyped({ ...typed, [field]: event.target.value })}
          onBlur={commit}
          onKeyDown={(event) => event.key === "Enter" && commit()}
        />
        <Said messages={[faultOf(field)]} />
      </div>
    )),
  ];
  return inRow ? (
    cells.map((cell, at) => (
      <td key={at} className="py-1 pr-2">
        {cell}
      </td>
    ))
  ) : (
    <div className="flex flex-wrap items-end gap-3 pt-3 text-sm">
      {cells.map((cell, at) => (
        <div key={at} className="w-40">
          <span className="soft block pb-0.5 text-xs">
            {["in hand", ...WORDS.map(({ label }) => label.toLowerCase())][at]}
          </span>
          {cell}
        </div>
      ))}
    </div>
  );
}

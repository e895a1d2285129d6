import { useQuery } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { useState } from "react";
import { type Lot, lotsQuery, type PantryDocument } from "../api";
import { SearchBox } from "../frame";
import { useFigures } from "../figures";
import { found, inOrder, ErrorNotice, type Sort, SortHeading } from "../parts";
import { LotDialog } from "./LotDialog";

const HOW = { typed: "as measured", dried: "by drying", meter: "by meter", "storage-air": "from its air" };

type Column = "name" | "flour" | "milled" | "moisture" | "protein";

const KEYS: Record<Column, (lot: Lot) => string | number> = {
  name: ({ name }) => name.toLowerCase(),
  flour: ({ ingredientName }) => ingredientName,
  milled: ({ milledOn }) => -(milledOn ? Date.parse(milledOn) : 0),
  moisture: ({ moisturePct }) => -(moisturePct ?? 0),
  protein: ({ proteinPct }) => -(proteinPct ?? 0),
};

/** Lots of flour: when milled, how moist, how strong. */
export function Lots({ pantry }: { pantry: PantryDocument }) {
  const figures = useFigures();
  const query = useQuery(lotsQuery);
  const [editing, setEditing] = useState<Lot | "new" | null>(null);
  const [search, setSearch] = useState("");
  const [sort, setSort] = useState<Sort<Column> | null>(null);
  const lots = query.data ?? [];
  const rows = inOrder(
    lots.filter((lot) => found(search, lot.name, lot.ingredientName, lot.note)),
    sort,
    KEYS,
  );
  const heading = (column: Column, label: string, className = "") => (
    <SortHeading column={column} label={label} className={className} sort={sort} onSort={setSort} />
  );
  return (
    <section aria-label="Flour lots">
      <div className="flex items-center gap-4 pb-2">
        {lots.length > 0 && (
          <SearchBox what="the lots" placeholder="lot, flour, note" query={search} onQuery={setSearch} />
        )}
        <p className="soft flex-1 text-sm">
          Choose a lot in a formula’s flour line: its moisture and protein then count, and the change in water is shown.
        </p>
        <button className="btn btn-primary btn-sm gap-1" onClick={() => setEditing("new")}>
          <Plus size={16} aria-hidden /> New lot
        </button>
      </div>
      <ErrorNotice error={query.error} />
      {query.isSuccess && lots.length === 0 ? (
        <p className="soft hairline border-y py-16 text-center">
          No lots yet. Add one when a sack is opened or a batch is milled.
        </p>
      ) : (
        <table className="w-full text-sm">
          <thead>
            <tr className="soft text-left text-xs">
              {heading("name", "Lot")}
              {heading("flour", "flour")}
              {heading("milled", "milled")}
              <th className="w-24 pb-1.5 text-right font-normal">age</th>
              {heading("moisture", "moisture", "w-32 text-right")}
              {heading("protein", "protein", "w-24 text-right")}
              <th className="pb-1.5 pl-6 font-normal">note</th>
              <td />
            </tr>
          </thead>
          <tbody>
            {rows.map((lot) => (
              <tr key={lot.id} className={`hairline border-t ${lot.usedUp ? "soft" : ""}`}>
                <td className="font-display py-1.5 text-base">{lot.name}</td>
                <td>{lot.ingredientName}</td>
                <td>{lot.milledOn ? figures.date(lot.milledOn) : <span className="soft">not known</span>}</td>
                <td className="text-right">
                  {lot.ageDays == null ? "" : `${lot.ageDays} ${lot.ageDays === 1 ? "day" : "days"}`}
                </td>
                <td className="text-right">
                  {lot.moisturePct == null ? (
                    <span className="soft">{figures.percent(pantry.usual.flourMoisturePct)} assumed</span>
                  ) : (
                    figures.percent(lot.moisturePct)
                  )}
                  {lot.moistureHow && <span className="soft block text-xs">{HOW[lot.moistureHow]}</span>}
                </td>
                <td className="text-right">{lot.proteinPct == null ? "" : figures.percent(lot.proteinPct)}</td>
                <td className="soft pl-6">{lot.usedUp ? "used up" : lot.note}</td>
                <td className="text-right">
                  <button
                    className="btn btn-ghost btn-xs"
                    aria-label={`Change ${lot.name}`}
                    onClick={() => setEditing(lot)}
                  >
                    Change
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {lots.length > 0 && rows.length === 0 && <p className="soft py-12 text-center">No lot matches “{search}”.</p>}
      {editing && (
        <LotDialog lot={editing === "new" ? null : editing} pantry={pantry} onClose={() => setEditing(null)} />
      )}
    </section>
  );
}

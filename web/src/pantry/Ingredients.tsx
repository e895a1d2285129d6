import { Plus } from "lucide-react";
import { Fragment, useMemo, useState } from "react";
import type { Ingredient, PantryDocument } from "../api";
import { SearchBox, useCommands } from "../frame";
import { useFigures } from "../figures";
import { CsvExchange, found, Hint, inOrder, type Sort, SortHeading, Swatch } from "../parts";
import { IngredientSheet } from "./IngredientSheet";
import { OwnIngredientDialog } from "./OwnIngredientDialog";
import { groupWords } from "../words";

type Column = "name" | "water" | "protein" | "absorption";

const ROLES: { code: Ingredient["role"] | "own"; name: string }[] = [
  { code: "flour", name: "flours" },
  { code: "inclusion", name: "inclusions" },
  { code: "dry-addition", name: "dry additions" },
  { code: "fat", name: "fats" },
  { code: "dairy", name: "dairy" },
  { code: "own", name: "our own" },
];

const KEYS: Record<Column, (each: Ingredient) => string | number> = {
  name: ({ name }) => name.toLowerCase(),
  water: ({ composition }) => -composition.waterPct,
  protein: ({ composition }) => -composition.proteinPct,
  absorption: ({ behaviour }) => -(behaviour?.absorptionPct ?? -1),
};

/** All ingredients with their typical values and the kitchen's own over them. */
export function Ingredients({ pantry }: { pantry: PantryDocument }) {
  const figures = useFigures();
  const [query, setQuery] = useState("");
  const [role, setRole] = useState<string | null>(null);
  const [sort, setSort] = useState<Sort<Column> | null>(null);
  const [open, setOpen] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const rows = useMemo(() => shown(pantry.ingredients, query, role, sort), [pantry, query, role, sort]);
  useCommands([{ name: "New ingredient", keys: "n", run: () => setAdding(true) }]);
  const heading = (column: Column, label: string, className = "") => (
    <SortHeading column={column} label={label} className={className} sort={sort} onSort={setSort} />
  );

  return (
    <section aria-label="Ingredients">
      <div className="flex flex-wrap items-center gap-3 pb-3">
        <SearchBox what="the pantry" placeholder="name, group, allergen" query={query} onQuery={setQuery} />
        <div className="join" role="group" aria-label="Show by kind">
          {[{ code: null, name: "all" }, ...ROLES].map(({ code, name }) => (
            <button
              key={name}
              className={`join-item btn btn-sm font-normal ${role === code ? "btn-neutral" : ""}`}
              aria-pressed={role === code}
              onClick={() => setRole(code)}
            >
              {name}
            </button>
          ))}
        </div>
        <span className="flex-1" />
        <CsvExchange what="pantry" />
        <button className="btn btn-primary btn-sm gap-1" onClick={() => setAdding(true)}>
          <Plus size={16} aria-hidden /> New ingredient
        </button>
      </div>
      <p className="soft pb-2 text-xs">
        Figures are typical values of the book
        <Hint term="typical" />; open an ingredient to put your own over them.
      </p>
      <table className="w-full text-sm">
        <thead>
          <tr className="soft text-left text-xs">
            {heading("name", "Ingredient", "pl-8")}
            <th className="pb-1 font-normal">group</th>
            {heading("water", "water", "text-right")}
            {heading("protein", "protein", "text-right")}
            {heading("absorption", "drinks", "text-right")}
            <th className="pb-1 text-right font-normal">g/ml</th>
            <th className="pb-1 pl-6 font-normal">allergens</th>
            <th className="pb-1 text-right font-normal">price</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((each) => (
            <Fragment key={each.code}>
              <tr className="hairline border-t" data-ingredient={each.code}>
                <td>
                  <button
                    className="flex w-full items-center gap-2 py-1 text-left"
                    aria-expanded={open === each.code}
                    onClick={() => setOpen(open === each.code ? null : each.code)}
                  >
                    <Swatch material={each.material} size={20} />
                    <span className="min-w-0">
                      {each.name}
                      {each.own && <span className="soft"> · our own</span>}
                      {each.ownValues.length > 0 && <span className="text-primary"> · own figures</span>}
                    </span>
                  </button>
                </td>
                <td className="soft">{groupWords(each.group)}</td>
                <td className="text-right">{figures.percent(each.composition.waterPct)}</td>
                <td className="text-right">{figures.percent(each.composition.proteinPct)}</td>
                <td className="text-right">{each.behaviour ? figures.percent(each.behaviour.absorptionPct) : ""}</td>
                <td className="text-right">{figures.number(each.bulkDensityGPerMl, 2)}</td>
                <td className="soft pl-6">{each.allergens.join(", ")}</td>
                <td className="text-right">
                  {each.price ? `${figures.number(each.price.amount, 2)} / ${each.price.per}` : ""}
                </td>
              </tr>
              {open === each.code && (
                <tr>
                  <td colSpan={8} className="pb-3">
                    <IngredientSheet ingredient={each} />
                  </td>
                </tr>
              )}
            </Fragment>
          ))}
        </tbody>
      </table>
      {rows.length === 0 && (
        <p className="soft py-12 text-center">Nothing in the pantry matches. Add it as an ingredient of your own.</p>
      )}
      {adding && <OwnIngredientDialog pantry={pantry} onClose={() => setAdding(false)} />}
    </section>
  );
}

function shown(all: Ingredient[], query: string, role: string | null, sort: Sort<Column> | null): Ingredient[] {
  const matching = all.filter(
    (each) =>
      (role === null || (role === "own" ? each.own || each.ownValues.length > 0 : each.role === role)) &&
      found(query, each.name, each.code, groupWords(each.group), ...each.allergens),
  );
  return inOrder(matching, sort, KEYS);
}

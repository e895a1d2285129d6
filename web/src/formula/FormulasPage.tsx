import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { formulasQuery, kitchenQuery } from "../api";
import { SearchBox, useCommands } from "../frame";
import { ErrorNotice, MoreRows, type Sort, SortHeading, useQuiet } from "../parts";
import { Bin } from "./Bin";
import { Drafts } from "./Drafts";
import { beginNewFormula } from "./draftStorage";
import { FormulaFiles } from "./FormulaFiles";
import { FormulaListRow } from "./FormulaListRow";
import { type FormulaState, STATES } from "./states";

type Column = "name" | "style" | "flour" | "inclusion" | "hydration" | "state" | "saved";

const COLUMNS: { column: Column; label: string; className: string }[] = [
  { column: "name", label: "Formula", className: "" },
  { column: "style", label: "Style", className: "w-[11%]" },
  { column: "flour", label: "Flour", className: "w-[26%]" },
  { column: "inclusion", label: "Inclusion", className: "w-[15%]" },
  { column: "hydration", label: "Hydration", className: "w-[12%] pr-8 text-right" },
  { column: "state", label: "State", className: "w-[9%]" },
];

/** The kitchen's formulas: searched, sorted and paged by the server. */
export function FormulasPage() {
  const kitchen = useQuery(kitchenQuery).data;
  const navigate = useNavigate();
  const [query, setQuery] = useState("");
  const [state, setState] = useState<FormulaState | null>(null);
  const [sort, setSort] = useState<Sort<Column>>({ column: "saved", down: true });
  const search = useQuiet(query.trim());
  const list = useInfiniteQuery(
    formulasQuery({ search, state: state ?? undefined, sort: sort.column, down: sort.down }),
  );
  const rows = list.data?.pages.flatMap((page) => page.rows) ?? [];
  const total = list.data?.pages[0]?.total ?? null;
  const narrowed = search !== "" || state !== null;

  const begin = (station: string) => {
    beginNewFormula();
    void navigate(`/formulas/new/${station}`);
  };
  useCommands([{ name: "New formula", keys: "n", run: () => begin("intake") }]);

  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-7 pb-16">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-3 pb-5">
        <div className="flex-1">
          <h1 className="text-[2.1rem] leading-tight">Formulas</h1>
          <p className="soft text-sm">{kitchen?.name}</p>
        </div>
        <div className="join" role="group" aria-label="Show by state">
          {[null, ...STATES.map(({ code }) => code)].map((code) => (
            <button
              key={code ?? "all"}
              className={`join-item btn btn-sm font-normal ${state === code ? "btn-neutral" : ""}`}
              aria-pressed={state === code}
              onClick={() => setState(code)}
            >
              {STATES.find((each) => each.code === code)?.name ?? "all"}
            </button>
          ))}
        </div>
        <SearchBox what="the formulas" placeholder="name, flour, vegetable, style" query={query} onQuery={setQuery} />
        <FormulaFiles
          shown={narrowed ? rows.map(({ id }) => id) : []}
          any={total !== null && (total > 0 || narrowed)}
        />
        <Link className="btn btn-sm" to="/formulas/order">
          An order
        </Link>
        <button className="btn btn-primary btn-sm gap-1" onClick={() => begin("intake")}>
          <Plus size={16} aria-hidden /> New formula
        </button>
      </div>
      <Drafts />
      <ErrorNotice error={list.error} retry={() => void list.refetch()} />
      {list.isPending && <p className="soft py-16 text-center">Loading the formulas…</p>}
      {total === 0 && !narrowed && <EmptyKitchen onBegin={() => begin("balance")} />}
      {rows.length > 0 && (
        <table
          className="w-full table-fixed border-collapse"
          data-testid="formulas"
          data-current={!list.isPlaceholderData}
        >
          <thead>
            <tr className="soft text-left text-xs">
              {COLUMNS.map(({ column, label, className }) => (
                <SortHeading key={column} {...{ column, label, className, sort }} onSort={setSort} />
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <FormulaListRow key={row.id} row={row} />
            ))}
          </tbody>
        </table>
      )}
      <MoreRows shown={rows.length} total={total} list={list} />
      {total === 0 && narrowed && (
        <p className="soft py-14 text-center">
          No formula matches{search && ` “${search}”`}.{" "}
          <button
            className="link"
            onClick={() => {
              setQuery("");
              setState(null);
            }}
          >
            Show all
          </button>
        </p>
      )}
      <Bin />
    </main>
  );
}

function EmptyKitchen({ onBegin }: { onBegin: () => void }) {
  return (
    <div className="mx-auto max-w-md py-20 text-center">
      <h2 className="text-2xl">No formula yet</h2>
      <p className="soft py-3">
        Put a dough that works into the bowl, swap part of its flour or add a vegetable, and read how much water it
        needs now.
      </p>
      <button className="btn btn-primary" onClick={onBegin}>
        Create the first formula
      </button>
    </div>
  );
}

import { useInfiniteQuery, useQueryClient } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { useState } from "react";
import { formulasQuery } from "../api";
import { useQuiet } from "../parts";

const MATCHES = 8;

const matching = (search: string) => formulasQuery({ search, sort: "name", limit: MATCHES });

interface FormulaFinderProps {
  label: string;
  onFound: (formula: number, name: string) => void;
}

/** Looks a formula up by its name, flour, vegetable or style. */
export function FormulaFinder({ label, onFound }: FormulaFinderProps) {
  const queries = useQueryClient();
  const [query, setQuery] = useState("");
  const search = useQuiet(query.trim());
  const list = useInfiniteQuery({ ...matching(search), enabled: search !== "" });
  const rows = search === "" ? [] : (list.data?.pages[0]?.rows ?? []);
  const take = (formula: number, name: string) => {
    onFound(formula, name);
    setQuery("");
  };
  /** Takes the first that is found, once the answer to what is typed is there; not when something else is typed by then. */
  const takeFirst = async (input: HTMLInputElement) => {
    const typed = input.value.trim();
    const found = await queries.fetchInfiniteQuery(matching(typed));
    const first = found.pages[0]?.rows[0];
    if (first && input.value.trim() === typed) {
      take(first.id, first.name);
    }
  };
  return (
    <div className="hairline border-t pt-2">
      <input
        className="quiet-field framed"
        aria-label={label}
        placeholder={`${label.toLowerCase()}: name, flour, vegetable, style`}
        value={query}
        onChange={(event) => setQuery(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === "Enter") {
            event.preventDefault();
            if (query.trim() !== "") {
              // What goes wrong is said of the search itself.
              void takeFirst(event.currentTarget).catch(() => undefined);
            }
          }
        }}
      />
      <ul className="pt-1">
        {rows.map(({ id, name }) => (
          <li key={id}>
            <button type="button" className="btn btn-ghost btn-sm gap-1 font-normal" onClick={() => take(id, name)}>
              <Plus size={14} aria-hidden /> {name}
            </button>
          </li>
        ))}
      </ul>
      {search !== "" && list.isSuccess && rows.length === 0 && <p className="soft text-sm">No formula matches.</p>}
    </div>
  );
}

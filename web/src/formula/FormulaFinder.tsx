import { useInfiniteQuery } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { useState } from "react";
import { formulasQuery } from "../api";
import { useQuiet } from "../parts";

const MATCHES = 8;

interface FormulaFinderProps {
  label: string;
  onFound: (formula: number, name: string) => void;
}

/** Looks a formula up by its name, flour, vegetable or style. */
export function FormulaFinder({ label, onFound }: FormulaFinderProps) {
  const [query, setQuery] = useState("");
  const search = useQuiet(query.trim());
  const list = useInfiniteQuery({ ...formulasQuery({ search, sort: "name", limit: MATCHES }), enabled: search !== "" });
  const rows = search === "" ? [] : (list.data?.pages[0]?.rows ?? []);
  return (
    <div className="hairline border-t pt-2">
      <input
        className="quiet-field framed"
        aria-label={label}
        placeholder={`${label.toLowerCase()}: name, flour, vegetable, style`}
        value={query}
        onChange={(event) => setQuery(event.target.value)}
      />
      <ul className="pt-1">
        {rows.map(({ id, name }) => (
          <li key={id}>
            <button
              type="button"
              className="btn btn-ghost btn-sm gap-1 font-normal"
              onClick={() => {
                onFound(id, name);
                setQuery("");
              }}
            >
              <Plus size={14} aria-hidden /> {name}
            </button>
          </li>
        ))}
      </ul>
      {search !== "" && list.isSuccess && rows.length === 0 && <p className="soft text-sm">No formula matches.</p>}
    </div>
  );
}

import { Search } from "lucide-react";
import { useRef } from "react";
import { useCommands } from "./commandRegistry";

interface SearchBoxProps {
  /** What is searched, for the label and the command: "the pantry". */
  what: string;
  placeholder: string;
  query: string;
  onQuery: (query: string) => void;
}

/** The search of a table; "/" goes to it. */
export function SearchBox({ what, placeholder, query, onQuery }: SearchBoxProps) {
  const input = useRef<HTMLInputElement>(null);
  useCommands([{ name: `Search ${what}`, keys: "/", run: () => input.current?.focus() }]);
  return (
    <label className="hairline bg-base-100 focus-within:border-primary flex h-8 w-64 items-center gap-2 rounded-md border px-2.5">
      <Search size={15} aria-hidden className="soft" />
      <input
        ref={input}
        type="search"
        aria-label={`Search ${what}`}
        className="w-full bg-transparent text-sm outline-none"
        placeholder={placeholder}
        value={query}
        onChange={(event) => onQuery(event.target.value)}
      />
      <kbd className="soft text-xs">/</kbd>
    </label>
  );
}

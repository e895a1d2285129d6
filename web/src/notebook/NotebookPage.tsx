import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { X } from "lucide-react";
import { useEffect, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { api, filtersQuery, notebookQuery, type NotebookPage as Page, pantryQuery, tagsQuery, taken } from "../api";
import { useFigures } from "../figures";
import { SearchBox, useCommands } from "../frame";
import { CsvExchange, ErrorNotice, ErrorText, IconButton, MoreRows, SortHeading, useQuiet } from "../parts";
import { addressOf, type Filter, filterOf, filtersOfBefore, forgetFiltersOfBefore } from "./filter";
import { batchKey, compareAddress, MOST_COMPARED } from "./items";
import { VERDICTS } from "./verdicts";

type Column = "started" | "name";

/** Every batch that was made: searched, filtered, sorted and paged by the server. */
export function NotebookPage() {
  const [search, setSearch] = useSearchParams();
  const filter = filterOf(search);
  const [query, setQuery] = useState(filter.search ?? "");
  const words = useQuiet(query.trim());
  const list = useInfiniteQuery(notebookQuery({ ...filter, search: words || undefined }));
  const rows = list.data?.pages.flatMap((page) => page.rows) ?? [];
  const total = list.data?.pages[0]?.total ?? null;
  const narrowed = words !== "" || Object.keys(filter).length > 0;
  const change = (more: Filter) => {
    const now = filterOf(new URLSearchParams(window.location.search));
    setSearch(addressOf({ ...now, search: query.trim(), ...more }), { replace: true });
  };
  const [ticked, setTicked] = useState<number[]>([]);
  const tick = (id: number) =>
    setTicked((before) => (before.includes(id) ? before.filter((each) => each !== id) : [...before, id]));
  const navigate = useNavigate();
  useCommands([{ name: "Scorecard", run: () => void navigate("/notebook/scorecard") }]);
  const sort = { column: (filter.sort ?? "started") as Column, down: filter.down ?? true };

  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-7 pb-16">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-3 pb-4">
        <div className="flex-1">
          <h1 className="text-[2.1rem] leading-tight">Notebook</h1>
          <p className="soft text-sm">What was made, how it came out, and what the next one shall change.</p>
        </div>
        <div className="join" role="group" aria-label="Show by how it came out">
          {[undefined, ...VERDICTS.map(({ code }) => code), "none"].map((code) => (
            <button
              key={code ?? "all"}
              className={`join-item btn btn-sm font-normal ${filter.verdict === code ? "btn-neutral" : ""}`}
              aria-pressed={filter.verdict === code}
              onClick={() => change({ verdict: code })}
            >
              {code === undefined ? "all" : (VERDICTS.find((each) => each.code === code)?.short ?? "not said")}
            </button>
          ))}
        </div>
        <CsvExchange what="batches" />
        <Link className="btn btn-sm" to="/notebook/scorecard">
          Scorecard
        </Link>
        <SearchBox what="the notebook" placeholder="name, flour, note, tag" query={query} onQuery={setQuery} />
      </div>
      <Narrow filter={filter} onChange={change} />
      {ticked.length > 0 && <Ticked ticked={ticked} onNone={() => setTicked([])} />}
      <Saved
        address={addressOf({ ...filter, search: words }).toString()}
        onOpen={(address) => {
          const opened = new URLSearchParams(address);
          setQuery(opened.get("search") ?? "");
          setSearch(opened, { replace: true });
        }}
      />
      <ErrorNotice error={list.error} retry={() => void list.refetch()} />
      {list.isPending && <p className="soft py-16 text-center">Opening the notebook…</p>}
      {rows.length > 0 && (
        <table
          className="w-full table-fixed border-collapse"
          data-testid="notebook"
          data-current={!list.isPlaceholderData}
        >
          <thead>
            <tr className="soft text-left text-xs">
              <th className="w-8 pb-1.5">
                <span className="sr-only">Compare</span>
              </th>
              <SortHeading
                column="started"
                label="Begun"
                className="w-[15%]"
                sort={sort}
                onSort={({ column, down }) => change({ sort: column, down })}
              />
              <SortHeading
                column="name"
                label="Formula"
                sort={sort}
                onSort={({ column, down }) => change({ sort: column, down })}
              />
              <th className="w-[8%] pb-1.5 font-normal">Version</th>
              <th className="w-[14%] pb-1.5 font-normal">Came out</th>
              <th className="w-[32%] pb-1.5 font-normal">Said about it</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <Row
                key={row.id}
                row={row}
                ticked={ticked.includes(row.id)}
                full={ticked.length >= MOST_COMPARED}
                onTick={() => tick(row.id)}
              />
            ))}
          </tbody>
        </table>
      )}
      <MoreRows shown={rows.length} total={total} list={list} />
      {total === 0 && !narrowed && (
        <div className="mx-auto max-w-md py-20 text-center">
          <h2 className="text-2xl">Nothing was made yet</h2>
          <p className="soft py-3">What is made at the bench stands here, with how it felt, rolled and came out.</p>
          <Link className="btn btn-primary" to="/bench">
            To the bench
          </Link>
        </div>
      )}
      {total === 0 && narrowed && (
        <p className="soft py-14 text-center">
          No batch matches.{" "}
          <button
            className="link"
            onClick={() => {
              setQuery("");
              setSearch({}, { replace: true });
            }}
          >
            Show all
          </button>
        </p>
      )}
    </main>
  );
}

/** What is ticked to be compared. */
function Ticked({ ticked, onNone }: { ticked: number[]; onNone: () => void }) {
  return (
    <p className="flex items-center gap-3 pb-3 text-sm" data-testid="ticked">
      {ticked.length === 1 ? "1 batch ticked. Tick one more to compare them." : `${ticked.length} batches ticked.`}
      {ticked.length > 1 && (
        <Link className="btn btn-primary btn-sm" to={compareAddress(ticked.map(batchKey))}>
          Compare them
        </Link>
      )}
      <button className="btn btn-ghost btn-sm" onClick={onNone}>
        Untick all
      </button>
    </p>
  );
}

function Row({
  row,
  ticked,
  full,
  onTick,
}: {
  row: Page["rows"][number];
  ticked: boolean;
  full: boolean;
  onTick: () => void;
}) {
  const figures = useFigures();
  const verdict = VERDICTS.find(({ code }) => code === row.verdict);
  return (
    <tr className="hairline border-t align-baseline">
      <td>
        <input
          type="checkbox"
          className="checkbox checkbox-sm relative -top-0.5"
          aria-label={`Compare ${row.name}, ${figures.moment(row.startedAt)}`}
          checked={ticked}
          disabled={full && !ticked}
          onChange={onTick}
        />
      </td>
      <td className="py-1.5 text-sm tabular-nums">{figures.moment(row.startedAt)}</td>
      <td className="pr-3">
        <Link className="link-hover font-semibold" to={`/notebook/${row.id}`}>
          {row.name}
        </Link>
        {row.factor !== 1 && <span className="soft"> × {figures.number(row.factor, 2)}</span>}
        {row.practice && <span className="soft"> (practice)</span>}
        {row.tags.map((tag) => (
          <span key={tag} className="badge badge-sm ml-1">
            {tag}
          </span>
        ))}
      </td>
      <td className="text-sm">{row.version}</td>
      <td className="text-sm">
        {verdict ? `${verdict.mark} ${verdict.short}` : row.finishedAt ? "not said" : "being made"}
      </td>
      <td className="soft truncate text-sm">{row.said}</td>
    </tr>
  );
}

function Narrow({ filter, onChange }: { filter: Filter; onChange: (more: Filter) => void }) {
  const pantry = useQuery(pantryQuery);
  const tags = useQuery(tagsQuery);
  const flours = pantry.data?.ingredients.filter(({ role }) => role === "flour") ?? [];
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 pb-3 text-sm">
      <label className="flex items-center gap-2">
        <span className="soft">Flour</span>
        <select
          className="quiet-field framed !w-56"
          value={filter.ingredient ?? ""}
          onChange={(event) => onChange({ ingredient: event.target.value })}
        >
          <option value="">any</option>
          {flours.map(({ code, name }) => (
            <option key={code} value={code}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <label className="flex items-center gap-2">
        <span className="soft">Tag</span>
        <select
          className="quiet-field framed !w-36"
          value={filter.tag ?? ""}
          onChange={(event) => onChange({ tag: event.target.value })}
        >
          <option value="">any</option>
          {tags.data?.map((tag) => (
            <option key={tag} value={tag}>
              {tag}
            </option>
          ))}
        </select>
      </label>
      {(["from", "to"] as const).map((field) => (
        <label key={field} className="flex items-center gap-2">
          <span className="soft">{field === "from" ? "From" : "to"}</span>
          <input
            type="date"
            className="quiet-field framed !w-40"
            aria-label={field === "from" ? "From day" : "To day"}
            value={filter[field] ?? ""}
            onChange={(event) => onChange({ [field]: event.target.value })}
          />
        </label>
      ))}
    </div>
  );
}

/** Filters by name, kept with the kitchen. */
function Saved({ address, onOpen }: { address: string; onOpen: (address: string) => void }) {
  const queries = useQueryClient();
  const saved = useQuery(filtersQuery).data ?? [];
  const [name, setName] = useState("");
  const known = { onSuccess: (filters: typeof saved) => queries.setQueryData(filtersQuery.queryKey, filters) };
  const { mutate: keep, error } = useMutation({
    mutationFn: (filter: { name: string; address: string }) =>
      taken(api.PUT("/api/notebook/filters", { body: filter })),
    ...known,
  });
  const forget = useMutation({
    mutationFn: (gone: string) => taken(api.DELETE("/api/notebook/filters", { params: { query: { name: gone } } })),
    ...known,
  });
  // A callback of its own is called for the last one only: then all are kept.
  useEffect(
    () => filtersOfBefore().forEach((filter) => keep(filter, { onSuccess: () => forgetFiltersOfBefore() })),
    [keep],
  );
  if (saved.length === 0 && address === "") {
    return null;
  }
  return (
    <div className="flex flex-wrap items-center gap-2 pb-3 text-sm" data-testid="saved-filters">
      {saved.map((each) => (
        <span key={each.name} className="hairline flex items-center rounded-full border pl-3">
          <button aria-pressed={each.address === address} className="py-1" onClick={() => onOpen(each.address ?? "")}>
            {each.name}
          </button>
          <IconButton label={`Forget ${each.name}`} onClick={() => forget.mutate(each.name ?? "")}>
            <X size={13} aria-hidden />
          </IconButton>
        </span>
      ))}
      {address !== "" && (
        <form
          className="flex items-center gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            keep({ name: name.trim(), address }, { onSuccess: () => setName("") });
          }}
        >
          <input
            className="quiet-field framed !w-44"
            aria-label="Name for this filter"
            placeholder="keep this filter as…"
            maxLength={40}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <button className="btn btn-sm" disabled={name.trim() === ""}>
            Keep
          </button>
        </form>
      )}
      <ErrorText error={error ?? forget.error} />
    </div>
  );
}

import { useInfiniteQuery, useMutation, useQueryClient } from "@tanstack/react-query";
import { X } from "lucide-react";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, type DayPage, daysQuery, newUuid, type SavedDay, taken } from "../api";
import { useFigures } from "../figures";
import { SearchBox } from "../frame";
import { ErrorNotice, ErrorText, IconButton, MoreRows, type Sort, SortHeading, useNotices, useQuiet } from "../parts";
import { clockWords } from "../words";
import { Feed } from "./Feed";

type Row = DayPage["rows"][number];
type Column = "day" | "name";

/** Every day that is kept: searched, sorted and paged by the server. */
export function SavedDaysPage() {
  const [query, setQuery] = useState("");
  const [sort, setSort] = useState<Sort<Column>>({ column: "day", down: true });
  const words = useQuiet(query.trim());
  const list = useInfiniteQuery(daysQuery({ search: words || undefined, sort: sort.column, down: sort.down }));
  const rows = list.data?.pages.flatMap((page) => page.rows) ?? [];
  const total = list.data?.pages[0]?.total ?? null;
  const { remove, error } = useRemoval();
  return (
    <main className="mx-auto max-w-[60rem] px-6 pt-7 pb-16">
      <div className="flex flex-wrap items-end gap-x-4 gap-y-3 pb-4">
        <div className="flex-1">
          <h1 className="text-[2.1rem] leading-tight">Saved days</h1>
          <p className="soft text-sm">
            What was planned, to be planned again or run.{" "}
            <Link className="link" to="/plan">
              Back to the plan
            </Link>
          </p>
        </div>
        <SearchBox what="saved days" placeholder="name" query={query} onQuery={setQuery} />
      </div>
      <ErrorNotice error={list.error} retry={() => void list.refetch()} />
      <ErrorText error={error} />
      {list.isPending && <p className="soft py-16 text-center">Fetching the days…</p>}
      {rows.length > 0 && (
        <table className="w-full table-fixed" data-testid="days" data-current={!list.isPlaceholderData}>
          <thead>
            <tr className="soft text-left text-xs">
              <SortHeading column="day" label="Day" className="w-[18%]" sort={sort} onSort={setSort} />
              <SortHeading column="name" label="Name" sort={sort} onSort={setSort} />
              <th className="w-[15%] pb-1.5 font-normal">Work begins</th>
              <th className="w-[11%] pb-1.5 font-normal">Servings</th>
              <th className="w-[11%] pb-1.5 font-normal">People</th>
              <th className="w-[16%] pb-1.5 font-normal">
                <span className="sr-only">Run or delete</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <DayRow key={row.id} row={row} onRemove={() => remove(row)} />
            ))}
          </tbody>
        </table>
      )}
      <MoreRows shown={rows.length} total={total} list={list} />
      {total === 0 && (
        <p className="soft py-14 text-center">
          {words === "" ? "No day was saved yet: plan one, give it a name, and save it." : "No day of this name."}
        </p>
      )}
      <Feed />
    </main>
  );
}

function DayRow({ row, onRemove }: { row: Row; onRemove: () => void }) {
  const figures = useFigures();
  return (
    <tr className="hairline border-t">
      <td className="py-2 tabular-nums">{figures.date(row.day)}</td>
      <td>
        <Link className="link link-hover font-semibold" to={`/plan?day=${row.id}`}>
          {row.name}
        </Link>
      </td>
      <td className="tabular-nums">
        {row.begins === null || row.begins === undefined ? <span className="soft">–</span> : clockWords(row.begins)}
      </td>
      <td className="tabular-nums">{row.servings}</td>
      <td className="tabular-nums">{row.workers}</td>
      <td>
        <span className="flex items-center justify-end gap-2">
          {row.running ? (
            <Link className="btn btn-xs btn-primary" to={`/plan/days/${row.id}`}>
              It runs
            </Link>
          ) : (
            <IconButton label={`Delete ${row.name}`} onClick={onRemove}>
              <X size={14} aria-hidden />
            </IconButton>
          )}
        </span>
      </td>
    </tr>
  );
}

/** Deletes days; for a while what was deleted can be kept again. */
function useRemoval() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const notify = useNotices();
  const again = () => queries.invalidateQueries({ queryKey: ["days", "list"] });
  const restore = useMutation({
    mutationFn: ({ name, day, spec }: SavedDay) =>
      taken(api.POST("/api/days", { body: { key: newUuid(), name, day, spec } })),
    onSuccess: again,
  });
  const removal = useMutation({
    mutationFn: async ({ id }: Row) => {
      const path = { id };
      const before = await taken(api.GET("/api/days/{id}", { params: { path } }));
      await taken(api.DELETE("/api/days/{id}", { params: { path } }));
      return before;
    },
    onSuccess: async (before) => {
      notify(`“${before.name}” was deleted.`, () => {
        restore.mutate(before);
        void navigate("/plan/days");
      });
      await again();
    },
  });
  return { remove: removal.mutate, error: removal.error ?? restore.error };
}

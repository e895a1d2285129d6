import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, type NotebookBatch, notebookBatchQuery, pantryQuery, taken } from "../api";
import { entryWords, Photos, WindowChart } from "../bench";
import { useFigures } from "../figures";
import { ErrorNotice, ErrorText, Said } from "../parts";
import { madeAsWords, outcomeName } from "../words";
import { batchKey, compareAddress } from "./items";
import { Pieces, PlannedAndMade } from "./Made";
import { Tastings } from "./Tastings";
import { useNotes } from "./useNotes";
import { Verdict } from "./Verdict";

/** A batch that was made: planned against made, its feel and window, pieces, tastings, verdict and what is next. */
export function NotebookBatchPage() {
  const id = Number(useParams().id);
  const query = useQuery(notebookBatchQuery(id));
  if (!query.data) {
    return (
      <main className="px-6 py-16">
        {query.error ? (
          <ErrorNotice error={query.error} retry={() => void query.refetch()} />
        ) : (
          <p className="soft text-center">Opening the batch…</p>
        )}
      </main>
    );
  }
  return <Opened key={id} batch={query.data} />;
}

function Opened({ batch }: { batch: NotebookBatch }) {
  const figures = useFigures();
  const { bench } = batch;
  const made = bench.batch;
  const notes = useNotes(made.id, bench.clock.now);
  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-6 pb-16" data-testid="notebook-batch">
      <p className="soft text-sm">
        <Link className="link" to="/notebook">
          Notebook
        </Link>{" "}
        · {figures.moment(made.startedAt)} ·{" "}
        <Link className="link" to={`/formulas/${made.formula}/balance?version=${made.version}`}>
          version {made.version}
        </Link>{" "}
        ·{" "}
        <Link className="link" to={`/notebook/formulas/${made.formula}`}>
          version tree
        </Link>
        {made.factor !== 1 && ` · ${figures.number(made.factor, 2)} times`}
        {madeAsWords(made, figures).map((words) => ` · ${words}`)}
        {made.practice && " · practice"}
        {made.finishedAt == null && (
          <>
            {" "}
            ·{" "}
            <Link className="link" to={`/bench/${made.id}`}>
              being made
            </Link>
          </>
        )}
      </p>
      <h1 className="text-[2.1rem] leading-tight">{bench.name}</h1>
      {notes.problem && (
        <Said messages={notes.problem.faults?.map(({ message }) => message) ?? [notes.problem.detail]} />
      )}
      <div className="grid grid-cols-2 gap-x-12">
        <div>
          <Verdict key={batch.said} batch={batch} notes={notes} />
          <Tastings batch={batch} notes={notes} />
          <p className="soft pt-1 text-sm">
            {batch.softHours == null
              ? "Meant to be eaten hot or crisp, not to stay soft."
              : `Expected to stay soft for about ${figures.number(batch.softHours, batch.softHours < 10 ? 1 : 0)} h.`}
          </p>
          <h2 className="section-title pt-6">Photographs</h2>
          <Photos batch={made.id} photos={bench.photos} />
          <Pieces batch={batch} />
        </div>
        <div>
          <PlannedAndMade batch={batch} />
          <section aria-label="Feel and window" className="pt-4">
            <h2 className="section-title">Feel and window</h2>
            <div className="max-w-md">
              <WindowChart answer={bench} minute={null} />
            </div>
            {bench.run.felt.length === 0 && <p className="soft text-sm">Nobody noted how it felt.</p>}
          </section>
          <Record batch={batch} />
        </div>
      </div>
      <Others batch={batch} />
      <DeleteIt id={made.id} />
    </main>
  );
}

/** Everything as it was noted. */
function Record({ batch: { bench } }: { batch: NotebookBatch }) {
  const figures = useFigures();
  const pantry = useQuery(pantryQuery);
  const name = (code: string) => pantry.data?.ingredients.find((each) => each.code === code)?.name ?? code;
  return (
    <details className="pt-4">
      <summary className="cursor-pointer">Everything as it was noted ({bench.entries.length})</summary>
      <ul className="text-sm" data-testid="record">
        {bench.entries.map(({ entry, undoneAt }) => (
          <li key={entry.key} className={`hairline border-t py-0.5 ${undoneAt ? "soft line-through" : ""}`}>
            <span className="soft pr-3 tabular-nums">{figures.moment(entry.at)}</span>
            {entryWords(entry, figures, name)}
          </li>
        ))}
      </ul>
    </details>
  );
}

/** Other batches of the formula, each to be laid beside this one. */
function Others({ batch: { bench, others } }: { batch: NotebookBatch }) {
  const figures = useFigures();
  if (others.length === 0) {
    return null;
  }
  return (
    <section aria-label="Other batches" className="pt-6">
      <h2 className="section-title">Other batches of this formula</h2>
      <ul className="max-w-xl text-sm" data-testid="other-batches">
        {others.map(({ id, version, startedAt, verdict }) => (
          <li key={id} className="hairline flex gap-4 border-t py-1">
            <Link className="link-hover flex-1" to={`/notebook/${id}`}>
              {figures.moment(startedAt)}, version {version}
            </Link>
            <span>{verdict ? outcomeName("verdict", verdict) : "not said"}</span>
            <Link
              className="link"
              aria-label={`Compare with ${figures.moment(startedAt)}`}
              to={compareAddress([batchKey(id), batchKey(bench.batch.id)])}
            >
              Compare
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function DeleteIt({ id }: { id: number }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [asking, setAsking] = useState(false);
  const remove = useMutation({
    mutationFn: () => taken(api.DELETE("/api/batches/{id}", { params: { path: { id } } })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["notebook"] });
      await queries.invalidateQueries({ queryKey: ["bench"] });
      void navigate("/notebook");
    },
  });
  return (
    <p className="flex flex-wrap items-center gap-2 pt-8 text-sm">
      {asking ? (
        <>
          <span role="alert">Everything noted of it is deleted too. This cannot be undone.</span>
          <button className="btn btn-xs btn-error" onClick={() => remove.mutate()}>
            Delete it
          </button>
          <button className="btn btn-xs" autoFocus onClick={() => setAsking(false)}>
            Keep the batch
          </button>
        </>
      ) : (
        <button className="btn btn-xs btn-ghost" onClick={() => setAsking(true)}>
          Delete the batch
        </button>
      )}
      <ErrorText error={remove.error} />
    </p>
  );
}

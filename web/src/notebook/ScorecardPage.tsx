import { useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import { type ScorecardAnswer, scorecardQuery } from "../api";
import { useFigures } from "../figures";
import { ErrorNotice, Trend } from "../parts";
import { offSize, offWords, outcomeFigureName, outcomeFigureWords } from "../words";

type Figure = ScorecardAnswer["figures"][number];

const LAST = [10, 30, 100];

/** What the model predicted against what the last batches were: how far to trust it. */
export function ScorecardPage() {
  const [search, setSearch] = useSearchParams();
  const last = Number(search.get("last")) || undefined;
  const formula = Number(search.get("formula")) || undefined;
  const byTheBook = search.get("by") === "book";
  const { data, error, refetch, isPlaceholderData } = useQuery(scorecardQuery({ formula, last, byTheBook }));
  const change = (field: string, value: string | null) => {
    const now = new URLSearchParams(window.location.search);
    if (value === null) {
      now.delete(field);
    } else {
      now.set(field, value);
    }
    setSearch(now, { replace: true });
  };
  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-6 pb-16">
      <p className="soft text-sm">
        <Link className="link" to="/notebook">
          Notebook
        </Link>
      </p>
      <div className="flex flex-wrap items-end gap-4 pb-3">
        <div className="flex-1">
          <h1 className="text-[2.1rem] leading-tight">Scorecard</h1>
          <p className="soft text-sm">What is predicted against what the last batches were: how far to trust it.</p>
        </div>
        <div className="join" role="group" aria-label="Predicted by">
          {[false, true].map((book) => (
            <button
              key={String(book)}
              className={`join-item btn btn-sm font-normal ${byTheBook === book ? "btn-neutral" : ""}`}
              aria-pressed={byTheBook === book}
              onClick={() => change("by", book ? "book" : null)}
            >
              {book ? "by the book alone" : "with your own figures"}
            </button>
          ))}
        </div>
        <label className="flex items-center gap-2 text-sm">
          <span className="soft">the last</span>
          <select
            className="quiet-field framed !w-20"
            aria-label="The last so many batches"
            value={last ?? 30}
            onChange={(event) => change("last", event.target.value)}
          >
            {LAST.map((each) => (
              <option key={each}>{each}</option>
            ))}
          </select>
        </label>
      </div>
      {formula && (
        <p className="pb-2 text-sm">
          Of one formula.{" "}
          <button className="link" onClick={() => change("formula", null)}>
            Take all
          </button>
        </p>
      )}
      <ErrorNotice error={error} retry={() => void refetch()} />
      {!data && !error && <p className="soft py-16 text-center">Looking through the batches…</p>}
      {data?.batches.length === 0 && (
        <p className="soft hairline border-y py-12 text-center">
          No finished batch counts yet. Make one at the{" "}
          <Link className="link" to="/bench">
            Bench
          </Link>
          , and say how it felt, rolled and came out.
        </p>
      )}
      {data && data.batches.length > 0 && (
        <div data-testid="scorecard" data-current={!isPlaceholderData}>
          <div className="grid grid-cols-3 gap-x-10 gap-y-6 lg:grid-cols-4">
            {data.figures.map((figure) => (
              <Scored key={figure.figure} figure={figure} batches={data.batches} />
            ))}
          </div>
          <p className="soft max-w-3xl pt-5 text-xs">
            Predicted is what today’s figures say of what really was in the bowl, at the minute when it was felt or
            rolled. Where only bounds are known, as from a fold test, the nearest of them counts. Batches made by a
            practice clock, or left out under Learned, are not counted.
          </p>
        </div>
      )}
    </main>
  );
}

function Scored({ figure, batches }: { figure: Figure; batches: ScorecardAnswer["batches"] }) {
  const figures = useFigures();
  const { relative, bias, error, points } = figure;
  const name = outcomeFigureName(figure.figure);
  const made = new Map(batches.map((batch) => [batch.id, batch]));
  const off = (value: number) => offWords(figure.figure, relative, value, figures);
  const say = (value: number) => outcomeFigureWords(figure.figure, value, figures);
  return (
    <section aria-label={name} data-scored={figure.figure}>
      <h2 className="section-title">{name}</h2>
      {bias == null || error == null ? (
        <p className="soft text-sm">These batches say nothing of it.</p>
      ) : (
        <>
          <p className="text-sm">
            <strong className="text-lg" data-testid="bias">
              {off(bias)}
            </strong>{" "}
            on average
          </p>
          <p className="soft text-sm">
            off by {offSize(figure.figure, relative, error, figures)} either way,{" "}
            {points.length === 1 ? "1 batch" : `${points.length} batches`}
          </p>
          <Trend
            label={`${name}: seen less predicted, batch by batch`}
            reference={0}
            format={off}
            points={points.map(({ batch, predicted, observed, off: by }) => {
              const of = made.get(batch);
              return {
                key: batch,
                value: by,
                words: `${of ? `${figures.moment(of.startedAt)}, ${of.name}` : batch}: ${say(observed)} seen, ${say(predicted)} predicted`,
              };
            })}
          />
        </>
      )}
    </section>
  );
}

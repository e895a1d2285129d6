import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, type LearningAnswer, learningQuery, lotsQuery, type PantryDocument, pantryQuery, taken } from "../api";
import { useFigures } from "../figures";
import { ErrorNotice, Trend } from "../parts";

type Flour = LearningAnswer["flours"][number];
type Batch = LearningAnswer["batches"][number];

/** What this kitchen’s finished batches say of its flours, and which batches say it. */
export function Learned({ pantry }: { pantry: PantryDocument }) {
  const learning = useQuery(learningQuery);
  const { flours, batches } = learning.data ?? { flours: [], batches: [] };
  return (
    <section aria-label="Learned" className="max-w-5xl">
      <p className="soft max-w-3xl pb-3 text-sm">
        Every finished batch that was felt after kneading says how much its flours really took up. The book’s value is
        where learning starts; each batch moves it a little, and makes it surer. Nothing is used before you take it.
      </p>
      <ErrorNotice error={learning.error} retry={() => void learning.refetch()} />
      {learning.data && flours.length === 0 && (
        <p className="soft hairline border-y py-8 text-center text-sm">
          Nothing yet. Make a batch at the Bench or in Handling, say how the dough feels once it is kneaded, and finish
          it.
        </p>
      )}
      {flours.length > 0 && <Flours flours={flours} />}
      {flours.length > 0 && <Courses flours={flours} batches={batches} />}
      {batches.length > 0 && <Batches batches={batches} pantry={pantry} />}
    </section>
  );
}

function Flours({ flours }: { flours: Flour[] }) {
  const figures = useFigures();
  const queries = useQueryClient();
  const hasLots = flours.some(({ learned }) => learned.lots.length > 0);
  const lots = useQuery({ ...lotsQuery, enabled: hasLots });
  const lotName = (id: number) => lots.data?.find((lot) => lot.id === id)?.name ?? "a lot that is gone";
  const known = (answer: LearningAnswer) => {
    queries.setQueryData(learningQuery.queryKey, answer);
    void queries.invalidateQueries({ queryKey: pantryQuery.queryKey });
    void queries.invalidateQueries({ queryKey: ["balance"] });
  };
  const use = useMutation({
    mutationFn: ({ learned }: Flour) =>
      taken(
        api.PUT("/api/learning/flours/{code}", {
          params: { path: { code: learned.ingredient } },
          body: { source: source(learned.batches) },
        }),
      ),
    onSuccess: (answer) => known(answer),
  });
  const leave = useMutation({
    mutationFn: (code: string) => taken(api.DELETE("/api/learning/flours/{code}", { params: { path: { code } } })),
    onSuccess: (answer) => known(answer),
  });
  const share = (pct: number, sd: number) => `${figures.number(pct, 1)} ± ${figures.number(sd, 1)} %`;
  return (
    <>
      <table className="w-full text-sm">
        <thead className="soft text-left text-xs">
          <tr>
            <th className="py-1 font-normal">Flour, water it takes up at 14 % moisture</th>
            <th className="py-1 pl-3 text-right font-normal">book</th>
            <th className="py-1 pl-3 text-right font-normal">your batches</th>
            <th className="py-1 pl-3 text-right font-normal">from</th>
            <th className="py-1 pl-3 text-right font-normal">used now</th>
            <th className="py-1 pl-3 font-normal">
              <span className="sr-only">Use it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {flours.map((flour) => {
            const { learned, name, usedPct } = flour;
            const used = figures.number(usedPct, 1) === figures.number(learned.learnedPct, 1);
            return (
              <tr key={learned.ingredient} className="hairline border-t" data-flour={learned.ingredient}>
                <td className="py-1.5">
                  {name}
                  {learned.lots.map(({ lot, addsPct, sdPct, batches }) => (
                    <span key={lot} className="soft block text-xs" data-testid="learned-lot">
                      {lotName(lot)}: {addsPct < 0 ? "−" : "+"}
                      {figures.number(Math.abs(addsPct), 1)} ± {figures.number(sdPct, 1)} points beyond the flour,{" "}
                      {counted(batches)}
                    </span>
                  ))}
                </td>
                <td className="soft py-1.5 pl-3 text-right">{share(learned.bookPct, learned.bookSdPct)}</td>
                <td className="py-1.5 pl-3 text-right font-semibold" data-testid="learned">
                  {share(learned.learnedPct, learned.learnedSdPct)}
                </td>
                <td className="py-1.5 pl-3 text-right">{counted(learned.batches)}</td>
                <td className="py-1.5 pl-3 text-right" data-testid="used">
                  {figures.number(usedPct, 1)} %
                </td>
                <td className="py-1.5 pl-3 text-right">
                  {figures.number(usedPct, 1) !== figures.number(learned.bookPct, 1) && (
                    <button
                      className="btn btn-ghost btn-xs"
                      disabled={leave.isPending}
                      aria-label={`Use the book’s: what it says of ${name}`}
                      onClick={() => leave.mutate(learned.ingredient)}
                    >
                      Use the book’s
                    </button>
                  )}
                  {!used && (
                    <button
                      className="btn btn-xs"
                      disabled={use.isPending}
                      aria-label={`Use it: what your batches say of ${name}`}
                      onClick={() => use.mutate(flour)}
                    >
                      Use it
                    </button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <ErrorNotice error={use.error ?? leave.error} />
      <p className="soft pt-1 text-xs">What is used stands under Ingredients as your own figure beside the book’s.</p>
    </>
  );
}

/** How each counted batch moved what is thought of a flour, the oldest first. */
function Courses({ flours, batches }: { flours: Flour[]; batches: Batch[] }) {
  const figures = useFigures();
  const made = new Map(batches.map((batch) => [batch.id, batch]));
  const percent = (value: number) => `${figures.number(value, 1)} %`;
  return (
    <section aria-label="How they moved">
      <h2 className="section-title pt-6 pb-1">How they moved, batch by batch</h2>
      <p className="soft pb-2 text-xs">
        Each dot is what was thought after one more batch, with its uncertainty; the dashed line is the book’s value.
      </p>
      <div className="grid grid-cols-3 gap-x-8 gap-y-4">
        {flours.map(({ learned, name }) => (
          <figure key={learned.ingredient} data-course={learned.ingredient}>
            <figcaption className="text-sm">
              {name} <span className="soft">{counted(learned.batches)}</span>
            </figcaption>
            <Trend
              label={`${name}: the book says ${percent(learned.bookPct)}, your batches ${percent(learned.learnedPct)}`}
              reference={learned.bookPct}
              format={percent}
              points={learned.course.map(({ batch, learnedPct, learnedSdPct }) => {
                const of = made.get(batch);
                const what = of ? `${figures.moment(of.startedAt)}, ${of.name}` : `batch ${batch}`;
                return {
                  key: batch,
                  value: learnedPct,
                  spread: learnedSdPct,
                  words: `${what}: ${figures.number(learnedPct, 1)} ± ${figures.number(learnedSdPct, 1)} %`,
                };
              })}
            />
          </figure>
        ))}
      </div>
    </section>
  );
}

function Batches({ batches, pantry }: { batches: Batch[]; pantry: PantryDocument }) {
  const figures = useFigures();
  const queries = useQueryClient();
  const count = useMutation({
    mutationFn: ({ id, counts }: { id: number; counts: boolean }) =>
      taken(api.PUT("/api/learning/batches/{id}", { params: { path: { id } }, body: { counts } })),
    onSuccess: (answer) => queries.setQueryData(learningQuery.queryKey, answer),
  });
  const feels = new Map(pantry.feels.map(({ code, name }) => [code, name.toLowerCase()]));
  return (
    <>
      <h2 className="section-title pt-6 pb-1">The batches that say so</h2>
      <table className="w-full text-sm">
        <thead className="soft text-left text-xs">
          <tr>
            <th className="py-1 font-normal">Batch</th>
            <th className="py-1 pl-3 font-normal">felt</th>
            <th className="py-1 pl-3 font-normal">against what was expected</th>
            <th className="py-1 pl-3 font-normal">
              <span className="sr-only">Count it or leave it out</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {batches.map((batch) => (
            <tr key={batch.id} className="hairline border-t" data-batch={batch.id}>
              <td className="py-1.5">
                <Link className="underline" to={`/notebook/${batch.id}`}>
                  {batch.name}
                </Link>{" "}
                <span className="soft">{figures.moment(batch.startedAt)}</span>
              </td>
              <td className="py-1.5 pl-3">
                {feels.get(batch.feel) ?? "a word no longer known"} at minute {figures.number(batch.minute, 0)}
              </td>
              <td className="py-1.5 pl-3" data-testid="off">
                {offWords(batch, (value) => figures.number(value, 1))}
              </td>
              <td className="py-1.5 pl-3 text-right">
                {batch.off != null && (
                  <button
                    className="btn btn-xs whitespace-nowrap"
                    disabled={count.isPending}
                    onClick={() => count.mutate({ id: batch.id, counts: !batch.counted })}
                  >
                    {batch.counted ? "Leave it out" : "Count it"}
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ErrorNotice error={count.error} />
    </>
  );
}

function offWords({ off, farOff, counted, said }: Batch, number: (value: number) => string): string {
  if (off == null) {
    return "says nothing: not felt after kneading, or its formula cannot be read";
  }
  const size = number(Math.abs(off));
  const words =
    size === number(0)
      ? "as expected"
      : `its flours took up ${off > 0 ? "more" : "less"}, by ${size} times the usual scatter`;
  if (counted) {
    return words;
  }
  return farOff && said == null
    ? `${words}: that is far off. Was everything weighed and felt rightly? Not counted until you say so`
    : `${words}; left out`;
}

const counted = (batches: number) => (batches === 1 ? "1 batch" : `${batches} batches`);

const source = (batches: number) => `learned from ${counted(batches)}`;

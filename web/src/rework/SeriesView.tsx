import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { ArrowLeft, Trash2 } from "lucide-react";
import { useState } from "react";
import { api, type PantryDocument, type SeriesAnswer, seriesListQuery, seriesQuery, taken } from "../api";
import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { IconButton, ProblemNotice } from "../parts";
import { countedWords, effectsNotes, ingredientName, measureHint, measureName, shortName, useProblem } from "../words";
import { MainEffects } from "./MainEffects";
import { RunRow } from "./RunRow";
import { seriesCsv } from "./seriesCsv";
import { useCopy } from "./useCopy";

interface SeriesViewProps {
  id: number;
  editor: Editor;
  pantry: PantryDocument;
  onClose: () => void;
}

/** A series of trials: a sheet to weigh by and to fill in, and what it says. */
export function SeriesView({ id, editor, pantry, onClose }: SeriesViewProps) {
  const query = useQuery(seriesQuery(id));
  const problem = useProblem(query.error);
  return (
    <div className="pb-16" data-testid="series" data-current={query.isSuccess}>
      {problem && <ProblemNotice problem={problem} />}
      {query.data && <Series series={query.data} editor={editor} pantry={pantry} onClose={onClose} />}
    </div>
  );
}

interface SeriesProps {
  series: SeriesAnswer;
  editor: Editor;
  pantry: PantryDocument;
  onClose: () => void;
}

function Series({ series, editor, pantry, onClose }: SeriesProps) {
  const figures = useFigures();
  const copy = useCopy();
  const queries = useQueryClient();
  const [sure, setSure] = useState(false);
  const names = series.factors.map(({ change }) => shortName(change.by ?? change.add ?? "", pantry));
  const { sameInEveryRun, different } = series;
  const same = Object.entries(sameInEveryRun).filter(([, grams]) => grams > 0);
  const remove = useMutation({
    mutationFn: () => taken(api.DELETE("/api/trials/{id}", { params: { path: { id: series.id } } })),
    onSuccess: (left) => {
      queries.setQueryData(seriesListQuery(series.formula).queryKey, left);
      onClose();
    },
  });
  return (
    <>
      <div className="flex flex-wrap items-center gap-3 pt-3">
        <IconButton label="Back to all series" onClick={onClose}>
          <ArrowLeft size={18} aria-hidden />
        </IconButton>
        <h2 className="text-lg font-semibold">{series.name}</h2>
        <span className="soft text-sm">
          {figures.date(series.madeAt)}, {series.runs.length} runs in the order drawn from “{series.seed}”
        </span>
        <span className="ml-auto flex gap-2 print:hidden">
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => window.print()}>
            Print the sheet
          </button>
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => copy(seriesCsv(series))}>
            Copy as CSV
          </button>
          {sure ? (
            <>
              <button type="button" className="btn btn-error btn-sm" onClick={() => remove.mutate()}>
                Delete it with its results
              </button>
              <button type="button" className="btn btn-ghost btn-sm" onClick={() => setSure(false)}>
                Keep it
              </button>
            </>
          ) : (
            <IconButton label="Delete the series" onClick={() => setSure(true)}>
              <Trash2 size={16} aria-hidden />
            </IconButton>
          )}
        </span>
      </div>
      {same.length > 0 && (
        <p className="soft pt-1 text-sm">
          In every run:{" "}
          {same.map(([ingredient, grams]) => `${figures.mass(grams)} ${ingredientName(ingredient, pantry)}`).join(", ")}
          .
        </p>
      )}
      <div className="relative overflow-x-auto pt-3" tabIndex={0} role="region" aria-label="Runs">
        <table className="text-sm" data-testid="runs">
          <thead>
            <tr className="soft text-right align-bottom text-xs">
              <th scope="col" className="pr-2 pb-1 text-left font-normal">
                run
              </th>
              {names.map((name) => (
                <th key={name} scope="col" className="text-base-content max-w-24 px-1.5 pb-1 font-semibold">
                  {name}
                </th>
              ))}
              {different.map((ingredient) => (
                <th
                  key={ingredient}
                  scope="col"
                  className="max-w-20 px-1.5 pb-1 font-normal"
                  title={ingredientName(ingredient, pantry)}
                >
                  {shortName(ingredient, pantry)}, {figures.massUnit}
                </th>
              ))}
              {series.measures.map(({ code }) => (
                <th
                  key={code}
                  scope="col"
                  className="text-base-content max-w-20 px-1.5 pb-1 font-normal"
                  title={measureHint(code)}
                >
                  {measureName(code)}
                </th>
              ))}
              <th scope="col" className="px-1.5 pb-1 font-normal">
                failed
              </th>
              <th scope="col" className="px-1.5 pb-1 text-left font-normal">
                note
              </th>
              <th scope="col" className="pb-1">
                <span className="sr-only">the run's formula</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {series.runs.map((run, at) => (
              <RunRow
                key={`${series.id} ${at}`}
                series={series}
                at={at}
                run={run}
                editor={editor}
                pantry={pantry}
                names={names}
              />
            ))}
          </tbody>
        </table>
      </div>
      <Effects series={series} pantry={pantry} />
    </>
  );
}

/** What the results say, measure by measure: a picture and its words. */
function Effects({ series, pantry }: { series: SeriesAnswer; pantry: PantryDocument }) {
  const figures = useFigures();
  const factors = series.factors.map(({ change, shares }) => ({
    name: shortName(change.by ?? change.add ?? "", pantry),
    high: figures.percent(100 * (shares.at(-1) ?? 1)),
  }));
  const step = figures.percent(series.effectStepPct);
  const counted = countedWords(series.measures.find(({ code }) => code === "fold")?.counted ?? {}, figures);
  const failed = series.runs.filter(({ result }) => result.failed).length;
  const told = series.effects.filter(({ runs }) => runs > 0);
  return (
    <section className="pt-6 print:hidden" data-testid="effects">
      <h3 className="section-title">What it says</h3>
      {told.length === 0 && <p className="soft pt-2 text-sm">Nothing yet: fill in what was measured.</p>}
      {failed > 0 && (
        <p className="pt-2 text-sm">
          {failed === 1 ? "One run failed" : `${failed} runs failed`}: what could not be measured there is not counted,
          so the effects may look kinder than they are.
        </p>
      )}
      <dl className="text-sm">
        {told.map((effects) => (
          <div
            key={effects.measure}
            className="hairline grid grid-cols-[8rem_minmax(0,1fr)] border-t py-2"
            data-effects={effects.measure}
          >
            <dt className="font-semibold">{measureName(effects.measure)}</dt>
            <dd>
              <MainEffects
                effects={effects}
                step={step}
                factors={factors}
                better={series.measures.find(({ code }) => code === effects.measure)?.better ?? "neither"}
              />
              {effectsNotes(effects, factors, figures).map((note) => (
                <p key={note} className={effects.main.length > 0 ? "pl-59" : ""}>
                  {note}
                </p>
              ))}
            </dd>
          </div>
        ))}
      </dl>
      {told.some(({ main }) => main.length > 0) && (
        <p className="soft pt-2 text-xs">
          Left of the line it becomes less, right of it more; green is the better side. ± is the standard error. “May be
          chance” is said of what chance alone would make as large in more than {figures.percent(series.chancePct)} of
          such series.{counted && ` The fold test counts ${counted}.`}
        </p>
      )}
    </section>
  );
}

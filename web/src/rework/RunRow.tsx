import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Link } from "react-router";
import {
  api,
  batchesQuery,
  type PantryDocument,
  type SeriesAnswer,
  seriesListQuery,
  seriesQuery,
  taken,
  type TrialResult,
} from "../api";
import { type Editor, Faults } from "../formula";
import { useFigures } from "../figures";
import { asSent, MassField, NumberField, type NumberEntry } from "../parts";
import { FOLD_WORDS, measureName, type TrialMeasure, useProblem } from "../words";
import { useTake } from "./useTake";

/** Typing is kept once it pauses this long. */
const QUIET_MS = 400;

interface RunRowProps {
  series: SeriesAnswer;
  at: number;
  run: SeriesAnswer["runs"][number];
  editor: Editor;
  pantry: PantryDocument;
  names: string[];
}

/** What was typed of a run: a number may still be text that is not one. */
type Typed = { [field in keyof TrialResult]: TrialResult[field] | string };

/** Takes what was noted of a batch; what it does not say stays as it is. */
function FromBatch({
  label,
  formula,
  onTake,
}: {
  label: string;
  formula: number;
  onTake: (result: Partial<Typed>) => void;
}) {
  const figures = useFigures();
  const batches = useQuery(batchesQuery(formula));
  const finished = batches.data?.filter(({ finishedAt }) => finishedAt != null) ?? [];
  const take = useMutation({
    mutationFn: (id: number) => taken(api.GET("/api/notebook/{id}/result", { params: { path: { id } } })),
    onSuccess: (result) => onTake(Object.fromEntries(Object.entries(result).filter(([, value]) => value != null))),
  });
  if (finished.length === 0) {
    return null;
  }
  return (
    <select
      className="quiet-field framed mt-1 block !h-7 w-28 text-xs"
      aria-label={label}
      title="Take what was noted of a batch"
      disabled={take.isPending}
      value=""
      onChange={(event) => take.mutate(Number(event.target.value))}
    >
      <option value="">from a batch…</option>
      {finished.map(({ id, version, startedAt }) => (
        <option key={id} value={id}>
          {figures.moment(startedAt)}, version {version}
        </option>
      ))}
    </select>
  );
}

/** A run: what is weighed for it, and what came of it. What is typed is kept by itself. */
export function RunRow({ series, at, run, editor, pantry, names }: RunRowProps) {
  const figures = useFigures();
  const takeFormula = useTake(editor);
  const queries = useQueryClient();
  const [typed, setTyped] = useState<Typed>(run.result);
  const [kept, setKept] = useState<Typed>(run.result);
  const { mutate, error, isPending } = useMutation({
    scope: { id: `series ${series.id}` },
    mutationFn: (result: Typed) =>
      taken(
        api.PUT("/api/trials/{id}/runs/{run}", {
          params: { path: { id: series.id, run: at } },
          body: result as TrialResult,
        }),
      ),
    onSuccess: (answer, result) => {
      setKept(result);
      queries.setQueryData(seriesQuery(series.id).queryKey, answer);
      void queries.invalidateQueries({ queryKey: seriesListQuery(series.formula).queryKey });
    },
  });
  const changed = typed !== kept;
  const unsaved = useRef<Typed | null>(null);
  useEffect(() => {
    unsaved.current = changed ? typed : null;
    if (!changed) {
      return;
    }
    const timer = setTimeout(() => mutate(typed), QUIET_MS);
    return () => clearTimeout(timer);
  }, [changed, typed, mutate]);
  // Who leaves before the pause is over loses nothing.
  useEffect(
    () => () => {
      if (unsaved.current) {
        mutate(unsaved.current);
      }
    },
    [mutate],
  );
  const problem = useProblem(error);
  const faults = new Faults(problem?.faults);
  const put = (patch: Partial<Typed>) => setTyped({ ...typed, ...patch });
  const label = (name: string) => `Run ${at + 1}, ${name}`;
  const number = (field: keyof TrialResult, code: TrialMeasure, width = "w-14") => {
    const given = {
      label: label(measureName(code)),
      className: width,
      value: (typed[field] ?? null) as NumberEntry,
      error: faults.of(null, field),
      onChange: (value: NumberEntry) => put({ [field]: asSent(value) }),
    };
    return code === "water" ? (
      <MassField {...given} />
    ) : (
      <NumberField {...given} framed format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 1)} />
    );
  };
  const choice = (field: "feel" | "fold", code: TrialMeasure, options: [string, string][]) => (
    <select
      className="quiet-field framed w-22"
      aria-label={label(measureName(code))}
      value={typed[field] ?? ""}
      onChange={(event) => put({ [field]: event.target.value || null })}
    >
      <option value="">–</option>
      {options.map(([value, name]) => (
        <option key={value} value={value}>
          {name}
        </option>
      ))}
    </select>
  );
  const cells: Record<TrialMeasure, () => React.ReactNode> = {
    water: () => number("waterGrams", "water", "w-18"),
    feel: () =>
      choice(
        "feel",
        "feel",
        pantry.feels.map(({ code, name }) => [code, name]),
      ),
    sheet: () => number("sheetMm", "sheet"),
    tears: () => number("tears", "tears"),
    rolling: () => number("rolling", "rolling"),
    puff: () => number("puffPct", "puff"),
    fold: () => choice("fold", "fold", Object.entries(FOLD_WORDS)),
    taste: () => number("taste", "taste"),
  };
  const open = () => {
    const shares = run.shares.map((share, index) => `${figures.percent(100 * share)} ${names[index]}`).join(", ");
    const versionNote = `Run ${at + 1} of “${series.name}”: ${shares}.`;
    takeFormula(run.formula, versionNote);
  };
  return (
    <>
      <tr
        className={`hairline border-t text-right ${typed.failed ? "text-error" : ""}`}
        data-run={at + 1}
        data-saved={!changed && !isPending}
      >
        <th scope="row" className="py-1 pr-2 text-left">
          {at + 1}
        </th>
        {run.shares.map((share, index) => (
          <td key={names[index]} className="px-1.5 font-semibold">
            {figures.percent(100 * share)}
          </td>
        ))}
        {series.different.map((ingredient) => (
          <td key={ingredient} className="px-1.5">
            {figures.massNumber(run.weighed[ingredient] ?? 0)}
          </td>
        ))}
        {series.measures.map(({ code }) => (
          <td key={code} className="px-0.5">
            {cells[code]()}
          </td>
        ))}
        <td className="px-1.5 text-center">
          <label className="inline-flex size-6 cursor-pointer items-center justify-center">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              aria-label={label("failed")}
              checked={typed.failed === true}
              onChange={(event) => put({ failed: event.target.checked || null })}
            />
          </label>
        </td>
        <td className="px-1.5">
          <input
            className="quiet-field framed w-40"
            aria-label={label("note")}
            value={typed.note ?? ""}
            onChange={(event) => put({ note: event.target.value || null })}
          />
        </td>
        <td className="pl-1 print:hidden">
          <Link className="link whitespace-nowrap" to={`/formulas/${series.formula}/balance`} onClick={open}>
            to the bowl
          </Link>
          <FromBatch label={label("from a batch")} formula={series.formula} onTake={put} />
        </td>
      </tr>
      {problem && (
        <tr>
          <td colSpan={99} className="text-error pb-1 text-sm" role="alert">
            Run {at + 1}: {problem.faults?.map(({ message }) => message).join(" ") || problem.title}
          </td>
        </tr>
      )}
    </>
  );
}

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { X } from "lucide-react";
import { api, type PantryDocument, seriesListQuery, seriesQuery, taken } from "../api";
import { type Editor, type Plan, type PlannedSubstitution, type PlannedTrials } from "../formula";
import { useFigures } from "../figures";
import { IconButton, NumberField, type NumberEntry, ProblemNotice, Said } from "../parts";
import { ingredientName, measureHint, measureName, TRIAL_MEASURES, useProblem } from "../words";
import { NO_TRIALS } from "./plan";
import type { TrialsPlan } from "./useTrialsPlan";

interface SeriesFormProps {
  editor: Editor;
  plan: Plan;
  pantry: PantryDocument;
  planned: TrialsPlan;
  faultOf: (field: string) => string | null;
  onPlan: (plan: Plan, tag?: string) => void;
  onMade: (id: number) => void;
}

/** A series of trials to plan: which levels or rungs, how often, in what order, and what is measured. */
export function SeriesForm({ editor, plan, pantry, planned, faultOf, onPlan, onMade }: SeriesFormProps) {
  const figures = useFigures();
  const queries = useQueryClient();
  const trials = plan.trials ?? NO_TRIALS;
  const put = (patch: Partial<PlannedTrials>, tag?: string) =>
    onPlan({ ...plan, trials: { ...trials, ...patch } }, tag);
  const { varied, asked, view } = planned;
  const make = useMutation({
    mutationFn: () =>
      taken(
        api.POST("/api/formulas/{formula}/trials", {
          params: { path: { formula: editor.id ?? 0 } },
          body: asked ?? { formula: {} },
        }),
      ),
    onSuccess: (series) => {
      queries.setQueryData(seriesQuery(series.id).queryKey, series);
      void queries.invalidateQueries({ queryKey: seriesListQuery(series.formula).queryKey });
      onMade(series.id);
    },
  });
  const refused = useProblem(make.error);
  if (varied.length === 0) {
    return (
      <p className="soft max-w-xl py-6">
        Choose what is varied: a line and what takes its place, or something to add. Two or three of them are tried at
        two levels each, with one another; or pick rungs of one on its ladder.
      </p>
    );
  }
  const messages = ["factors", "measures", "centre"].map(faultOf);
  const picked = trials.picked && varied.length === 1 && trials.picked.key === varied[0]?.key ? trials.picked : null;
  return (
    <div className="pt-2" data-testid="series-form" data-current={view.current}>
      <h2 className="section-title">A new series</h2>
      <div className="flex flex-wrap gap-3 pt-2 text-sm">
        <label className="min-w-64 flex-1">
          Name
          <input
            className="quiet-field framed mt-1"
            aria-label="Name of the series"
            value={trials.name}
            placeholder={view.answer?.name ?? "the names of what is varied"}
            onChange={(event) => put({ name: event.target.value }, "trials name")}
          />
          <Said messages={[faultOf("name")]} />
        </label>
        <label className="min-w-48 flex-1">
          Order drawn from
          <input
            className="quiet-field framed mt-1"
            aria-label="Order drawn from"
            value={trials.seed}
            placeholder="its name"
            onChange={(event) => put({ seed: event.target.value }, "trials seed")}
          />
          <Said messages={[faultOf("seed")]} />
        </label>
        <label className="max-w-52">
          Made
          <span className="mt-1 flex items-center gap-2">
            <NumberField
              framed
              label="How many times"
              className="w-16"
              placeholder="once"
              value={trials.rounds}
              format={(value) => figures.number(value, 0)}
              error={faultOf("rounds")}
              onChange={(rounds) => put({ rounds }, "trials rounds")}
            />
            times
          </span>
          <Said messages={[faultOf("rounds")]} />
        </label>
      </div>
      {picked ? (
        <Rungs
          name={ingredientName(varied[0]?.by ?? "", pantry)}
          shares={picked.shares}
          onRemove={(share) => {
            const shares = picked.shares.filter((each) => each !== share);
            put({ picked: shares.length > 0 ? { ...picked, shares } : null });
          }}
          onNone={() => put({ picked: null })}
        />
      ) : (
        <>
          {varied.map((each, index) => (
            <Levels
              key={each.key}
              substitution={each}
              name={ingredientName(each.by, pantry)}
              shares={view.answer?.factors[index]?.shares ?? []}
              levels={trials.levels[each.key] ?? { lowPct: null, highPct: null }}
              fault={(end) => faultOf(`factors[${index}].${end}`)}
              onChange={(levels, tag) =>
                put({ levels: { ...trials.levels, [each.key]: levels } }, `${tag} ${each.key}`)
              }
            />
          ))}
          <label className="flex cursor-pointer items-center gap-2 pt-2 text-sm">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              checked={trials.centre}
              onChange={(event) => put({ centre: event.target.checked })}
            />
            and one half way between all of them, which tells how sure the effects are
          </label>
        </>
      )}
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 pt-3 text-sm" role="group" aria-labelledby="measured">
        <span id="measured">Measured in each run:</span>
        {TRIAL_MEASURES.map((code) => (
          <label key={code} className="flex min-h-6 cursor-pointer items-center gap-1.5" title={measureHint(code)}>
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              checked={!trials.unmeasured.includes(code)}
              onChange={(event) =>
                put({
                  unmeasured: event.target.checked
                    ? trials.unmeasured.filter((other) => other !== code)
                    : [...trials.unmeasured, code],
                })
              }
            />
            {measureName(code)}
          </label>
        ))}
      </div>
      <Said messages={messages} />
      {refused && <ProblemNotice problem={refused} />}
      <div className="flex flex-wrap items-center gap-3 pt-3">
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={editor.id === null || asked === null || !view.current || make.isPending}
          onClick={() => make.mutate()}
        >
          Make the series
        </button>
        <span className="soft text-sm" data-testid="runs-planned">
          {editor.id === null
            ? "Save the formula first: a series is kept with it."
            : asked === null
              ? "Say how far each goes: its higher level."
              : view.current && view.answer
                ? `${view.answer.runs.length} runs, each with its own weights, in an order that is drawn.`
                : ""}
        </span>
      </div>
    </div>
  );
}

interface LevelsProps {
  substitution: PlannedSubstitution;
  name: string;
  /** The levels of the last answer: what stands where nothing is typed. */
  shares: number[];
  levels: { lowPct: NumberEntry; highPct: NumberEntry };
  fault: (end: string) => string | null;
  onChange: (levels: { lowPct: NumberEntry; highPct: NumberEntry }, tag: string) => void;
}

/** The two levels at which something is tried. */
function Levels({ name, shares, levels, fault, onChange }: LevelsProps) {
  const figures = useFigures();
  const messages = ["change", "lowShare", "highShare", "shares"].flatMap((field) => fault(field) ?? []);
  const end = (label: string, field: "lowPct" | "highPct", share: number | undefined, error: string | null) => (
    <NumberField
      framed
      label={`${name}, ${label}`}
      className="w-20"
      unit="%"
      placeholder={share === undefined ? "" : figures.number(100 * share, 1)}
      value={levels[field]}
      format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 1)}
      error={error}
      onChange={(value) => onChange({ ...levels, [field]: value }, field)}
    />
  );
  return (
    <div className="pt-2 text-sm">
      <div className="flex items-center gap-2">
        <span className="min-w-48">{name}</span>
        {end("lower level", "lowPct", shares[0], fault("lowShare"))}
        and
        {end("higher level", "highPct", shares.at(-1), fault("highShare"))}
      </div>
      <Said messages={messages} />
    </div>
  );
}

interface RungsProps {
  name: string;
  shares: number[];
  onRemove: (share: number) => void;
  /** What happens when two levels are to be tried in the place of rungs. */
  onNone: () => void;
}

/** The rungs that were picked, each to be left out. */
function Rungs({ name, shares, onRemove, onNone }: RungsProps) {
  const figures = useFigures();
  return (
    <p className="flex flex-wrap items-center gap-2 pt-2 text-sm" data-testid="picked-rungs">
      <span>{name} at</span>
      {shares.map((share) => (
        <span key={share} className="hairline flex items-center rounded-md border pl-2">
          {figures.percent(100 * share)}
          <IconButton label={`Without ${figures.percent(100 * share)}`} onClick={() => onRemove(share)}>
            <X size={14} aria-hidden />
          </IconButton>
        </span>
      ))}
      <button type="button" className="btn btn-ghost btn-sm" onClick={onNone}>
        Two levels instead
      </button>
    </p>
  );
}

import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { Link } from "react-router";
import { api, planQuestion, type PlannedServing, type PlanSpec, type PlanState, usualPlanQuery } from "../api";

import { type AnswerView, Faults, useAnswer } from "../formula";
import { ErrorNotice, ProblemNotice } from "../parts";
import { clockWords, durationWords } from "../words";
import { Clash } from "./Clash";
import { canBePlanned, type Draft, keep, kept, withPin, workersOf } from "./draft";
import { Lanes } from "./Lanes";
import { PlanForm } from "./PlanForm";
import { TaskTable } from "./TaskTable";

/** When to begin what, with these hands and pans, so that everything is hot when it is served. */
export function PlanPage() {
  const usual = useQuery(usualPlanQuery);
  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-7 pb-16">
      <h1 className="text-[2.1rem] leading-tight">Plan</h1>
      <p className="soft pb-4 text-sm print:hidden">
        When to begin what, with these hands and pans, so that everything is hot when it is served.
      </p>
      <ErrorNotice error={usual.error} />
      {usual.data && <Planned usual={usual.data} />}
    </main>
  );
}

function Planned({ usual }: { usual: PlanSpec }) {
  const [draft, setDraft] = useState<Draft>(() => kept() ?? { spec: usual, names: {} });
  const [progress, setProgress] = useState<PlanState | null>(null);
  const question = useMemo(() => planQuestion(setProgress), []);
  const { spec } = draft;
  const view = useAnswer(question, spec, canBePlanned);
  useEffect(() => keep(draft), [draft]);
  const set = (to: PlanSpec) => setDraft((now) => ({ ...now, spec: to }));
  const faults = new Faults(view.problem?.faults);
  const planned = canBePlanned(spec);
  const waiting = planned && !view.current && !view.problem;
  return (
    <>
      <div className="print:hidden">
        <PlanForm draft={draft} usual={usual} faults={faults} onChange={setDraft} />
        {!view.problem?.faults && <ProblemNotice problem={view.problem} />}
        <p className="soft min-h-6 pt-2 text-sm" role="status">
          {waiting && progressWords(progress)}
          {waiting && progress && (
            <button
              type="button"
              className="btn btn-ghost btn-xs ml-2"
              onClick={() => void api.DELETE("/api/plan/{id}", { params: { path: { id: progress.id } } })}
            >
              Stop
            </button>
          )}
        </p>
      </div>
      {planned && view.answer && <Answer view={view} spec={spec} state={view.answer} onChange={set} />}
    </>
  );
}

function progressWords(progress: PlanState | null) {
  if (progress?.stage === "waiting") {
    return "Another day is planned before this one…";
  }
  if (progress?.stage === "explaining") {
    return "Not everything can be met: looking for what clashes, and for what would help…";
  }
  return progress?.plan
    ? `Looking for a better plan. So far work begins at ${clockWords(progress.plan.begins)}.`
    : "Planning…";
}

/** The address of an order of the same formulas. */
const orderOf = (servings: PlannedServing[]) =>
  new URLSearchParams(servings.map(({ formula, pieces, name }) => ["item", `${formula}:${pieces ?? ""}:${name}`]));

/** Today, as a field for dates writes it. */
const today = () => new Date().toLocaleDateString("sv-SE");

const calendarOf = (plan: string, day: string, worker: string | null) =>
  `/api/plan/${plan}/calendar?${new URLSearchParams({ day, ...(worker === null ? {} : { worker }) })}`;

interface AnswerProps {
  view: AnswerView<PlanState>;
  state: PlanState;
  spec: PlanSpec;
  onChange: (spec: PlanSpec) => void;
}

function Answer({ view, state, spec, onChange }: AnswerProps) {
  const [selected, setSelected] = useState<string | null>(null);
  const [worker, setWorker] = useState<string | null>(null);
  const [day, setDay] = useState(today);
  const { plan, servings } = state;
  const workers = workersOf(spec).flatMap(({ name }) => (name ? [name] : []));
  const pin = (task: string, start: number | null) => onChange(withPin(spec, task, start));
  return (
    <div
      className="answer"
      data-stale={!view.current}
      data-testid="plan"
      data-current={view.current}
      inert={!view.current}
    >
      <Clash state={state} onTake={onChange} />
      {state.stage === "cancelled" && (
        <p className="soft py-1 text-sm">
          {plan
            ? "Stopped: this is the best plan so far."
            : "Stopped before there was a plan. Change something, and it is tried again."}
        </p>
      )}
      {state.stage === "failed" && (
        <p role="alert">This day could not be planned. Change something, and it is tried again.</p>
      )}
      {plan ? (
        <>
          <p className="py-2" data-testid="plan-words">
            Begin at <strong>{clockWords(plan.begins)}</strong>
            {plan.late === 0
              ? `${state.missed.length > 0 ? ", with what is missed above" : ""}, and everything is ready when it is served`
              : `; servings are ${durationWords(plan.late)} late in all`}
            . {durationWords(plan.handsOn)} of work by hand, {plan.handOvers === 0 ? "no" : plan.handOvers} hand-over
            {plan.handOvers === 1 ? "" : "s"}; bread stands {durationWords(plan.standing)} from the pan until it is
            served
            {servings.length > 1 ? ", all servings together" : ""}
            {plan.fridgeLitres > 0 ? `; at most ${plan.fridgeLitres} litres in the fridge` : ""}.{" "}
            {!plan.proved && (
              <span className="soft">There may be a better plan: this is the best that was found in time.</span>
            )}
          </p>
          <p className="pb-2 text-sm print:hidden">
            <Link className="link" to={`/formulas/order?${orderOf(servings)}`}>
              What is needed in all
            </Link>
          </p>
          <Lanes
            plan={plan}
            servings={servings}
            workers={workers}
            selected={selected}
            onSelect={setSelected}
            onPin={pin}
          />
          <p className="soft pt-1 text-xs print:hidden">
            Shaded: when a dough can be rolled. Heavy line: when it is served. Drag a task, or move it with the arrow
            keys, to pin it; the rest is planned around it.
          </p>
          <div className="flex items-end gap-3 pt-4">
            <h2 className="section-title flex-1">{worker === null ? "Step by step" : `The day of ${worker}`}</h2>
            <select
              className="select select-sm w-44 print:hidden"
              aria-label="Whose steps"
              value={worker ?? ""}
              onChange={(event) => setWorker(event.target.value || null)}
            >
              <option value="">everything</option>
              {workers.map((name) => (
                <option key={name}>{name}</option>
              ))}
            </select>
            <span className="flex items-end gap-2 print:hidden">
              <input
                type="date"
                className="input input-sm w-40"
                aria-label="The day that is planned"
                value={day}
                onChange={(event) => setDay(event.target.value)}
              />
              <a className="btn btn-sm" href={calendarOf(state.id, day, worker)} aria-disabled={day === ""}>
                Calendar
              </a>
            </span>
            <button type="button" className="btn btn-sm print:hidden" onClick={() => window.print()}>
              Print
            </button>
          </div>
          <TaskTable
            plan={plan}
            servings={servings}
            worker={worker}
            selected={selected}
            onSelect={setSelected}
            onPin={pin}
          />
        </>
      ) : (
        state.stage === "done" && <p>No plan was found in time. Ask for less, and try again.</p>
      )}
    </div>
  );
}

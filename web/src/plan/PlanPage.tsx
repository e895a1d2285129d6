import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useState } from "react";
import { useSearchParams } from "react-router";
import {
  api,
  dayQuery,
  movedQuery,
  planQuestion,
  type PlannedServing,
  type PlanSpec,
  type PlanState,
  type SavedDay,
  usualPlanQuery,
} from "../api";
import { useFigures } from "../figures";
import { type AnswerView, Faults, useAnswer } from "../formula";
import { ErrorNotice, ProblemNotice, useNotices, ViewChoice } from "../parts";
import { clockWords, durationWords, gapWords, LETTERS, movedWords, placeName } from "../words";
import { Alternatives } from "./Alternatives";
import { Clash } from "./Clash";
import { DayBar } from "./DayBar";
import { DayLists, type ListView } from "./DayLists";
import {
  canBePlanned,
  type Draft,
  draftOf,
  isSaved,
  keep,
  kept,
  newDraft,
  servingsOf,
  today,
  withPin,
  workersOf,
} from "./draft";
import { Lanes, type Moving } from "./Lanes";
import { PlanForm } from "./PlanForm";
import { TaskTable } from "./TaskTable";

/** When to begin what, with these hands and pans, so that everything is hot when it is served. */
export function PlanPage() {
  const usual = useQuery(usualPlanQuery);
  const [search, setSearch] = useSearchParams();
  const wanted = Number(search.get("day")) || null;
  const opened = useQuery({ ...dayQuery(wanted ?? 0), enabled: wanted !== null });
  const done = useCallback(() => setSearch({}, { replace: true }), [setSearch]);
  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-7 pb-16">
      <h1 className="text-[2.1rem] leading-tight">Plan</h1>
      <p className="soft pb-4 text-sm print:hidden">
        When to begin what, with these hands and pans, so that everything is hot when it is served.
      </p>
      <ErrorNotice error={usual.error ?? opened.error} />
      {usual.data && (wanted === null || opened.isFetchedAfterMount || opened.isError) && (
        <Planned usual={usual.data} opened={wanted === null ? null : (opened.data ?? null)} onOpened={done} />
      )}
    </main>
  );
}

interface PlannedProps {
  usual: PlanSpec;
  /** A saved day to go on with; null to go on with what was planned here last. */
  opened: SavedDay | null;
  onOpened: () => void;
}

function Planned({ usual, opened, onOpened }: PlannedProps) {
  const [before] = useState(kept);
  const [draft, setDraft] = useState<Draft>(() => (opened ? draftOf(opened) : (before ?? newDraft(usual))));
  const [progress, setProgress] = useState<PlanState | null>(null);
  const question = useMemo(() => planQuestion(setProgress), []);
  const { spec } = draft;
  const view = useAnswer(question, spec, canBePlanned);
  useEffect(() => keep(draft), [draft]);
  const notify = useNotices();
  // From now on the draft is what counts: a reload goes on with it. What was planned here before can be had back.
  useEffect(() => {
    if (opened) {
      if (before && !isSaved(before) && servingsOf(before.spec).length > 0) {
        notify("What was planned here before was not saved.", () => setDraft(before));
      }
      onOpened();
    }
  }, [opened, onOpened, before, notify]);
  const set = (to: PlanSpec) => setDraft((now) => ({ ...now, spec: to }));
  const faults = new Faults(view.problem?.faults);
  const planned = canBePlanned(spec);
  const waiting = planned && !view.current && !view.problem;
  return (
    <>
      <div className="print:hidden">
        <DayBar
          draft={draft}
          usual={usual}
          plan={view.current && view.answer?.plan ? view.answer.id : null}
          onChange={setDraft}
        />
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
      {planned && view.answer && <Answer view={view} spec={spec} day={draft.day} state={view.answer} onChange={set} />}
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
  const plan = progress?.plan;
  if (!plan) {
    return "Planning…";
  }
  const late = plan.late > 0 ? `, servings are ${durationWords(plan.late)} late in all` : "";
  const gap = gapWords(plan.gap);
  return `Looking for a better plan. So far work begins at ${clockWords(plan.begins)}${late}${gap && `; ${gap}`}.`;
}

/** That work should have been begun by now. */
function passed(day: string, begins: number) {
  const now = minuteNow(day);
  return now !== null && now > begins ? ` (${durationWords(now - begins)} ago)` : "";
}

const MINUTES_PER_HOUR = 60;

/** The minute of the day it is now; null on another day. */
function minuteNow(day: string) {
  const now = new Date();
  return day === today() ? now.getHours() * MINUTES_PER_HOUR + now.getMinutes() : null;
}

const calendarOf = (plan: string, day: string, worker: string | null) =>
  `/api/plan/${plan}/calendar?${new URLSearchParams({ day, ...(worker === null ? {} : { worker }) })}`;

/** What to pour the water of each dough at that day. */
function Water({ servings }: { servings: PlannedServing[] }) {
  const figures = useFigures();
  const said = servings.map(({ waterC }, at) =>
    waterC === null || waterC === undefined
      ? `${LETTERS[at]} water alone does not reach it`
      : `${LETTERS[at]} ${figures.temperature(waterC)}`,
  );
  return <p className="pb-1 text-sm">Water for the dough temperature wanted: {said.join(", ")}.</p>;
}

/** A task that is moved, and what that would break if everything else stayed. */
function useMoves(plan: string, onPin: (task: string, start: number) => void) {
  const [moving, setMoving] = useState<Moving | null>(null);
  const asked = useQuery({
    ...movedQuery(plan, moving?.task.key ?? "", moving?.start ?? 0),
    enabled: moving !== null && moving.start !== moving.task.start,
  });
  const broken = asked.data ?? null;
  return { moving, broken, breaks: (broken?.length ?? 0) > 0, onMove: setMoving, onPin };
}

/** What is shown of a plan below its picture. */
const VIEWS = [
  { code: "steps", name: "Step by step" },
  { code: "needs", name: "To have ready" },
  { code: "bowls", name: "To weigh" },
  { code: "kept", name: "To keep" },
] as const;

interface AnswerProps {
  view: AnswerView<PlanState>;
  state: PlanState;
  spec: PlanSpec;
  day: string;
  onChange: (spec: PlanSpec) => void;
}

function Answer({ view, state, spec, day, onChange }: AnswerProps) {
  const [selected, setSelected] = useState<string | null>(null);
  const [worker, setWorker] = useState<string | null>(null);
  const [shown, setShown] = useState<"steps" | ListView>("steps");
  const { plan, servings } = state;
  const workers = workersOf(spec).flatMap(({ name }) => (name ? [name] : []));
  const pin = (task: string, start: number | null) => onChange(withPin(spec, task, start));
  const moves = useMoves(state.id, pin);
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
            {passed(day, plan.begins)}
            {plan.late === 0
              ? `${state.missed.length > 0 ? ", with what is missed above" : ""}, and everything is ready when it is served`
              : `; servings are ${durationWords(plan.late)} late in all`}
            . {durationWords(plan.handsOn)} of work by hand, {plan.handOvers === 0 ? "no" : plan.handOvers} hand-over
            {plan.handOvers === 1 ? "" : "s"}; bread stands {durationWords(plan.standing)} from the pan until it is
            served
            {servings.length > 1 ? ", all servings together" : ""}
            {plan.fridgeLitres > 0 ? `; at most ${plan.fridgeLitres} litres in the fridge` : ""}
            {plan.trays ? `; at most ${placeName("tray", plan.trays)} at a time` : ""}.{" "}
            {gapWords(plan.gap) && (
              <span className="soft">
                There may be a better plan: {gapWords(plan.gap)}. This is the best that was found in time.
              </span>
            )}
          </p>
          <Water servings={servings} />
          <div className={shown === "steps" ? "" : "print:hidden"}>
            <Lanes
              plan={plan}
              servings={servings}
              workers={workers}
              now={minuteNow(day)}
              selected={selected}
              onSelect={setSelected}
              moves={moves}
            />
          </div>
          <p
            className={`min-h-10 print:hidden ${moves.moving ? "bg-base-200 sticky bottom-2 z-10 rounded px-3 py-2 text-sm" : "pt-1 text-xs"}`}
            role="status"
            data-testid="moved"
          >
            {moves.moving ? (
              movedWords(moves.moving, moves.broken, plan.tasks, servings)
            ) : (
              <span className="soft">
                Shaded: when a dough can be rolled. Heavy line: when it is served. Drag a task to pin it, or move it
                with the arrow keys and press Enter; the rest is planned around it.
              </span>
            )}
          </p>
          <div className="flex flex-wrap items-end gap-3 pt-4 pb-2">
            <span className="flex-1 print:hidden">
              <ViewChoice views={VIEWS} shown={shown} onShow={setShown} />
            </span>
            <h2 className="section-title hidden flex-1 print:block">
              {worker !== null && shown === "steps"
                ? `The day of ${worker}`
                : VIEWS.find(({ code }) => code === shown)?.name}
            </h2>
            {shown === "steps" && (
              <span className="flex items-end gap-2 print:hidden">
                <select
                  className="select select-sm w-44"
                  aria-label="Whose steps"
                  value={worker ?? ""}
                  onChange={(event) => setWorker(event.target.value || null)}
                >
                  <option value="">everything</option>
                  {workers.map((name) => (
                    <option key={name}>{name}</option>
                  ))}
                </select>
                <a className="btn btn-sm" href={calendarOf(state.id, day, worker)} aria-disabled={day === ""}>
                  Calendar
                </a>
                <a className="btn btn-sm" href={`/api/plan/${state.id}/csv`}>
                  CSV
                </a>
              </span>
            )}
            <button type="button" className="btn btn-sm print:hidden" onClick={() => window.print()}>
              Print
            </button>
          </div>
          {shown === "steps" ? (
            <TaskTable
              plan={plan}
              servings={servings}
              worker={worker}
              selected={selected}
              onSelect={setSelected}
              onPin={pin}
            />
          ) : (
            <DayLists plan={state.id} day={day} servings={servings} view={shown} />
          )}
          {state.stage === "done" && <Alternatives spec={spec} state={state} onTake={onChange} />}
        </>
      ) : (
        state.stage === "done" && <p>No plan was found in time. Ask for less, and try again.</p>
      )}
    </div>
  );
}

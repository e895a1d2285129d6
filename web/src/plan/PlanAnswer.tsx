import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { movedQuery, type PlannedServing, type PlanSpec, type PlanState } from "../api";
import { useFigures } from "../figures";
import type { AnswerView } from "../formula";
import { ViewChoice } from "../parts";
import { LETTERS, movedWords } from "../words";
import { Alternatives } from "./Alternatives";
import { Clash } from "./Clash";
import { DayLists, type ListView } from "./DayLists";
import { minuteNow, withPin, workersOf } from "./draft";
import { Lanes } from "./Lanes";
import { PlanSummary } from "./PlanSummary";
import type { Moving } from "./lanes";
import { TaskTable } from "./TaskTable";

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

interface PlanAnswerProps {
  view: AnswerView<PlanState>;
  state: PlanState;
  spec: PlanSpec;
  day: string;
  onChange: (spec: PlanSpec) => void;
}

/** The plan of a day: what clashes, the picture, its steps and lists, other ways. */
export function PlanAnswer({ view, state, spec, day, onChange }: PlanAnswerProps) {
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
          <PlanSummary state={state} plan={plan} day={day} />
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

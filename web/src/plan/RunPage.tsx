import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, type DayRunAnswer, dayRunQuery, newUuid, type RunTask, taken } from "../api";
import { useFigures } from "../figures";
import { ErrorNotice, ErrorText } from "../parts";
import { clockWords, durationWords, LETTERS, missedWords, taskName } from "../words";
import { Lanes } from "./Lanes";
import { inHand, runWords, shiftWords, toCome } from "./run";

/** A day as it is run: what everybody does now, what comes next, and what was moved by what is late. */
export function RunPage() {
  const id = Number(useParams().id);
  const day = useQuery(dayRunQuery(id));
  return (
    <main className="mx-auto max-w-[84rem] px-6 pt-7 pb-16" data-testid="run" data-current={day.isSuccess}>
      {day.data ? <Running key={day.data.id} answer={day.data} /> : <h1 className="text-[2.1rem]">The day</h1>}
      <ErrorNotice error={day.error} retry={() => void day.refetch()} />
    </main>
  );
}

function Running({ answer }: { answer: DayRunAnswer }) {
  const figures = useFigures();
  const [selected, setSelected] = useState<string | null>(null);
  const { note, take, end, error, busy } = useRun(answer.id);
  const servings = answer.servings.map(({ serving }) => serving);
  const workers = [...new Set(answer.tasks.flatMap(({ worker }) => (worker ? [worker] : [])))].sort();
  const drawn = {
    tasks: answer.tasks.map((task) => ({
      ...task,
      worker: task.worker ?? null,
      role: null,
      sooner: 0,
      pinned: false,
      coolsUntil: null,
    })),
    rolled: answer.rolled,
  };
  const now = inHand(answer.tasks, workers);
  return (
    <>
      <div className="flex flex-wrap items-end gap-4">
        <div className="flex-1">
          <h1 className="text-[2.1rem] leading-tight">{answer.name}</h1>
          <p className="soft text-sm">
            {figures.weekday(answer.day)}.{" "}
            <Link className="link" to={`/plan?day=${answer.id}`}>
              Its plan
            </Link>
          </p>
        </div>
        <p className="text-4xl tabular-nums" data-testid="run-clock">
          {clockWords(answer.now)}
        </p>
        <button className="btn btn-sm" onClick={end}>
          End the day
        </button>
      </div>
      <p className="py-3 text-lg" role="status" data-testid="run-words">
        {runWords(answer)} {answer.missed.map(({ demand, by }) => missedWords(demand, by, servings)).join(" ")}
        {answer.looking && <span className="soft"> Looking for a better way to go on…</span>}
      </p>
      <ErrorText error={error} />
      {answer.better && <Better answer={answer} onTake={take} />}
      <div className="grid gap-3 lg:grid-cols-2" data-testid="in-hand">
        {now.map(({ worker, task }) => (
          <InHand
            key={task.key}
            worker={worker}
            task={task}
            answer={answer}
            busy={busy}
            onNote={(done) => note({ task: task.key, done })}
          />
        ))}
      </div>
      {answer.tasks.every(({ standing }) => standing === "done") && (
        <p className="py-4 text-lg">
          Everything is done. The batches go on at the bench until they are finished there.
        </p>
      )}
      <div className="pt-5">
        <Lanes
          plan={drawn}
          servings={servings}
          workers={workers}
          now={answer.now}
          selected={selected}
          onSelect={setSelected}
        />
      </div>
      <Queue tasks={toCome(answer.tasks, now)} answer={answer} selected={selected} />
    </>
  );
}

interface InHandProps {
  worker: string | null;
  task: RunTask;
  answer: DayRunAnswer;
  busy: boolean;
  onNote: (done: boolean) => void;
}

/** What somebody does now or next, or what goes on by itself. */
function InHand({ worker, task, answer, busy, onNote }: InHandProps) {
  const { letter, name, batch } = servingOf(answer, task);
  const going = task.standing === "going";
  const left = task.end - answer.now;
  const label = `${taskName(task.kind)} of ${name}`;
  return (
    <section
      className={`hairline flex flex-wrap items-center gap-3 rounded-lg border p-4 ${going ? "bg-base-200" : ""}`}
      aria-label={worker ?? label}
    >
      <div className="min-w-56 flex-1">
        <p className="soft text-sm">{worker ?? "by itself"}</p>
        <p className="text-2xl leading-tight">{taskName(task.kind)}</p>
        <p>
          {letter}{" "}
          {batch === null ? (
            name
          ) : (
            <Link className="link" to={`/bench/${batch}`}>
              {name}
            </Link>
          )}
        </p>
        <p className="text-sm tabular-nums">
          {going
            ? `since ${clockWords(task.start)}, ${left > 0 ? `${durationWords(left)} left` : "over its time"}`
            : [`at ${clockWords(task.start)}`, shiftWords(task.moved)].filter(Boolean).join(", ")}
        </p>
      </div>
      {task.noted && (
        <span className="flex gap-2">
          {!going && worker !== null && (
            <button
              className="btn h-16 text-lg"
              aria-label={`Begin ${label}`}
              disabled={busy}
              onClick={() => onNote(false)}
            >
              Begin
            </button>
          )}
          <button
            className={`btn h-16 text-lg ${going ? "btn-primary" : ""}`}
            aria-label={`Done: ${label}`}
            disabled={busy}
            onClick={() => onNote(true)}
          >
            Done
          </button>
        </span>
      )}
    </section>
  );
}

function servingOf(answer: DayRunAnswer, task: RunTask) {
  const at = answer.servings.findIndex(({ serving }) => serving.key === task.serving);
  const found = answer.servings[at];
  return { letter: LETTERS[at] ?? "", name: found?.serving.name ?? "", batch: found?.batch ?? null };
}

/** A better way to go on, with what it changes; it is taken by one press, and never by itself. */
function Better({ answer, onTake }: { answer: DayRunAnswer; onTake: (plan: string) => void }) {
  const { better } = answer;
  if (!better) {
    return null;
  }
  const servings = answer.servings.map(({ serving }) => serving);
  const byKey = new Map(answer.tasks.map((task) => [task.key, task]));
  return (
    <section
      className="border-primary bg-base-200 mb-4 rounded-md border-l-4 px-4 py-3"
      aria-label="A better way to go on"
      data-testid="better"
    >
      <h2 className="section-title">There is a better way to go on</h2>
      <p className="text-sm">
        {better.missed.length === 0
          ? "Everything would be ready when it is served."
          : "Then: " + better.missed.map(({ demand, by }) => missedWords(demand, by, servings)).join(" ")}{" "}
        What is being done stays as it is. This would change:
      </p>
      <ul className="list-disc py-1 pl-5 text-sm">
        {better.changes.map(({ task, from, to, worker }) => {
          const of = byKey.get(task);
          return (
            of && (
              <li key={task}>
                {servingOf(answer, of).letter} {taskName(of.kind)}
                {from === to ? "" : ` at ${clockWords(to)} instead of ${clockWords(from)}`}
                {worker ? `, by ${worker}` : ""}
              </li>
            )
          );
        })}
      </ul>
      <button className="btn btn-primary btn-sm" onClick={() => onTake(better.plan)}>
        Go on like this
      </button>
    </section>
  );
}

/** What comes later, in order. */
function Queue({ tasks, answer, selected }: { tasks: RunTask[]; answer: DayRunAnswer; selected: string | null }) {
  if (tasks.length === 0) {
    return null;
  }
  const moves = tasks.some(({ moved }) => moved !== 0);
  return (
    <div className="relative overflow-x-auto pt-4">
      <h2 className="section-title">To come</h2>
      <table className="w-full text-sm" data-testid="run-queue">
        <thead>
          <tr className="soft text-left text-xs">
            {["Begins", "What", "Serving", "Who", ...(moves ? ["Moved"] : [])].map((heading) => (
              <th key={heading} scope="col" className="pr-3 font-normal">
                {heading}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {tasks.map((task) => {
            const { letter, name } = servingOf(answer, task);
            return (
              <tr key={task.key} className={`hairline border-t ${task.key === selected ? "bg-base-200" : ""}`}>
                <td className="py-1 pr-3 font-semibold tabular-nums">{clockWords(task.start)}</td>
                <td className="pr-3">{taskName(task.kind)}</td>
                <td className="pr-3">
                  {letter} {name}
                </td>
                <td className="pr-3">{task.worker ?? <span className="soft">by itself</span>}</td>
                {moves && <td className="pr-3 tabular-nums">{shiftWords(task.moved)}</td>}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/** What can be done to a day that is run; every answer is the day as it stands then. */
function useRun(id: number) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const path = { id };
  const show = (answer: DayRunAnswer) => queries.setQueryData(dayRunQuery(id).queryKey, answer);
  const noting = useMutation({
    mutationFn: (body: { task: string; done: boolean }) =>
      taken(api.POST("/api/days/{id}/run/tasks", { params: { path }, body: { key: newUuid(), ...body } })),
    onMutate: () => queries.cancelQueries({ queryKey: dayRunQuery(id).queryKey }),
    onSuccess: (answer) => {
      show(answer);
      void queries.invalidateQueries({ queryKey: ["bench"] });
    },
  });
  const taking = useMutation({
    mutationFn: (plan: string) => taken(api.PUT("/api/days/{id}/run", { params: { path }, body: { plan } })),
    onMutate: () => queries.cancelQueries({ queryKey: dayRunQuery(id).queryKey }),
    onSuccess: show,
  });
  const ending = useMutation({
    mutationFn: () => taken(api.DELETE("/api/days/{id}/run", { params: { path } })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["days", "list"] });
      void navigate(`/plan?day=${id}`);
    },
  });
  return {
    note: noting.mutate,
    take: taking.mutate,
    end: () => ending.mutate(),
    error: noting.error ?? taking.error ?? ending.error,
    busy: noting.isPending,
  };
}

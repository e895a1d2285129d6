import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { type DayRunAnswer, dayRunQuery } from "../api";
import { useFigures } from "../figures";
import { ErrorNotice, ErrorText } from "../parts";
import { clockWords, missedWords } from "../words";
import { BetterWay } from "./BetterWay";
import { InHand } from "./InHand";
import { Lanes } from "./Lanes";
import { Queue } from "./Queue";
import { inHand, runWords, toCome } from "./run";
import { useRun } from "./useRun";

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
    onTrays: answer.onTrays,
    tooMuch: answer.tooMuch,
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
      {answer.better && <BetterWay answer={answer} onTake={take} />}
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

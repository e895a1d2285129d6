import { useQuery } from "@tanstack/react-query";
import { useCallback } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { type BenchAnswer, type BenchEntry, pantryQuery } from "../api";
import { useFigures } from "../figures";
import { useCommands } from "../frame";
import { ErrorNotice } from "../parts";
import { madeAsWords } from "../words";
import { BatchTabs } from "./BatchTabs";
import { Finish } from "./Finish";
import { Log } from "./Log";
import { Photos } from "./Photos";
import { ReadingPanel } from "./ReadingPanel";
import { Speech } from "./Speech";
import { StepList } from "./StepList";
import { StepView } from "./StepView";
import { Timers } from "./Timers";
import { type Bench, useBench } from "./useBench";
import { useTick } from "./useTick";
import { useWakeLock } from "./useWakeLock";
import { WindowChart } from "./WindowChart";

/** A batch at the bench: one step large, everything else one touch away. */
export function BenchPage() {
  const id = Number(useParams().id);
  const bench = useBench(id);
  const shown = useTick(bench.now);
  useWakeLock();
  return (
    <>
      <BatchTabs shown={shown} />
      <main className="px-6 pt-4 pb-10">
        <Sending bench={bench} />
        {bench.answer ? (
          <AtTheBench key={id} bench={bench} answer={bench.answer} shown={shown} />
        ) : bench.error ? (
          <ErrorNotice error={bench.error} />
        ) : (
          <p className="soft py-24 text-center">Opening the batch…</p>
        )}
      </main>
    </>
  );
}

/** What waits to be sent, and what was refused. */
function Sending({ bench }: { bench: Bench }) {
  return (
    <div aria-live="polite">
      {bench.offline && (
        <p className="border-warning bg-base-200 mb-3 rounded-md border-l-4 px-4 py-2" data-testid="offline">
          The server is out of reach. {bench.waiting.length}{" "}
          {bench.waiting.length === 1 ? "entry waits" : "entries wait"} here and will be sent, once and in order. Go on.
        </p>
      )}
      {bench.problem && (
        <p role="alert" className="border-error bg-base-200 mb-3 rounded-md border-l-4 px-4 py-2">
          Not noted{bench.refused && refusedWords(bench.refused)}:{" "}
          {bench.problem.faults?.map(({ message }) => message).join(" ") || bench.problem.detail}
        </p>
      )}
    </div>
  );
}

/** What was typed, so that it can be typed right. */
function refusedWords({ figure, text }: BenchEntry): string {
  const typed = figure ?? text;
  return typed == null ? "" : ` (“${typed}”)`;
}

function AtTheBench({ bench, answer, shown }: { bench: Bench; answer: BenchAnswer; shown: number }) {
  const figures = useFigures();
  const navigate = useNavigate();
  const pantry = useQuery(pantryQuery);
  const name = useCallback(
    (code: string) => pantry.data?.ingredients.find((each) => each.code === code)?.name ?? code,
    [pantry.data],
  );
  const { run, batch, clock } = answer;
  const finished = run.finishedAt != null;
  const minute =
    run.wettedAt == null
      ? null
      : finished
        ? (run.minute ?? null)
        : Math.max(0, (shown - Date.parse(run.wettedAt)) / 60_000);
  const at = answer.steps.findIndex(({ step }) => step.key === run.current);
  const worded = answer.steps[at];
  const done = () => worded && bench.note({ kind: "step", step: worded.step.key, outcome: "done" });
  const last = answer.entries.findLast(({ undoneAt }) => undoneAt == null);
  useCommands([
    { name: "This step is done", keys: "d", run: done, enabled: worded !== undefined },
    { name: "Undo the last entry", keys: "mod+z", run: () => last && bench.undo(last.entry.key) },
    { name: "All batches", run: () => void navigate("/bench") },
  ]);
  return (
    <div className="grid grid-cols-[minmax(0,1.7fr)_minmax(0,1fr)] gap-8">
      <div>
        <p className="soft flex flex-wrap gap-x-4 pb-1" data-testid="batch-line">
          <Link className="link" to={`/formulas/${batch.formula}/balance`}>
            {answer.name}
          </Link>
          <span>
            version {batch.version}
            {batch.factor !== 1 &&
              `, ${figures.number(batch.factor, Number.isInteger(batch.factor * 10) ? 1 : 2)} times`}
          </span>
          {madeAsWords(batch, figures).map((words) => (
            <strong key={words}>{words}</strong>
          ))}
          <span data-testid="minute">
            {minute == null ? "water has not met flour yet" : `minute ${figures.number(Math.floor(minute), 0)}`}
          </span>
          {!clock.right && <strong>practice clock, {figures.number(clock.speed, 0)} times as fast</strong>}
        </p>
        {worded ? (
          <StepView
            bench={bench}
            answer={answer}
            worded={worded}
            next={answer.steps[at + 1]}
            shown={shown}
            minute={minute}
            name={name}
            onDone={done}
          />
        ) : (
          <Finish bench={bench} answer={answer} />
        )}
      </div>
      <aside className="flex flex-col gap-4">
        <section aria-label="Rolling window">
          <WindowChart answer={answer} minute={finished ? null : minute} />
          {answer.bowl && (
            <p className="soft text-sm" data-testid="bench-bowl">
              In the bowl {figures.mass(answer.bowl.doughGrams)}
              {answer.bowl.waterPct != null && <>, water {figures.percent(answer.bowl.waterPct)} of the flour</>}
              {run.bowl.water === "dough-weight" && " (from the weight of the dough)"}
            </p>
          )}
        </section>
        {!finished && <Timers answer={answer} shown={shown} onNote={bench.note} />}
        <details>
          <summary className="cursor-pointer text-lg">
            Photographs{answer.photos.length > 0 && ` (${answer.photos.length})`}
          </summary>
          <Photos batch={batch.id} photos={answer.photos} large />
        </details>
        <details>
          <summary className="cursor-pointer text-lg">Take a reading</summary>
          <ReadingPanel answer={answer} onNote={bench.note} />
        </details>
        <details>
          <summary className="cursor-pointer text-lg">All steps</summary>
          <StepList answer={answer} onNote={bench.note} />
        </details>
        <details open>
          <summary className="cursor-pointer text-lg">Noted</summary>
          <Log answer={answer} waiting={bench.waiting} onUndo={bench.undo} name={name} />
        </details>
        <Speech
          words={
            worded
              ? worded.words
                  .flat()
                  .map(({ text }) => text)
                  .join("")
              : ""
          }
        />
      </aside>
    </div>
  );
}

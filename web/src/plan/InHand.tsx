import { Link } from "react-router";
import type { DayRunAnswer, RunTask } from "../api";
import { clockWords, durationWords, taskName } from "../words";
import { servingOf, shiftWords } from "./run";

interface InHandProps {
  worker: string | null;
  task: RunTask;
  answer: DayRunAnswer;
  busy: boolean;
  onNote: (done: boolean) => void;
}

/** What somebody does now or next, or what goes on by itself. */
export function InHand({ worker, task, answer, busy, onNote }: InHandProps) {
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

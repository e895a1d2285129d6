import type { DayRunAnswer } from "../api";
import { clockWords, missedWords, taskName } from "../words";
import { servingOf } from "./run";

/** A better way to go on, with what it changes; it is taken by one press, and never by itself. */
export function BetterWay({ answer, onTake }: { answer: DayRunAnswer; onTake: (plan: string) => void }) {
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

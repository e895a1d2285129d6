import type { DayRunAnswer, RunTask } from "../api";
import { Headings } from "../parts";
import { clockWords, taskName } from "../words";
import { servingOf, shiftWords } from "./run";

/** What comes later, in order. */
export function Queue({
  tasks,
  answer,
  selected,
}: {
  tasks: RunTask[];
  answer: DayRunAnswer;
  selected: string | null;
}) {
  if (tasks.length === 0) {
    return null;
  }
  const moves = tasks.some(({ moved }) => moved !== 0);
  return (
    <div className="relative overflow-x-auto pt-4">
      <h2 className="section-title">To come</h2>
      <table className="w-full text-sm" data-testid="run-queue">
        <Headings of={["Begins", "What", "Serving", "Who", ...(moves ? ["Moved"] : [])]} />
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

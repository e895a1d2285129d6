import type { DayPlan, PlannedServing } from "../api";
import { Headings } from "../parts";
import { clockWords, durationWords, LETTERS, takesUpWords, taskName } from "../words";
import { TimeField } from "./TimeField";

interface TaskTableProps {
  plan: DayPlan;
  servings: PlannedServing[];
  /** Only what this worker does; all for null. */
  worker: string | null;
  selected: string | null;
  onSelect: (task: string) => void;
  onPin: (task: string, start: number | null) => void;
}

/** The same plan as a table, in the order of the clock. */
export function TaskTable({ plan, servings, worker, selected, onSelect, onPin }: TaskTableProps) {
  const tasks = plan.tasks.filter((task) => worker === null || task.worker === worker);
  return (
    <div className="relative overflow-x-auto">
      <table className="w-full text-sm" data-testid="plan-tasks">
        <Headings of={["Begins", "Done", "What", "For", "Who", "Takes up", "Could begin", "Begin at"]} />
        <tbody>
          {tasks.map((task) => {
            const number = servings.findIndex(({ key }) => key === task.serving);
            const name = servings[number]?.name ?? "";
            return (
              <tr
                key={task.key}
                className={`hairline border-t ${task.key === selected ? "bg-base-200" : ""}`}
                onClick={() => onSelect(task.key)}
              >
                <td className="py-1 pr-3 font-semibold whitespace-nowrap tabular-nums">{clockWords(task.start)}</td>
                <td className="pr-3 whitespace-nowrap tabular-nums">{clockWords(task.end)}</td>
                <td className="pr-3">
                  {taskName(task.kind)}
                  {task.coolsUntil != null && (
                    <span className="soft block text-xs">cools until {clockWords(task.coolsUntil)}</span>
                  )}
                </td>
                <td className="pr-3">
                  {LETTERS[number]} {name}
                </td>
                <td className="pr-3">{task.worker ?? <span className="soft">by itself</span>}</td>
                <td className="pr-3">{takesUpWords(task, plan.onTrays ?? [])}</td>
                <td className="pr-3 whitespace-nowrap">
                  {task.sooner > 0 ? `${durationWords(task.sooner)} sooner` : <strong>only then</strong>}
                </td>
                <td className="print:hidden">
                  <span className="flex items-center gap-1">
                    <TimeField
                      label={`When ${taskName(task.kind)} of ${name} begins`}
                      value={task.pinned ? task.start : null}
                      onChange={(start) => onPin(task.key, start)}
                    />
                    {task.pinned && (
                      <button
                        type="button"
                        className="btn btn-ghost btn-xs"
                        aria-label={`Let go of ${taskName(task.kind)} of ${name}`}
                        onClick={() => onPin(task.key, null)}
                      >
                        Let go
                      </button>
                    )}
                  </span>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

import type { PlannedServing } from "../api";
import { arrowStep, useDrawingDrag } from "../parts";
import { clockWords, LETTERS, taskName } from "../words";
import type { Across } from "./drawing";
import { type Bar, type Lane, type Moving, SNAP_MIN, snapped } from "./lanes";
import { SpanShape } from "./SpanShape";

export interface Moves {
  /** The task that is moved just now; null for none. */
  moving: Moving | null;
  /** Whether it would break something there. */
  breaks: boolean;
  onMove: (moving: Moving | null) => void;
  /** Has a task begin then. */
  onPin: (task: string, start: number) => void;
}

interface TaskBarProps {
  bar: Bar;
  top: number;
  x: Across;
  servings: PlannedServing[];
  minutesPerUnit: number;
  reached: boolean;
  isSelected: boolean;
  onSelect: () => void;
  moves?: Moves;
}

/** A task in a lane: selected by a press, moved by dragging or by the arrow keys. */
export function TaskBar({ bar, top, x, servings, minutesPerUnit, reached, isSelected, onSelect, moves }: TaskBarProps) {
  const { task } = bar;
  const number = servings.findIndex(({ key }) => key === task.serving);
  const name = servings[number]?.name ?? "";
  const times = `${clockWords(task.start)} to ${clockWords(task.end)}`;
  const moved = moves?.moving?.task.key === task.key ? moves.moving.start : null;
  const move = (start: number) => moves?.onMove({ task, start: snapped(start) });
  const pin = () => {
    if (moved !== null && moved !== task.start) {
      moves?.onPin(task.key, moved);
    }
    moves?.onMove(null);
  };
  const drag = useDrawingDrag({
    onStart: () => task.start,
    onMove: (start, right) => move(start + right * minutesPerUnit),
    onEnd: pin,
  });
  return (
    <g
      {...drag}
      className={moves ? "cursor-grab touch-none" : ""}
      {...(reached
        ? {
            role: "button",
            tabIndex: 0,
            "aria-label": `${LETTERS[number] ?? ""} ${taskName(task.kind)}, ${name}, ${times}${task.pinned ? ", pinned" : ""}`,
            "aria-pressed": isSelected,
          }
        : { "aria-hidden": true })}
      onClick={onSelect}
      onBlur={() => moved !== null && moves?.onMove(null)}
      onKeyDown={(event) => {
        const step = moves && arrowStep(event);
        if (event.key === "Enter" || event.key === " ") {
          event.preventDefault();
          onSelect();
          pin();
        } else if (event.key === "Escape") {
          moves?.onMove(null);
        } else if (step !== undefined) {
          move((moved ?? task.start) + step * SNAP_MIN);
        }
      }}
    >
      <title>{`${taskName(task.kind)}, ${name}: ${times}`}</title>
      <TaskShape bar={bar} start={moved ?? task.start} {...{ top, x, number, isSelected }} />
    </g>
  );
}

interface TaskShapeProps {
  bar: Bar;
  start: number;
  top: number;
  x: Across;
  number: number;
  isSelected: boolean;
  breaks?: boolean;
}

function TaskShape({ bar: { task, row, rows }, start, ...drawn }: TaskShapeProps) {
  return (
    <SpanShape
      {...drawn}
      from={start}
      to={start + task.end - task.start}
      {...{ row, rows }}
      words={taskName(task.kind)}
      byHand={task.worker !== null}
      pinned={task.pinned}
    />
  );
}

interface MovedBarProps {
  moving: Moving;
  breaks: boolean;
  lanes: Lane[];
  tops: number[];
  servings: PlannedServing[];
  x: Across;
}

/** The task on its way, once more and over everything: its own bar lies below those that were drawn after it. */
export function MovedBar({ moving: { task, start }, breaks, lanes, tops, servings, x }: MovedBarProps) {
  const number = servings.findIndex(({ key }) => key === task.serving);
  return (
    <g aria-hidden pointerEvents="none">
      {lanes.map((lane, at) =>
        lane.bars
          .filter((bar) => bar.task.key === task.key)
          .map((bar) => (
            <TaskShape key={lane.key} top={tops[at] ?? 0} isSelected {...{ bar, start, x, number, breaks }} />
          )),
      )}
    </g>
  );
}

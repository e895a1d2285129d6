import type { DayTask, PlannedServing } from "../api";
import { useFigures } from "../figures";
import { arrowStep, useDrawingDrag } from "../parts";
import { clockWords, LETTERS, placeName, taskName, trayWords } from "../words";
import {
  type Bar,
  type Clock,
  clockOf,
  type Drawn,
  type Lane,
  lanesOf,
  SNAP_MIN,
  snapped,
  type TrayBar,
} from "./lanes";

const WIDTH = 1000;
const LEFT = 132;
const RIGHT = 8;
const TOP = 20;
const ROW = 26;
const GAP = 7;
/** A mark so near the edge has its words before it. */
const EDGE = 22;
const LETTER_WIDTH = 6.6;
const COOLS_WIDTH = 40;
const PLACE_NAMES = { pan: "Pans", oven: "Oven", mixer: "Mixer", fridge: "Fridge" };
/** A hue for each serving; its letter says the same. */
const HUES = [75, 150, 25, 240, 310, 110, 200, 350, 50, 180, 270, 130];

interface LanesProps {
  plan: Drawn;
  servings: PlannedServing[];
  workers: string[];
  /** What time it is; null on another day. */
  now: number | null;
  selected: string | null;
  onSelect: (task: string) => void;
  /** Tasks that can be moved; absent where they stay where they are. */
  moves?: Moves;
}

/** A task on its way to another time. */
export interface Moving {
  task: DayTask;
  start: number;
}

export interface Moves {
  /** The task that is moved just now; null for none. */
  moving: Moving | null;
  /** Whether it would break something there. */
  breaks: boolean;
  onMove: (moving: Moving | null) => void;
  /** Has a task begin then. */
  onPin: (task: string, start: number) => void;
}

/** A plan over the clock: who does what, where each dough is, and what is taken up. */
export function Lanes({ plan, servings, workers, now, selected, onSelect, moves }: LanesProps) {
  const lanes = lanesOf(plan, servings, workers, PLACE_NAMES);
  const clock = clockOf(plan, servings);
  const x = (minute: number) => LEFT + ((minute - clock.from) / (clock.to - clock.from)) * (WIDTH - LEFT - RIGHT);
  const tops = lanes.map((_, at) => TOP + lanes.slice(0, at).reduce((sum, { rows }) => sum + rows * ROW + GAP, 0));
  const height = TOP + lanes.reduce((sum, { rows }) => sum + rows * ROW + GAP, 0);
  const minutesPerUnit = (clock.to - clock.from) / (WIDTH - LEFT - RIGHT);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${height}`} className="w-full" role="group" aria-label="The plan over the clock">
      <Marks clock={clock} x={x} height={height} />
      {lanes.map((lane, at) => (
        <g key={lane.key}>
          <LaneGround lane={lane} top={tops[at] ?? 0} x={x} />
          {lane.trays?.map((bar) => (
            <OnTrays key={bar.time.serving} bar={bar} top={tops[at] ?? 0} x={x} servings={servings} />
          ))}
          {lane.bars.map((bar) => (
            <TaskBar
              key={bar.task.key}
              bar={bar}
              top={tops[at] ?? 0}
              x={x}
              number={servings.findIndex(({ key }) => key === bar.task.serving)}
              name={servings.find(({ key }) => key === bar.task.serving)?.name ?? ""}
              minutesPerUnit={minutesPerUnit}
              // A task lies in the lane of its hands and in those of what it takes up: the keyboard needs it once.
              reached={lane.kind !== "place"}
              isSelected={bar.task.key === selected}
              onSelect={() => onSelect(bar.task.key)}
              moves={moves}
            />
          ))}
        </g>
      ))}
      {moves?.moving && <MovedBar moving={moves.moving} breaks={moves.breaks} {...{ lanes, tops, servings, x }} />}
      {now !== null && now >= clock.from && now <= clock.to && (
        <g aria-label={`It is ${clockWords(now)}`} role="img" data-testid="now-line">
          <path d={`M${x(now)} ${TOP - 6}V${height}`} stroke="var(--color-error)" strokeWidth="2" />
          <path d={`M${x(now) - 5} ${TOP - 8}h10l-5 7z`} fill="var(--color-error)" />
        </g>
      )}
    </svg>
  );
}

function Marks({ clock, x, height }: { clock: Clock; x: (minute: number) => number; height: number }) {
  return (
    <g aria-hidden>
      {clock.marks.map((mark) => (
        <g key={mark}>
          <path d={`M${x(mark)} ${TOP - 4}V${height}`} stroke="currentColor" opacity="0.13" />
          <text
            x={x(mark)}
            y={11}
            fontSize="11"
            textAnchor={x(mark) > WIDTH - EDGE ? "end" : "middle"}
            fill="currentColor"
            opacity="0.75"
          >
            {clockWords(mark).split(" ")[0]}
          </text>
        </g>
      ))}
    </g>
  );
}

function LaneGround({ lane, top, x }: { lane: Lane; top: number; x: (minute: number) => number }) {
  const height = lane.rows * ROW;
  const most = Math.floor((LEFT - 10) / LETTER_WIDTH);
  const name = lane.name.length > most ? `${lane.name.slice(0, most - 1)}…` : lane.name;
  return (
    <g>
      <title>{lane.kind === "dough" ? `The dough of ${lane.name}, by itself` : lane.name}</title>
      <rect x={LEFT} y={top} width={WIDTH - LEFT - RIGHT} height={height} fill="currentColor" opacity="0.04" rx="3" />
      <text
        x={0}
        y={top + height / 2 + 4}
        fontSize="12"
        fill="currentColor"
        fontWeight={lane.kind === "worker" ? 600 : 400}
      >
        {name}
      </text>
      {lane.band && (
        <rect
          x={x(lane.band.first)}
          y={top}
          width={Math.max(2, Math.min(x(lane.band.last), WIDTH - RIGHT) - x(lane.band.first))}
          height={height}
          fill="var(--color-primary)"
          opacity="0.16"
        >
          <title>{`It can be rolled from ${clockWords(lane.band.first)} to ${clockWords(lane.band.last)}`}</title>
        </rect>
      )}
      {lane.cooling?.map(({ from, to }) => (
        <g key={from}>
          <title>{`What was prepared cools until ${clockWords(to)}`}</title>
          <path
            d={`M${x(from)} ${top + height / 2}H${x(to) - 1}`}
            stroke="currentColor"
            opacity="0.5"
            strokeDasharray="2 4"
          />
          {x(to) - x(from) > COOLS_WIDTH && (
            <text x={x(from) + 4} y={top + height / 2 - 3} fontSize="11" fill="currentColor">
              cools
            </text>
          )}
        </g>
      ))}
      {lane.due !== undefined && (
        <path d={`M${x(lane.due)} ${top}V${top + height}`} stroke="var(--color-primary)" strokeWidth="3">
          <title>{`Served at ${clockWords(lane.due)}`}</title>
        </path>
      )}
    </g>
  );
}

const hueOf = (number: number) => `oklch(0.68 0.13 ${HUES[number % HUES.length]})`;

/** The words that fit a bar: all, its letter, or none. */
function fitting(words: string, letter: string, width: number): string {
  if (words.length * LETTER_WIDTH < width) {
    return words;
  }
  return letter.length * LETTER_WIDTH + 4 < width ? letter : "";
}

interface OnTraysProps {
  bar: TrayBar;
  top: number;
  x: (minute: number) => number;
  servings: PlannedServing[];
}

/** The balls of a dough on their trays, from when it is divided until the last is rolled. */
function OnTrays({ bar: { time, row }, top, x, servings }: OnTraysProps) {
  const figures = useFigures();
  const number = servings.findIndex(({ key }) => key === time.serving);
  const letter = LETTERS[number] ?? "";
  const width = Math.max(3, x(time.to) - x(time.from) - 1);
  const words = `${trayWords(time, servings[number]?.name ?? "", figures)}, ${clockWords(time.from)} to ${clockWords(time.to)}`;
  const y = top + row * ROW + 2;
  return (
    <g role="img" aria-label={words} data-testid="on-trays">
      <title>{words}</title>
      <rect
        x={x(time.from)}
        y={y}
        width={width}
        height={ROW - 4}
        rx="3"
        fill={`color-mix(in oklch, ${hueOf(number)} 28%, var(--color-base-100))`}
        stroke="currentColor"
        strokeOpacity={0.35}
        strokeDasharray="3 2"
      />
      <text x={x(time.from) + 4} y={y + ROW / 2 + 2} fontSize="11" fill="currentColor" pointerEvents="none">
        {fitting(`${letter} ${placeName("tray", time.trays)}`, letter, width)}
      </text>
    </g>
  );
}

interface TaskBarProps {
  bar: Bar;
  top: number;
  x: (minute: number) => number;
  number: number;
  name: string;
  minutesPerUnit: number;
  reached: boolean;
  isSelected: boolean;
  onSelect: () => void;
  moves?: Moves;
}

function TaskBar(props: TaskBarProps) {
  const { bar, top, x, number, name, minutesPerUnit, reached, isSelected, onSelect, moves } = props;
  const { task } = bar;
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
  const start = moved ?? task.start;
  const letter = LETTERS[number] ?? "";
  return (
    <g
      {...drag}
      className={moves ? "cursor-grab touch-none" : ""}
      {...(reached
        ? {
            role: "button",
            tabIndex: 0,
            "aria-label": `${letter} ${taskName(task.kind)}, ${name}, ${clockWords(task.start)} to ${clockWords(task.end)}${task.pinned ? ", pinned" : ""}`,
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
          move(start + step * SNAP_MIN);
        }
      }}
    >
      <title>{titleOf(task, name)}</title>
      <BarShape bar={bar} start={start} top={top} x={x} number={number} isSelected={isSelected} />
    </g>
  );
}

interface BarShapeProps extends Pick<TaskBarProps, "bar" | "top" | "x" | "number" | "isSelected"> {
  start: number;
  breaks?: boolean;
}

function BarShape({ bar, start, top, x, number, isSelected, breaks = false }: BarShapeProps) {
  const { task } = bar;
  const width = Math.max(3, x(start + task.end - task.start) - x(start) - 1);
  const letter = LETTERS[number] ?? "";
  const y = top + bar.row * ROW + 2;
  const height = bar.rows * ROW - 4;
  return (
    <>
      <rect
        x={x(start)}
        y={y}
        width={width}
        height={height}
        rx="3"
        fill={`color-mix(in oklch, ${hueOf(number)} ${task.worker === null ? 28 : 48}%, var(--color-base-100))`}
        stroke={breaks ? "var(--color-error)" : isSelected ? "var(--color-primary)" : "currentColor"}
        strokeOpacity={isSelected || breaks ? 1 : 0.35}
        strokeWidth={isSelected || breaks ? 2.5 : 1}
        strokeDasharray={task.worker === null ? "3 2" : undefined}
      />
      <text x={x(start) + 4} y={y + height / 2 + 4} fontSize="11" fill="currentColor" pointerEvents="none">
        {fitting(`${letter} ${taskName(task.kind)}`, letter, width)}
      </text>
      {task.pinned && <circle cx={x(start) + width - 6} cy={y + 6} r="3" fill="var(--color-primary)" />}
    </>
  );
}

interface MovedBarProps {
  moving: Moving;
  breaks: boolean;
  lanes: Lane[];
  tops: number[];
  servings: PlannedServing[];
  x: (minute: number) => number;
}

/** The task on its way, once more and over everything: its own bar lies below those that were drawn after it. */
function MovedBar({ moving: { task, start }, breaks, lanes, tops, servings, x }: MovedBarProps) {
  return (
    <g aria-hidden pointerEvents="none">
      {lanes.map((lane, at) =>
        lane.bars
          .filter((bar) => bar.task.key === task.key)
          .map((bar) => (
            <BarShape
              key={lane.key}
              bar={bar}
              start={start}
              top={tops[at] ?? 0}
              x={x}
              number={servings.findIndex(({ key }) => key === task.serving)}
              isSelected
              breaks={breaks}
            />
          )),
      )}
    </g>
  );
}

const titleOf = (task: DayTask, name: string) =>
  `${taskName(task.kind)}, ${name}: ${clockWords(task.start)} to ${clockWords(task.end)}`;

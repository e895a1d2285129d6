import type { PlannedServing } from "../api";
import { clockWords } from "../words";
import { type Across, GAP, LEFT, RIGHT, ROW, TOP, WIDTH } from "./drawing";
import { LaneGround, TooMuch } from "./LaneGround";
import { type Clock, clockOf, type Drawn, lanesOf } from "./lanes";
import { OnTrays } from "./OnTrays";
import { MovedBar, type Moves, TaskBar } from "./TaskBar";

/** A mark so near the edge has its words before it. */
const EDGE = 22;
const PLACE_NAMES = { pan: "Pans", oven: "Oven", mixer: "Mixer", fridge: "Fridge" };

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

/** A plan over the clock: who does what, where each dough is, and what is taken up. */
export function Lanes({ plan, servings, workers, now, selected, onSelect, moves }: LanesProps) {
  const lanes = lanesOf(plan, servings, workers, PLACE_NAMES);
  const clock = clockOf(plan, servings);
  const minutesPerUnit = (clock.to - clock.from) / (WIDTH - LEFT - RIGHT);
  const x: Across = (minute) => LEFT + (minute - clock.from) / minutesPerUnit;
  const tops = lanes.map((_, at) => TOP + lanes.slice(0, at).reduce((sum, { rows }) => sum + rows * ROW + GAP, 0));
  const height = TOP + lanes.reduce((sum, { rows }) => sum + rows * ROW + GAP, 0);
  return (
    <svg viewBox={`0 0 ${WIDTH} ${height}`} className="w-full" role="group" aria-label="The plan over the clock">
      <Marks clock={clock} x={x} height={height} />
      {lanes.map((lane, at) => {
        const top = tops[at] ?? 0;
        return (
          <g key={lane.key}>
            <LaneGround {...{ lane, top, x }} />
            {lane.trays?.map((bar) => (
              <OnTrays key={bar.time.serving} {...{ bar, top, x, servings }} moving={moves?.moving ?? null} />
            ))}
            {lane.bars.map((bar) => (
              <TaskBar
                key={bar.task.key}
                {...{ bar, top, x, servings, minutesPerUnit, moves }}
                // A task lies in the lane of its hands and in those of what it takes up: the keyboard needs it once.
                reached={lane.kind !== "place"}
                isSelected={bar.task.key === selected}
                onSelect={() => onSelect(bar.task.key)}
              />
            ))}
            <TooMuch {...{ lane, top, x }} />
          </g>
        );
      })}
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

function Marks({ clock, x, height }: { clock: Clock; x: Across; height: number }) {
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

import { clockWords, tooFewWords, tooMuchWords } from "../words";
import { type Across, LEFT, RIGHT, ROW, shortened, WIDTH } from "./drawing";
import type { Lane } from "./lanes";

const COOLS_WIDTH = 40;
/** How wide the words of what is too much are. */
const SAID_WIDTH = 160;

interface LaneGroundProps {
  lane: Lane;
  top: number;
  x: Across;
}

/** What lies behind the bars of a lane: its name, when its dough can be rolled, what cools, when it is served. */
export function LaneGround({ lane, top, x }: LaneGroundProps) {
  const height = lane.rows * ROW;
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
        {shortened(lane.name)}
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

/** Over the bars of a lane: while more of it is taken up than there is. */
export function TooMuch({ lane, top, x }: LaneGroundProps) {
  const height = lane.rows * ROW;
  return lane.tooMuch?.map((each) => {
    const before = x(each.to) > WIDTH - SAID_WIDTH;
    return (
      <g key={each.from} role="img" aria-label={tooMuchWords(each)} data-testid="too-much" pointerEvents="none">
        <rect
          x={x(each.from)}
          y={top - 1}
          width={Math.max(3, x(each.to) - x(each.from) - 1)}
          height={height + 2}
          rx="3"
          fill="none"
          stroke="var(--color-error)"
          strokeWidth="2.5"
        />
        <text
          x={before ? x(each.from) - 5 : x(each.to) + 4}
          y={top + height / 2 + 4}
          textAnchor={before ? "end" : "start"}
          fontSize="11"
          fontWeight="600"
          fill="var(--color-error)"
        >
          {tooFewWords(each)}
        </text>
      </g>
    );
  });
}

import type { HandlingAnswer } from "../api";
import { useFigures } from "../figures";
import { PLOT, VIEW } from "./chartGeometry";

type Rise = NonNullable<HandlingAnswer["dough"]["picture"]["rise"]>;

interface RiseLaneProps {
  rise: Rise;
  drawn: { y: (ratio: number) => number; floor: number; line: string };
  horizon: number;
  x: (minute: number) => number;
}

/** The rise above the softness, on the same minutes: its target, and where it is past its best. */
export function RiseLane({ rise, drawn, horizon, x }: RiseLaneProps) {
  const figures = useFigures();
  const right = VIEW.width - PLOT.right;
  const past = rise.pastBestMinute != null && rise.pastBestMinute < horizon ? rise.pastBestMinute : null;
  const { y } = drawn;
  return (
    <g data-testid="rise">
      {past != null && (
        <rect
          x={x(past)}
          width={right - x(past)}
          y={y(rise.maxRatio)}
          height={drawn.floor - y(rise.maxRatio)}
          fill="var(--color-warning)"
          opacity="0.22"
        />
      )}
      <path d={`M${PLOT.left} ${drawn.floor}H${right}`} stroke="currentColor" opacity="0.35" />
      <path
        d={`M${PLOT.left} ${y(rise.targetRatio)}H${right}`}
        stroke="currentColor"
        strokeDasharray="2 3"
        opacity="0.6"
      />
      <text x={PLOT.left - 7} y={y(rise.targetRatio) + 4} fontSize="12" textAnchor="end" fill="currentColor">
        ×{figures.number(rise.targetRatio, 2)}
      </text>
      <text x={PLOT.left - 7} y={drawn.floor} fontSize="12" textAnchor="end" fill="currentColor">
        ×1
      </text>
      <text x={right + 7} y={y(rise.maxRatio) + 4} fontSize="11.5" fill="currentColor">
        ×{figures.number(rise.maxRatio, 2)} most
      </text>
      <path d={drawn.line} fill="none" stroke="var(--color-accent)" strokeWidth="2.6" strokeLinejoin="round" />
    </g>
  );
}

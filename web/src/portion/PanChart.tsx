import type { Cooking } from "../api";
import { useFigures } from "../figures";
import { panChart, PLOT, VIEW } from "./chartGeometry";

interface PanChartProps {
  pan: NonNullable<Cooking["pan"]>;
  wantedC: number;
  /** Whether one has to wait for the pan. */
  isHeldUp: boolean;
}

/** The pan's temperature while the first pieces go on and come off: with the wait that is told, and without. */
export function PanChart({ pan, wantedC, isHeldUp }: PanChartProps) {
  const figures = useFigures();
  const { x, y, ticks, degrees, paced, hurried, on } = panChart(pan, wantedC);
  const floor = VIEW.height - PLOT.bottom;
  return (
    <section aria-label="The pan over the first pieces" className="max-w-3xl pt-5">
      <h2 className="section-title">The pan over the first pieces</h2>
      <p className="text-sm">
        {isHeldUp
          ? `One after another without a wait, the pan falls to ${figures.temperature(pan.coldestC)} (dashed).`
          : "The burner keeps up: nobody has to wait for the pan."}
      </p>
      <svg
        viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
        className="w-full"
        role="img"
        aria-label={`Temperature of the pan, wanted ${figures.temperature(wantedC)}, at the lowest ${figures.temperature(pan.coldestC)}`}
      >
        {on.map(({ from, to }) => (
          <rect
            key={from}
            x={x(from)}
            width={x(to) - x(from)}
            y={floor - 7}
            height="7"
            fill="var(--material-flour)"
            stroke="var(--material-flour-ink)"
          />
        ))}
        {degrees.map((celsius) => (
          <g key={celsius}>
            <path d={`M${PLOT.left} ${y(celsius)}H${VIEW.width - PLOT.right}`} stroke="currentColor" opacity="0.2" />
            <text x={PLOT.left - 6} y={y(celsius) + 4} fontSize="12" textAnchor="end" fill="currentColor">
              {figures.temperature(celsius)}
            </text>
          </g>
        ))}
        {ticks.map((seconds) => (
          <text key={seconds} x={x(seconds)} y={floor + 17} fontSize="12" textAnchor="middle" fill="currentColor">
            {figures.number(seconds / 60, seconds % 60 === 0 ? 0 : 1)} min
          </text>
        ))}
        {isHeldUp && <path d={hurried} fill="none" stroke="var(--color-error)" strokeWidth="2" strokeDasharray="5 4" />}
        <path d={paced} fill="none" stroke="currentColor" strokeWidth="2.4" strokeLinejoin="round" />
        <text x={PLOT.left + 4} y={floor - 11} fontSize="11.5" fill="currentColor" className="halo">
          pieces on the pan
        </text>
      </svg>
    </section>
  );
}

import type { Keeping } from "../api";
import { useFigures } from "../figures";
import { keepingChart, PLOT, VIEW } from "./chartGeometry";

/** Where the line of the moisture has its name: a sixth of the way, above it where it falls. */
const EARLY = 6;

/** Moisture by the hour, and the moisture that it needs; where the two cross it stops being good. */
export function KeepingChart({ answer }: { answer: Keeping }) {
  const figures = useFigures();
  const { x, y, ticks, levels, moisture, needed, goodTo } = keepingChart(answer);
  const floor = VIEW.height - PLOT.bottom;
  const right = VIEW.width - PLOT.right;
  const last = answer.curve.at(-1);
  const early = answer.curve[Math.floor(answer.curve.length / EARLY)];
  const limit = answer.crisp ? answer.crispBelowPct : last?.thresholdPct;
  const inView = last !== undefined && answer.hours <= last.hours;
  return (
    <section aria-label="Moisture by the hour" className="max-w-3xl pt-4">
      <h2 className="section-title">Moisture by the hour</h2>
      <svg
        viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
        className="w-full"
        role="img"
        aria-label={`Moisture by the hour, ${figures.number(answer.at.moisturePct, 1)} % after ${figures.number(answer.hours, 1)} h`}
      >
        <rect
          x={PLOT.left}
          width={Math.max(0, x(goodTo) - PLOT.left)}
          y={PLOT.top}
          height={floor - PLOT.top}
          fill="var(--color-primary)"
          opacity="0.11"
        />
        {levels.map((pct) => (
          <g key={pct}>
            <path d={`M${PLOT.left} ${y(pct)}H${right}`} stroke="currentColor" opacity="0.2" />
            <text x={PLOT.left - 6} y={y(pct) + 4} fontSize="12" textAnchor="end" fill="currentColor">
              {figures.number(pct, 0)} %
            </text>
          </g>
        ))}
        {ticks.map((hours) => (
          <text key={hours} x={x(hours)} y={floor + 17} fontSize="12" textAnchor="middle" fill="currentColor">
            {hours === 0
              ? "cooked"
              : hours >= 48
                ? `${hours / 24} d`
                : `${figures.number(hours, Number.isInteger(hours) ? 0 : 1)} h`}
          </text>
        ))}
        <path d={needed} fill="none" stroke="var(--color-error)" strokeWidth="2" strokeDasharray="5 4" />
        <path d={moisture} fill="none" stroke="var(--material-water)" strokeWidth="2.6" strokeLinejoin="round" />
        {inView && <path d={`M${x(answer.hours)} ${PLOT.top}V${floor}`} stroke="currentColor" strokeDasharray="2 3" />}
        {last && early && (
          <>
            <text
              x={x(early.hours) + 8}
              y={y(early.moisturePct) - 6}
              fontSize="12"
              fill="currentColor"
              className="halo"
            >
              moisture
            </text>
            {limit != null && (
              <text x={right} y={y(limit) - 7} fontSize="12" textAnchor="end" fill="currentColor" className="halo">
                {answer.crisp ? "crisp below this" : "folding needs this"}
              </text>
            )}
          </>
        )}
      </svg>
    </section>
  );
}

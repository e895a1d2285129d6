import { useMemo } from "react";
import type { HandlingAnswer } from "../api";
import type { Editor } from "../formula";
import { useFigures } from "../figures";
import { Hint } from "../parts";
import { chartOf, PLOT, VIEW } from "./chartGeometry";
import { PhaseTrack } from "./PhaseTrack";
import { RiseLane } from "./RiseLane";

const MOMENTS: Record<string, string> = {
  kneaded: "kneaded",
  "has-drunk": "has drunk",
  risen: "risen",
  ready: "ready",
  "past-best": "past its best",
  weeps: "starts to weep",
  closes: "too late",
};

interface RollingChartProps {
  answer: HandlingAnswer;
  nowMinute: number | null;
  editor: Editor;
}

/** Softness with its uncertainty and spring-back over time, both limits, the window shaded, the moments named. */
export function RollingChart({ answer, nowMinute, editor }: RollingChartProps) {
  const figures = useFigures();
  const { picture } = answer.dough;
  const { style } = answer;
  const chart = useMemo(() => chartOf(answer), [answer]);
  const { x, y, springY, floor } = chart;
  const window = picture.window;
  return (
    <section aria-label="Rolling window" className="pt-2">
      <svg
        viewBox={`0 0 ${VIEW.width} ${chart.height}`}
        className="w-full"
        role="group"
        aria-label={`${picture.rise ? "Rise, softness" : "Softness"} and spring-back over time, with the rolling window`}
      >
        {window && (
          <rect
            data-testid="window-shade"
            data-first={window.first}
            data-last={window.last}
            x={x(window.first)}
            width={Math.max(2, x(window.last) - x(window.first))}
            y={chart.top}
            height={floor - chart.top}
            fill="var(--color-primary)"
            opacity="0.13"
          />
        )}
        {picture.rise && chart.rise && (
          <RiseLane rise={picture.rise} drawn={chart.rise} horizon={picture.horizon} x={x} />
        )}
        {[style.softnessLow, answer.softnessTarget, style.softnessHigh].map((softness, index) => (
          <g key={index}>
            <path
              d={`M${PLOT.left} ${y(softness)}H${VIEW.width - PLOT.right}`}
              stroke="currentColor"
              opacity={index === 1 ? 0.5 : 0.3}
              strokeDasharray={index === 1 ? "2 3" : undefined}
            />
            <text x={PLOT.left - 7} y={y(softness) + 4} fontSize="12" textAnchor="end" fill="currentColor">
              {figures.number(softness, 2)}
            </text>
          </g>
        ))}
        <text
          x={PLOT.left - 7}
          y={y(style.softnessHigh) - 9}
          fontSize="10.5"
          textAnchor="end"
          fill="currentColor"
          opacity="0.75"
        >
          sticks
        </text>
        <text
          x={PLOT.left - 7}
          y={y(style.softnessLow) + 17}
          fontSize="10.5"
          textAnchor="end"
          fill="currentColor"
          opacity="0.75"
        >
          cracks
        </text>
        <path
          d={`M${VIEW.width - PLOT.right} ${springY(style.springLimitPct)}H${PLOT.left}`}
          stroke="var(--color-secondary)"
          strokeDasharray="7 4"
          opacity="0.6"
        />
        <text x={VIEW.width - PLOT.right + 7} y={springY(style.springLimitPct) + 4} fontSize="11.5" fill="currentColor">
          {figures.percent(style.springLimitPct)} spring
        </text>
        <path d={chart.band} fill="currentColor" opacity="0.12" />
        <path d={chart.softness} fill="none" stroke="currentColor" strokeWidth="2.6" strokeLinejoin="round" />
        <path d={chart.spring} fill="none" stroke="var(--color-secondary)" strokeWidth="1.8" strokeDasharray="7 4" />
        {chart.labels.map(({ kind, minute, row }) => (
          <path
            key={`${kind} ${minute}`}
            d={`M${x(minute)} ${chart.top - 6 - row * 14}V${floor}`}
            stroke="currentColor"
            strokeWidth="0.9"
            opacity="0.35"
          />
        ))}
        {chart.labels.map(({ kind, minute, row, left }) => (
          <text
            key={`${kind} ${minute}`}
            className="halo"
            x={x(minute) + (left ? -3 : 3)}
            textAnchor={left ? "end" : "start"}
            y={chart.top - 8 - row * 14}
            fontSize="11.5"
            fill="currentColor"
          >
            {MOMENTS[kind]} {minute}
          </text>
        ))}
        {picture.rollAtMinute <= picture.horizon && (
          <g data-testid="roll-at">
            <path d={`M${x(picture.rollAtMinute)} ${floor}l-6 9h12z`} fill="var(--color-primary)" />
            <text x={x(picture.rollAtMinute) + 9} y={floor + 10} fontSize="11.5" fontWeight="650" fill="currentColor">
              you roll
            </text>
          </g>
        )}
        {nowMinute != null && nowMinute <= picture.horizon && (
          <g data-testid="now-line" data-minute={nowMinute.toFixed(1)}>
            <path d={`M${x(nowMinute)} ${chart.top - 4}V${floor}`} stroke="var(--color-error)" strokeWidth="2" />
            <text x={x(nowMinute) + 4} y={floor - 6} fontSize="12" fontWeight="700" fill="currentColor">
              now, minute {figures.number(nowMinute, 0)}
            </text>
          </g>
        )}
        <path d={`M${PLOT.left} ${floor}H${VIEW.width - PLOT.right}`} stroke="currentColor" opacity="0.5" />
        {chart.ticks.map((minute) => (
          <g key={minute}>
            <path d={`M${x(minute)} ${floor}v4`} stroke="currentColor" />
            <text x={x(minute)} y={floor + 24} fontSize="11.5" textAnchor="middle" fill="currentColor">
              {minute}
            </text>
          </g>
        ))}
        <PhaseTrack stretches={chart.phases} top={floor + 31} x={x} perMinute={chart.perMinute} editor={editor} />
        <text x={VIEW.width - PLOT.right + 7} y={floor + 12} fontSize="11.5" fill="currentColor">
          min
        </text>
      </svg>
      <p className="soft flex flex-wrap gap-x-5 text-xs">
        {picture.rise && (
          <span>
            <svg width="26" height="8" aria-hidden className="inline">
              <path d="M0 4H26" stroke="var(--color-accent)" strokeWidth="2.6" />
            </svg>{" "}
            volume
            <Hint term="rise" />
          </span>
        )}
        <span>
          <svg width="26" height="8" aria-hidden className="inline">
            <path d="M0 4H26" stroke="currentColor" strokeWidth="2.6" />
          </svg>{" "}
          softness
          <Hint term="softness" />
        </span>
        <span>
          <svg width="26" height="10" aria-hidden className="inline">
            <rect width="26" height="10" fill="currentColor" opacity="0.15" />
          </svg>{" "}
          80 % band
          <Hint term="band" />
        </span>
        <span>
          <svg width="26" height="8" aria-hidden className="inline">
            <path d="M0 4H26" stroke="var(--color-secondary)" strokeWidth="1.8" strokeDasharray="7 4" />
          </svg>{" "}
          spring-back
        </span>
        <span>
          <svg width="26" height="10" aria-hidden className="inline">
            <rect width="26" height="10" fill="var(--color-primary)" opacity="0.2" />
          </svg>{" "}
          rolling window
          <Hint term="window" />
        </span>
      </p>
    </section>
  );
}

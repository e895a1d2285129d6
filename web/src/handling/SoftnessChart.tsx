import { memo } from "react";
import type { BalanceAnswer } from "../api";
import { useFigures } from "../figures";
import { Hint } from "../parts";

const VIEW = { width: 560, height: 214 };
const PLOT = { left: 40, right: 8, top: 10, bottom: 26 };
const STEPS = [30, 60, 120, 240, 480];
const MOST_STEPS = 7;
const MARGIN = 0.12;

/** Softness over time, with the style's window across and the rolling window upright. */
export const SoftnessChart = memo(function SoftnessChart({ answer }: { answer: BalanceAnswer }) {
  const figures = useFigures();
  const { curve, settings, window, rollAtMinute, softnessAtRoll } = answer;
  const values = curve.softness.filter((value) => value != null);
  const last = curve.minutes.at(-1) ?? 0;
  const step = STEPS.find((minutes) => last / minutes <= MOST_STEPS) ?? last;
  const ticks = curve.minutes.filter((minute) => minute % step === 0 || minute === last);
  const low = Math.min(settings.softnessLow, ...values.slice(5)) - MARGIN;
  const high = Math.max(settings.softnessHigh, ...values.slice(5)) + MARGIN;
  const x = (minute: number) => PLOT.left + (minute / last) * (VIEW.width - PLOT.left - PLOT.right);
  const y = (softness: number) =>
    PLOT.top + ((high - softness) / (high - low)) * (VIEW.height - PLOT.top - PLOT.bottom);
  const floor = VIEW.height - PLOT.bottom;
  const line = curve.softness.map((value, at) => {
    const minute = curve.minutes[at] ?? 0;
    return value == null ? null : `${x(minute)} ${y(Math.min(value, high))}`;
  });

  return (
    <section aria-label="Softness over time">
      <h2 className="section-title">
        Softness over time
        <Hint term="window" />
      </h2>
      <p className="pb-1 text-sm" data-testid="window">
        {window
          ? `Roll between minute ${window[0]} and ${window[1] === last ? `${last} or later` : window[1]}.`
          : "There is no time at which this dough can be rolled as it is."}
      </p>
      <svg
        viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
        className="w-full"
        role="img"
        aria-label={`Softness over ${last} minutes`}
      >
        {window && (
          <rect
            x={x(window[0] ?? 0)}
            width={x(window[1] ?? 0) - x(window[0] ?? 0)}
            y={PLOT.top}
            height={floor - PLOT.top}
            fill="var(--color-primary)"
            opacity="0.11"
          />
        )}
        <rect
          x={PLOT.left}
          width={VIEW.width - PLOT.left - PLOT.right}
          y={y(settings.softnessHigh)}
          height={y(settings.softnessLow) - y(settings.softnessHigh)}
          fill="var(--color-base-content)"
          opacity="0.07"
        />
        {[settings.softnessLow, settings.softnessTarget, settings.softnessHigh].map((softness, index) => (
          <g key={index}>
            <path
              d={`M${PLOT.left} ${y(softness)}H${VIEW.width - PLOT.right}`}
              stroke="currentColor"
              opacity={index === 1 ? 0.55 : 0.25}
              strokeDasharray={index === 1 ? "2 3" : undefined}
            />
            <text
              x={PLOT.left - 6}
              y={y(softness) + 4}
              fontSize="11"
              textAnchor="end"
              fill="currentColor"
              opacity="0.75"
            >
              {figures.number(softness, 2)}
            </text>
          </g>
        ))}
        {ticks.map((minute) => (
          <g key={minute} opacity="0.75">
            <path d={`M${x(minute)} ${floor}v4`} stroke="currentColor" />
            <text
              x={x(minute)}
              y={floor + 16}
              fontSize="11"
              textAnchor={minute === last ? "end" : "middle"}
              fill="currentColor"
            >
              {minute === last ? `${last} min` : minute}
            </text>
          </g>
        ))}
        <path d={`M${PLOT.left} ${floor}H${VIEW.width - PLOT.right}`} stroke="currentColor" opacity="0.4" />
        {values.length > 0 && (
          <path
            d={`M${line.filter((point) => point !== null).join("L")}`}
            fill="none"
            stroke="currentColor"
            strokeWidth="2.4"
            strokeLinejoin="round"
          />
        )}
        {softnessAtRoll != null && rollAtMinute <= last && (
          <g>
            <circle
              cx={x(rollAtMinute)}
              cy={y(Math.max(low, Math.min(high, softnessAtRoll)))}
              r="5"
              fill="var(--color-base-100)"
              stroke="currentColor"
              strokeWidth="2.4"
            />
            <text
              x={x(rollAtMinute) + 9}
              y={y(Math.max(low, Math.min(high, softnessAtRoll))) - 8}
              fontSize="11.5"
              fill="currentColor"
            >
              you roll here
            </text>
          </g>
        )}
      </svg>
    </section>
  );
});

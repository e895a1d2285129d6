import type { ComparisonAnswer } from "../api";
import { useFigures } from "../figures";
import { LETTERS } from "../words";

type Item = ComparisonAnswer["items"][number];

/** Lines that differ in colour and in their dashes, so that neither alone tells them apart. */
const LINES = [
  { color: "var(--color-primary)", dash: undefined },
  { color: "var(--color-error)", dash: "9 5" },
  { color: "var(--color-secondary)", dash: "2 4" },
  { color: "currentColor", dash: "12 4 2 4" },
] as const;

const VIEW = { width: 560, height: 300, left: 40, right: 26, top: 14, bottom: 30 };
const MARGIN = 0.06;
const MIXED = 5;

const line = (at: number) => LINES[at % LINES.length] ?? LINES[0];

/** The line of an item, small. */
export function Swatch({ at }: { at: number }) {
  return (
    <svg width="30" height="8" aria-hidden>
      <path d="M0 4H30" stroke={line(at).color} strokeDasharray={line(at).dash} strokeWidth="3" />
    </svg>
  );
}

/** How soft each was predicted to be, minute by minute, laid over each other, and how it felt. */
export function CompareCurves({ items }: { items: Item[] }) {
  const figures = useFigures();
  const drawn = items.flatMap((item, at) => (item.picture ? [{ item, at, picture: item.picture }] : []));
  const known = drawn.flatMap(({ picture: { curve } }) =>
    curve.softness.flatMap((value, at) => (value == null || (curve.minutes[at] ?? 0) < MIXED ? [] : [value])),
  );
  if (known.length === 0) {
    return <p className="soft text-sm">Nothing in them drinks: there is no softness to draw.</p>;
  }
  const felt = items.flatMap((item) => item.felt.map(({ softness }) => softness));
  const low = Math.min(...known, ...felt) - MARGIN;
  const high = Math.max(...felt, ...known.map((value) => Math.min(value, Math.min(...known) + 1))) + MARGIN;
  const last = Math.max(...drawn.map(({ picture }) => picture.horizon));
  const floor = VIEW.height - VIEW.bottom;
  const x = (minute: number) => VIEW.left + (Math.min(minute, last) / last) * (VIEW.width - VIEW.left - VIEW.right);
  const y = (softness: number) =>
    VIEW.top + ((high - Math.max(low, Math.min(high, softness))) / (high - low)) * (floor - VIEW.top);
  const levels = [0, 1, 2, 3].map((step) => low + MARGIN + ((high - low - 2 * MARGIN) * step) / 3);
  return (
    <section aria-label="Softness, laid over each other">
      <h2 className="section-title pt-2">Softness over the minutes</h2>
      <svg
        viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
        className="w-full"
        role="img"
        aria-label="The softness predicted of each, minute by minute, with what was felt"
        data-testid="compared-curves"
      >
        {levels.map((softness) => (
          <g key={softness}>
            <path d={`M${VIEW.left} ${y(softness)}H${VIEW.width - VIEW.right}`} stroke="currentColor" opacity="0.15" />
            <text x={VIEW.left - 6} y={y(softness) + 4} fontSize="11" textAnchor="end" fill="currentColor">
              {figures.number(softness, 2)}
            </text>
          </g>
        ))}
        {drawn.map(({ item, at, picture: { curve, window: open } }) => {
          const points = curve.softness.flatMap((value, step) =>
            value == null || (curve.minutes[step] ?? 0) < MIXED
              ? []
              : [`${x(curve.minutes[step] ?? 0).toFixed(1)} ${y(value).toFixed(1)}`],
          );
          const end = curve.softness[curve.softness.length - 1];
          return (
            <g key={item.key} stroke={line(at).color} data-curve={item.key}>
              <path d={`M${points.join("L")}`} fill="none" strokeWidth="2.4" strokeDasharray={line(at).dash} />
              {end != null && (
                <text
                  x={VIEW.width - VIEW.right + 5}
                  y={y(end) + 4}
                  fontSize="14"
                  fontWeight="700"
                  stroke="none"
                  fill={line(at).color}
                >
                  {LETTERS[at]}
                </text>
              )}
              {open && (
                <path
                  d={`M${x(open.first)} ${floor - 4 - 5 * at}H${x(open.last)}`}
                  strokeWidth="3.5"
                  strokeDasharray={line(at).dash}
                />
              )}
              {item.felt.map(({ key, minute, softness }) => (
                <circle
                  key={key}
                  cx={x(minute)}
                  cy={y(softness)}
                  r="5.5"
                  fill="var(--color-base-100)"
                  strokeWidth="3"
                />
              ))}
            </g>
          );
        })}
        <path d={`M${VIEW.left} ${floor}H${VIEW.width - VIEW.right}`} stroke="currentColor" opacity="0.5" />
        {[0, 30, 60, 90, 120, 150, 180]
          .filter((at) => at <= last)
          .map((at) => (
            <text key={at} x={x(at)} y={floor + 16} fontSize="11" textAnchor="middle" fill="currentColor">
              {at}
            </text>
          ))}
      </svg>
      <p className="soft text-xs">
        Lines: predicted of what was in the bowl. Rings: how it felt. Bars at the bottom: when it can be rolled, in
        minutes since water met flour.
      </p>
    </section>
  );
}

/** A point of a trend: what it says, in words, and how sure it is. */
export interface TrendPoint {
  key: string | number;
  value: number;
  /** Half the height of its bar; none is drawn without. */
  spread?: number;
  words: string;
}

/** Height of a line of words. */
const LABEL = 12;
const VIEW = { width: 340, height: 120, left: 62, right: 12, top: 14, bottom: 14 };

/** Figures one after another, each with its spread, against a line that they are measured by. */
export function Trend({
  points,
  reference,
  format,
  label,
}: {
  points: TrendPoint[];
  reference: number;
  format: (value: number) => string;
  label: string;
}) {
  const reach = points.flatMap(({ value, spread = 0 }) => [value - spread, value + spread]);
  const low = Math.min(reference, ...reach);
  const high = Math.max(reference, ...reach);
  const margin = (high - low) * 0.1 || 1;
  const bottom = VIEW.height - VIEW.bottom;
  const y = (value: number) => VIEW.top + ((high + margin - value) / (high - low + 2 * margin)) * (bottom - VIEW.top);
  const step = (VIEW.width - VIEW.left - VIEW.right) / Math.max(1, points.length);
  const x = (at: number) => VIEW.left + step * (at + 0.5);
  return (
    <svg viewBox={`0 0 ${VIEW.width} ${VIEW.height}`} className="w-full" role="img" aria-label={label}>
      <path
        d={`M${VIEW.left} ${y(reference)}H${VIEW.width - VIEW.right}`}
        stroke="currentColor"
        strokeDasharray="5 4"
        opacity="0.55"
      />
      {[high, low]
        .filter((value) => Math.abs(y(value) - y(reference)) > LABEL)
        .map((value) => (
          <text
            key={value}
            x={VIEW.left - 5}
            y={y(value) + 4}
            fontSize="11"
            textAnchor="end"
            fill="currentColor"
            opacity="0.75"
          >
            {format(value)}
          </text>
        ))}
      <text x={VIEW.left - 5} y={y(reference) + 4} fontSize="11" textAnchor="end" fill="currentColor">
        {format(reference)}
      </text>
      <path
        d={`M${points.map(({ value }, at) => `${x(at).toFixed(1)} ${y(value).toFixed(1)}`).join("L")}`}
        fill="none"
        stroke="var(--color-primary)"
        strokeWidth="1.5"
      />
      {points.map(({ key, value, spread, words }, at) => (
        <g key={key}>
          <title>{words}</title>
          {spread != null && spread > 0 && (
            <path d={`M${x(at)} ${y(value - spread)}V${y(value + spread)}`} stroke="currentColor" opacity="0.5" />
          )}
          <circle cx={x(at)} cy={y(value)} r={points.length > 40 ? 2 : 4} fill="var(--color-primary)" />
        </g>
      ))}
    </svg>
  );
}

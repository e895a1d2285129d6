import type { BenchAnswer } from "../api";
import { useFigures } from "../figures";

const MARK_STEPS_MIN = [30, 60, 120, 240, 480, 720];
const MINUTES_PER_DAY = 1440;
const MOST_MARKS = 7;

const VIEW = { width: 420, height: 190, left: 34, right: 10, top: 20, bottom: 24 };
const MARGIN = 0.08;

/** What went into the bowl after water met flour, by the minute. */
function poursOf({ run, entries }: BenchAnswer) {
  const wetted = run.wettedAt == null ? null : Date.parse(run.wettedAt);
  return entries.flatMap(({ entry, undoneAt }) => {
    const grams =
      entry.kind === "pour"
        ? (entry.figure ?? 0)
        : (entry.additions ?? []).reduce((sum, { grams: added }) => sum + added, 0);
    if (wetted === null || undoneAt != null || grams <= 0 || (entry.kind !== "pour" && entry.kind !== "correction")) {
      return [];
    }
    const at = Math.max(0, (Date.parse(entry.at) - wetted) / 60_000);
    return [{ key: entry.key, at, words: (mass: (value: number) => string) => `${mass(grams)} went in` }];
  });
}

/** The feel that is predicted of what is in the bowl along the rolling window, what was felt, and now. */
export function WindowChart({ answer, minute }: { answer: BenchAnswer; minute: number | null }) {
  const figures = useFigures();
  const { picture, style, run } = answer;
  if (!picture) {
    return <p className="soft text-sm">What is in the bowl cannot be worked out yet: its window is not known.</p>;
  }
  const { curve, window: open } = picture;
  const known = curve.softness.filter((value, at) => value != null && (curve.minutes[at] ?? 0) >= 5) as number[];
  const felt = run.felt.map(({ softness }) => softness);
  const low = Math.min(style.softnessLow, ...known, ...felt) - MARGIN;
  const high = Math.max(style.softnessHigh, ...felt, Math.min(style.softnessHigh + 0.4, Math.max(...known))) + MARGIN;
  const last = picture.horizon;
  const x = (at: number) => VIEW.left + (Math.min(at, last) / last) * (VIEW.width - VIEW.left - VIEW.right);
  const y = (softness: number) =>
    VIEW.top +
    ((high - Math.max(low, Math.min(high, softness))) / (high - low)) * (VIEW.height - VIEW.top - VIEW.bottom);
  const floor = VIEW.height - VIEW.bottom;
  const line = curve.softness.flatMap((value, at) =>
    value == null || (curve.minutes[at] ?? 0) < 3 ? [] : [`${x(curve.minutes[at] ?? 0)} ${y(value)}`],
  );
  return (
    <svg
      viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
      className="w-full"
      role="img"
      aria-label={open ? `Rolls from minute ${open.first} to ${open.last}` : "No minute in which it rolls well"}
      data-testid="bench-window"
    >
      {open && (
        <>
          <rect
            x={x(open.first)}
            width={Math.max(2, x(open.last) - x(open.first))}
            y={VIEW.top}
            height={floor - VIEW.top}
            fill="var(--color-primary)"
            opacity="0.14"
          />
          <text x={x(open.first) + 3} y={VIEW.top - 6} fontSize="12" fill="currentColor">
            rolls {open.first}–{open.last} min
          </text>
        </>
      )}
      {!open && (
        <text x={VIEW.left + 3} y={VIEW.top - 6} fontSize="12" fill="currentColor">
          no minute in which it rolls well
        </text>
      )}
      {[style.softnessLow, style.softnessHigh].map((softness) => (
        <g key={softness}>
          <path d={`M${VIEW.left} ${y(softness)}H${VIEW.width - VIEW.right}`} stroke="currentColor" opacity="0.35" />
          <text x={VIEW.left - 4} y={y(softness) + 4} fontSize="11" textAnchor="end" fill="currentColor">
            {figures.number(softness, 2)}
          </text>
        </g>
      ))}
      <path d={`M${line.join("L")}`} fill="none" stroke="currentColor" strokeWidth="2.6" />
      {poursOf(answer).map(({ key, at, words }) => (
        <path key={key} d={`M${x(at)} ${floor}l-5 -9h10Z`} fill="var(--color-secondary)" data-testid="poured">
          <title>{words(figures.mass)}</title>
        </path>
      ))}
      {run.felt.length > 1 && (
        <path
          d={`M${run.felt.map(({ minute: at, softness }) => `${x(at)} ${y(softness)}`).join("L")}`}
          fill="none"
          stroke="var(--color-primary)"
          strokeWidth="1.6"
          strokeDasharray="5 4"
        />
      )}
      {run.felt.map(({ key, minute: at, softness }) => (
        <circle
          key={key}
          cx={x(at)}
          cy={y(softness)}
          r="5.5"
          fill="var(--color-base-100)"
          stroke="var(--color-primary)"
          strokeWidth="3"
        />
      ))}
      {minute != null && minute <= last && (
        <g data-testid="bench-now">
          <path d={`M${x(minute)} ${VIEW.top}V${floor}`} stroke="var(--color-error)" strokeWidth="2" />
          <text
            x={x(minute)}
            y={floor - 5}
            dx={minute > last / 2 ? -4 : 4}
            textAnchor={minute > last / 2 ? "end" : "start"}
            fontSize="12"
            fontWeight="700"
            fill="currentColor"
          >
            now
          </text>
        </g>
      )}
      <path d={`M${VIEW.left} ${floor}H${VIEW.width - VIEW.right}`} stroke="currentColor" opacity="0.5" />
      {marksUntil(last).map((at) => (
        <text key={at} x={x(at)} y={floor + 15} fontSize="11" textAnchor="middle" fill="currentColor">
          {at}
        </text>
      ))}
    </svg>
  );
}

/** A mark at every so many minutes, the first that leaves room for its number: a dough may lie for days. */
function marksUntil(last: number): number[] {
  const step = MARK_STEPS_MIN.find((minutes) => last / minutes <= MOST_MARKS) ?? MINUTES_PER_DAY;
  return Array.from({ length: Math.floor(last / step) + 1 }, (_, at) => at * step);
}

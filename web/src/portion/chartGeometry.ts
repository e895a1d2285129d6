import type { Cooking, Keeping } from "../api";

/** The drawings of pan and keeping: places in units of their view box. Nothing here is a rule of the job. */
export const VIEW = { width: 760, height: 230 };
export const PLOT = { left: 62, right: 20, top: 12, bottom: 30 };

const DEGREE_STEPS = [5, 10, 20, 25, 50];
const SECOND_STEPS = [30, 60, 120, 300, 600, 1200, 3600];
const HOUR_STEPS = [0.5, 1, 2, 4, 6, 12, 24, 48, 96, 168, 240];
const PCT_STEPS = [1, 2, 5, 10];

function scale(from: number, to: number, start: number, end: number) {
  return (value: number) => start + ((value - from) / (to - from || 1)) * (end - start);
}

/** Round figures from one to another, no more than so many. */
export function marks(from: number, to: number, steps: number[], most: number): number[] {
  const step = steps.find((each) => (to - from) / each <= most) ?? steps.at(-1) ?? 1;
  const first = Math.ceil(from / step - 1e-9);
  const count = Math.floor(to / step + 1e-9) - first + 1;
  return Array.from({ length: Math.max(0, count) }, (_, at) => (first + at) * step);
}

function path(points: [number, number][]): string {
  return points.length > 0 ? `M${points.map(([a, b]) => `${a.toFixed(1)} ${b.toFixed(1)}`).join("L")}` : "";
}

export function panChart(pan: NonNullable<Cooking["pan"]>, wantedC: number) {
  const end = Math.max(pan.paced.at(-1)?.seconds ?? 0, pan.hurried.at(-1)?.seconds ?? 0);
  const coldest = Math.min(pan.coldestC, ...pan.paced.map(({ celsius }) => celsius));
  const low = Math.min(coldest, wantedC - 20) - 10;
  const x = scale(0, end, PLOT.left, VIEW.width - PLOT.right);
  const y = scale(low, wantedC + 8, VIEW.height - PLOT.bottom, PLOT.top);
  const line = (points: typeof pan.paced) => path(points.map(({ seconds, celsius }) => [x(seconds), y(celsius)]));
  return {
    x,
    y,
    ticks: marks(0, end, SECOND_STEPS, 10),
    degrees: marks(low, wantedC, DEGREE_STEPS, 5),
    paced: line(pan.paced),
    hurried: line(pan.hurried),
    on: pan.paced.flatMap((point, at) => {
      const next = pan.paced[at + 1];
      return point.on && next ? [{ from: point.seconds, to: next.seconds }] : [];
    }),
  };
}

export function keepingChart({ curve, crisp, crispBelowPct }: Keeping) {
  const end = curve.at(-1)?.hours ?? 1;
  const limitOf = ({ thresholdPct }: Keeping["curve"][number]) => (crisp ? crispBelowPct : thresholdPct);
  const values = curve.flatMap((each) => [each.moisturePct, limitOf(each) ?? each.moisturePct]);
  const low = Math.min(...values) - 1;
  const high = Math.max(...values) + 1;
  const x = scale(0, end, PLOT.left, VIEW.width - PLOT.right);
  const y = scale(low, high, VIEW.height - PLOT.bottom, PLOT.top);
  const moisture: [number, number][] = curve.map((each) => [x(each.hours), y(each.moisturePct)]);
  const needed: [number, number][] = curve.flatMap((each) => {
    const limit = limitOf(each);
    return limit == null ? [] : [[x(each.hours), y(limit)]];
  });
  // Where the one line lies on the good side of the other.
  const good = curve.filter((each) => {
    const limit = limitOf(each);
    return limit != null && (crisp ? each.moisturePct < limit : each.moisturePct >= limit);
  });
  const goodTo = good.at(-1)?.hours ?? 0;
  return {
    x,
    y,
    ticks: marks(0, end, HOUR_STEPS, 8),
    levels: marks(low, high, PCT_STEPS, 6),
    moisture: path(moisture),
    needed: needed.length > 0 ? path(needed) : "",
    goodTo,
  };
}

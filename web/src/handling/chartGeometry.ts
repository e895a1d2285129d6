import type { HandlingAnswer } from "../api";

/** The drawing of the rolling window: places in units of its view box. Nothing here is a rule of the job. */
export const VIEW = { width: 1180, height: 336 };
export const PLOT = { left: 58, right: 76, bottom: 52 };

/** Room for the names of moments, and for the rise above the softness. */
const TOP = 66;
const LANE = { height: 92, gap: 14, margin: 0.06 };

const MARGIN = 0.06;
const SETTLED = 5;
const LABEL_WIDTH = 96;
const ROWS = 4;

type Picture = HandlingAnswer["dough"]["picture"];

/** A moment with the row in which its label stands, so that none lies over another. */
interface Label {
  kind: string;
  minute: number;
  row: number;
  /** Whether it stands left of its moment, for want of room on the right. */
  left: boolean;
}

export function chartOf(answer: HandlingAnswer) {
  const { picture } = answer.dough;
  const { style } = answer;
  const minutes = picture.curve.minutes;
  const lane = picture.rise ? LANE.height + LANE.gap : 0;
  const top = TOP + lane;
  const height = VIEW.height + lane;
  const floor = height - PLOT.bottom;
  const known = picture.curve.softness.flatMap((value, at) =>
    value == null || (minutes[at] ?? 0) < SETTLED ? [] : [value],
  );
  const low = Math.min(style.softnessLow, ...known) - MARGIN;
  const high = Math.max(style.softnessHigh, ...known) + MARGIN;
  const springs = picture.curve.springBackPct.flatMap((value) => (value == null ? [] : [value]));
  const springHigh = Math.max(2 * style.springLimitPct, ...springs) * 1.05;
  const clamp = (value: number) => Math.max(low, Math.min(high, value));
  const x = (minute: number) => PLOT.left + (minute / picture.horizon) * (VIEW.width - PLOT.left - PLOT.right);
  const y = (softness: number) => top + ((high - clamp(softness)) / (high - low)) * (floor - top);
  const springY = (pct: number) => floor - (pct / springHigh) * (floor - top);
  const points = (values: (number | null)[], place: (value: number) => number) =>
    values.flatMap((value, at) =>
      value == null ? [] : [`${x(minutes[at] ?? 0).toFixed(1)} ${place(value).toFixed(1)}`],
    );
  const upper = points(picture.high, y);
  const lower = points(picture.low, y).reverse();
  return {
    /** Where everything begins, the names of moments above it. */
    top: TOP,
    /** Where softness begins, below the rise. */
    softnessTop: top,
    height,
    rise: picture.rise ? riseOf(picture.rise, minutes, x) : null,
    x,
    y,
    springY,
    floor,
    perMinute: x(1) - x(0),
    softness: path(points(fromInside(picture.curve.softness, high), y)),
    spring: springPath(picture.curve.springBackPct, minutes, x, springY),
    band: upper.length > 0 ? `M${[...upper, ...lower].join("L")}Z` : "",
    ticks: ticks(picture.horizon),
    labels: labels(picture.moments, x),
    phases: phases(picture),
  };
}

/** The rise in its lane above the softness. */
function riseOf(rise: NonNullable<Picture["rise"]>, minutes: number[], x: (minute: number) => number) {
  const most = Math.max(rise.targetRatio, rise.maxRatio) + LANE.margin;
  const floor = TOP + LANE.height;
  const y = (ratio: number) => floor - ((ratio - 1) / (most - 1)) * LANE.height;
  return {
    y,
    floor,
    line: path(rise.ratios.map((ratio, at) => `${x(minutes[at] ?? 0).toFixed(1)} ${y(ratio).toFixed(1)}`)),
  };
}

/** The first minutes, wetter than the chart is high, are left out. */
function fromInside(values: (number | null)[], high: number): (number | null)[] {
  const first = values.findIndex((value) => value != null && value <= high);
  return values.map((value, at) => (at < first ? null : value));
}

function path(points: string[]): string {
  return points.length > 0 ? `M${points.join("L")}` : "";
}

/** Spring-back starts again after each kneading: no line is drawn across one. */
function springPath(
  values: (number | null)[],
  minutes: number[],
  x: (minute: number) => number,
  y: (pct: number) => number,
): string {
  let drawn = "";
  let pen = false;
  values.forEach((value, at) => {
    if (value == null) {
      pen = false;
      return;
    }
    drawn += `${pen ? "L" : "M"}${x(minutes[at] ?? 0).toFixed(1)} ${y(value).toFixed(1)}`;
    pen = true;
  });
  return drawn;
}

function ticks(horizon: number): number[] {
  const step = [15, 30, 60, 120, 240, 480, 960].find((each) => horizon / each <= 13) ?? 960;
  return Array.from({ length: Math.floor(horizon / step) + 1 }, (_, at) => at * step);
}

function labels(moments: Picture["moments"], x: (minute: number) => number): Label[] {
  const ends: number[] = Array.from({ length: ROWS }, () => -Infinity);
  return moments.map(({ kind, minute }) => {
    const left = x(minute) + LABEL_WIDTH > VIEW.width;
    const from = left ? x(minute) - LABEL_WIDTH : x(minute);
    const row = Math.max(
      0,
      ends.findIndex((end) => end <= from),
    );
    ends[row] = from + LABEL_WIDTH;
    return { kind, minute, row, left };
  });
}

/** A stretch between kneading and rolling, as it is drawn. */
export interface Stretch {
  kind: string;
  from: number;
  to: number;
  celsius: number;
}

function phases({ phases, kneadedAtMinute, rollAtMinute }: Picture): Stretch[] {
  if (phases.length === 0) {
    return [{ kind: "rest", from: kneadedAtMinute, to: rollAtMinute, celsius: 0 }];
  }
  let at = kneadedAtMinute;
  return phases.map(({ kind, minutes, temperatureC }) => {
    const from = at;
    at += minutes;
    return { kind, from, to: at, celsius: temperatureC };
  });
}

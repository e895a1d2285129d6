import type { DayPlan, DayTask, PlannedServing, TooMuch, TrayTime } from "../api";

/** Minutes to which a dragged task snaps. */
export const SNAP_MIN = 5;
/** A mark on the clock at every so many minutes, the first that leaves room for its words. */
const STEPS_MIN = [15, 30, 60, 120, 240, 480];
const MOST_MARKS = 14;
const EDGE_MIN = 10;

export interface Bar {
  task: DayTask;
  /** Which rows of its lane it lies in: a pan each. */
  row: number;
  rows: number;
}

/** Trays that are taken up over several tasks, in a row of their lane. */
export interface TrayBar {
  time: TrayTime;
  row: number;
}

export interface Lane {
  key: string;
  kind: "worker" | "dough" | "place";
  name: string;
  /** How many rows it has. */
  rows: number;
  bars: Bar[];
  trays?: TrayBar[];
  /** From when to when something that was prepared for it cools. */
  cooling?: { from: number; to: number }[];
  /** When the dough of this lane can be rolled. */
  band?: { first: number; last: number };
  due?: number;
  /** While more of it is taken up than there is. */
  tooMuch?: TooMuch[];
}

/** A task on its way to another time. */
export interface Moving {
  task: DayTask;
  start: number;
}

/** What of a plan is drawn. */
export type Drawn = Pick<DayPlan, "tasks" | "rolled" | "onTrays" | "tooMuch">;

/** From when to when the picture reaches, and where its marks are. */
export interface Clock {
  from: number;
  to: number;
  marks: number[];
}

export function clockOf(plan: Drawn, servings: PlannedServing[]): Clock {
  const from = Math.min(...plan.tasks.map(({ start }) => start)) - EDGE_MIN;
  const to = Math.max(...plan.tasks.map(({ end }) => end), ...servings.map(({ due }) => due)) + EDGE_MIN;
  const step = STEPS_MIN.find((minutes) => (to - from) / minutes <= MOST_MARKS) ?? 1440;
  const marks: number[] = [];
  for (let mark = Math.ceil(from / step) * step; mark <= to; mark += step) {
    marks.push(mark);
  }
  return { from, to, marks };
}

/** A lane for everyone who works, for each dough by itself, and for each thing that is taken up. */
export function lanesOf(
  plan: Drawn,
  servings: PlannedServing[],
  workers: string[],
  placeNames: Record<string, string>,
): Lane[] {
  const single = (task: DayTask): Bar => ({ task, row: 0, rows: 1 });
  const people = workers.map((name): Lane => {
    const bars = plan.tasks.filter(({ worker }) => worker === name).map(single);
    return { key: `worker ${name}`, kind: "worker", name, rows: 1, bars };
  });
  const doughs = servings.map((serving): Lane => {
    const bars = plan.tasks.filter((task) => task.serving === serving.key && task.worker === null).map(single);
    const band = plan.rolled.find((each) => each.serving === serving.key);
    const cooling = plan.tasks.flatMap(({ serving: of, end, coolsUntil }) =>
      of === serving.key && coolsUntil != null ? [{ from: end, to: coolsUntil }] : [],
    );
    return { key: serving.key, cooling, kind: "dough", name: serving.name, rows: 1, bars, band, due: serving.due };
  });
  const places = Object.entries(placeNames).flatMap(([place, name]): Lane[] => {
    const using = plan.tasks.filter(({ takesUp }) => (takesUp[place] ?? 0) > 0);
    if (using.length === 0) {
      return [];
    }
    // Litres are not told apart: what is in the fridge lies in as many rows as there are things in it at a time.
    const { rowOf, rows } = stacked(using, (task) => (place === "fridge" ? 1 : (task.takesUp[place] ?? 1)));
    const bars = using.map((task) => ({ task, ...rowOf(task) }));
    return [{ key: place, kind: "place", name, rows, bars }];
  });
  const taken = [...places, ...trayLanes(plan.onTrays ?? [])].map((lane) => ({
    ...lane,
    tooMuch: plan.tooMuch?.filter(({ place }) => place === lane.key),
  }));
  return [...people, ...doughs, ...taken];
}

/** The trays, a row for each dough that lies on some at a time; no lane without any. */
function trayLanes(times: TrayTime[]): Lane[] {
  const spans = times.map((time) => ({ time, start: time.from, end: time.to }));
  const { rowOf, rows } = stacked(spans, () => 1);
  const trays = spans.map((span) => ({ time: span.time, row: rowOf(span).row }));
  return times.length === 0 ? [] : [{ key: "tray", kind: "place", name: "Trays", rows, bars: [], trays }];
}

interface Span {
  start: number;
  end: number;
}

/** What lasts from a minute to another, in as few rows as can be, none over another. */
function stacked<T extends Span>(spans: T[], rowsOf: (span: T) => number) {
  const freeFrom: number[] = [];
  const placed = new Map<T, { row: number; rows: number }>();
  for (const span of [...spans].sort((one, other) => one.start - other.start)) {
    const rows = rowsOf(span);
    let row = 0;
    while (!Array.from({ length: rows }, (_, at) => freeFrom[row + at] ?? -Infinity).every((at) => at <= span.start)) {
      row += 1;
    }
    for (let at = row; at < row + rows; at += 1) {
      freeFrom[at] = span.end;
    }
    placed.set(span, { row, rows });
  }
  return { rowOf: (span: T) => placed.get(span) ?? { row: 0, rows: 1 }, rows: Math.max(1, freeFrom.length) };
}

/** When balls lie on trays while a task is on its way to another time: the one that begins or ends that takes it along. */
export function movedTrays(time: TrayTime, moving: Moving | null): TrayTime {
  const by = moving ? moving.start - moving.task.start : 0;
  const shift = (key: string | null | undefined) => (moving?.task.key === key ? by : 0);
  return { ...time, from: time.from + shift(time.begunBy), to: time.to + shift(time.endedBy) };
}

/** A start that was dragged, at the minute to which it snaps. */
export const snapped = (start: number) => Math.round(start / SNAP_MIN) * SNAP_MIN;

import type {
  DayPlan,
  DayTask,
  PlanAlternative,
  PlanBroken,
  PlanDemand,
  PlannedServing,
  PlanWayOut,
  TooMuch,
  TrayTime,
} from "../api";
import type { Figures } from "../figures";
import tasks from "./tasks.json";

const MINUTES_PER_HOUR = 60;
const MINUTES_PER_DAY = 24 * MINUTES_PER_HOUR;

/** Said on the page and in the calendar. */
const TASKS: Record<DayTask["kind"], string> = tasks;

/** What is done in a task. */
export const taskName = (kind: DayTask["kind"]) => TASKS[kind];

/** What a person can do, by its code. */
export const ROLES: Record<NonNullable<DayTask["role"]>, string> = {
  prep: "prepare",
  dough: "make dough",
  shape: "divide and roll",
  cook: "cook",
};

export const roleWords = (code: string) => ROLES[code as keyof typeof ROLES] ?? code;

const PLACES: Record<string, { one: string; many: string }> = {
  pan: { one: "pan", many: "pans" },
  oven: { one: "oven", many: "ovens" },
  mixer: { one: "mixer", many: "mixers" },
  fridge: { one: "litre in the fridge", many: "litres in the fridge" },
  tray: { one: "tray", many: "trays" },
};

/** So much of a place. */
export const placeName = (code: string, count: number) =>
  `${count} ${(count === 1 ? PLACES[code]?.one : PLACES[code]?.many) ?? code}`;

/** A time of the day that is planned: 0 is its beginning; what lies on another day says so. */
export function clockWords(minute: number): string {
  const day = Math.floor(minute / MINUTES_PER_DAY);
  const within = minute - day * MINUTES_PER_DAY;
  const hours = Math.floor(within / MINUTES_PER_HOUR);
  const time = `${hours}:${String(within % MINUTES_PER_HOUR).padStart(2, "0")}`;
  return day === 0 ? time : `${time} ${dayWords(day)}`;
}

function dayWords(day: number): string {
  if (Math.abs(day) === 1) {
    return day < 0 ? "the day before" : "the next day";
  }
  return `${Math.abs(day)} days ${day < 0 ? "before" : "later"}`;
}

/** So long, in hours and minutes. */
export function durationWords(minutes: number): string {
  const hours = Math.floor(minutes / MINUTES_PER_HOUR);
  const rest = minutes % MINUTES_PER_HOUR;
  return [hours > 0 ? `${hours} h` : "", rest > 0 || hours === 0 ? `${rest} min` : ""].filter(Boolean).join(" ");
}

const named = (servings: PlannedServing[], key: string) => servings.find((serving) => serving.key === key)?.name ?? key;

/** A demand, as a part of a clash. */
export function demandWords({ kind, subject }: PlanDemand, servings: PlannedServing[]): string {
  switch (kind) {
    case "on-time":
      return `${named(servings, subject)} is ready when it is served`;
    case "window":
      return `the dough of ${named(servings, subject)} is rolled in its window`;
    case "hours":
      return `${subject} works only while there`;
    case "place":
      return subject === "fridge"
        ? "the fridge is no larger than you say"
        : `there are only as many ${PLACES[subject]?.many ?? subject} as you say`;
    case "pin":
      return "what was pinned stays where it is";
  }
}

/** By how much a plan misses a demand. */
export function missedWords({ kind, subject }: PlanDemand, by: number, servings: PlannedServing[]): string {
  switch (kind) {
    case "on-time":
      return `${named(servings, subject)} is ${durationWords(by)} late.`;
    case "window":
      return `The dough of ${named(servings, subject)} is rolled ${durationWords(by)} outside its window.`;
    case "hours":
      return `${subject} works ${durationWords(by)} before coming or after going.`;
    case "place":
      return `It takes ${placeName(subject, by)} more than there ${by === 1 ? "is" : "are"}.`;
    case "pin":
      return `What was pinned moves by ${durationWords(by)}.`;
  }
}

/** A task at another time, and what that would break if everything else stayed where it is. */
export function movedWords(
  { task, start }: { task: DayTask; start: number },
  broken: PlanBroken[] | null,
  tasks: DayTask[],
  servings: PlannedServing[],
): string {
  const of = (key: string) => {
    const other = tasks.find((each) => each.key === key);
    return other ? `${taskName(other.kind)} of ${named(servings, other.serving)}` : key;
  };
  const what = `${of(task.key)} at ${clockWords(start)}`;
  if (broken === null) {
    return `${what}…`;
  }
  const said = broken.map((each) => brokenWords(each, of, task, servings));
  return said.length === 0
    ? `${what}: everything else can stay where it is.`
    : `${what}, if nothing else moved: ${said.join("; ")}.`;
}

function brokenWords(
  { kind, subject, by }: PlanBroken,
  of: (key: string) => string,
  { worker, kind: moved }: DayTask,
  servings: PlannedServing[],
): string {
  const minutes = durationWords(by);
  switch (kind) {
    case "order":
      return `${minutes} too close to ${of(subject)}`;
    case "too-long":
      return `${minutes} too far from ${of(subject)}`;
    case "window":
      return `the dough of ${named(servings, subject)} is rolled ${minutes} outside its window`;
    case "hands":
      return `${worker ?? "somebody"} is busy with ${of(subject)} for ${minutes} of it`;
    case "hours":
      return `${subject} is not there for ${minutes} of it`;
    case "place":
      return `it takes ${placeName(subject, by)} more than there ${by === 1 ? "is" : "are"}`;
    case "on-time":
      return `${named(servings, subject)} is ${minutes} late`;
    case "day":
      return `${taskName(moved)} lies ${minutes} outside of what is planned`;
  }
}

/** What is missing of a place. */
export const tooFewWords = ({ place, by }: TooMuch) => `${placeName(place, by)} too few`;

/** The same with its time. */
export const tooMuchWords = (missing: TooMuch) =>
  `${tooFewWords(missing)} from ${clockWords(missing.from)} to ${clockWords(missing.to)}`;

/** The balls of a dough on trays. */
export const trayWords = ({ trays, perTray, ballMm }: TrayTime, name: string, figures: Figures) =>
  `${name} on ${placeName("tray", trays)}: balls ${figures.size(ballMm)} wide, up to ${perTray} to a tray`;

/** What a task takes up: while it lasts, and of a dough that is divided the trays until its last ball is rolled. */
export function takesUpWords({ takesUp, serving, kind }: DayTask, onTrays: TrayTime[]): string {
  const trays = onTrays.filter((time) => kind === "divide" && time.serving === serving);
  return [
    ...Object.entries(takesUp).map(([place, amount]) => placeName(place, amount)),
    ...trays.map((time) => `${placeName("tray", time.trays)} until ${clockWords(time.to)}`),
  ].join(", ");
}

/** Until when, by the minute of the day that is planned: to the minute within two days, later to the day. */
export function untilWords(day: string, minute: number, figures: Figures): string {
  if (day === "") {
    return clockWords(minute);
  }
  const at = new Date(`${day}T00:00`);
  at.setMinutes(minute);
  return minute <= 2 * MINUTES_PER_DAY ? figures.moment(at.toISOString()) : figures.date(at.toISOString());
}

/** What of a plan could still be better, and by how much at most; empty where nothing that counts could. */
export function gapWords(gap: DayPlan["gap"]): string {
  if (!gap || gap.aim === "order" || gap.aim === "clash") {
    return "";
  }
  const { aim, by } = gap;
  if (by == null) {
    return NOT_LOOKED_AT[aim];
  }
  switch (aim) {
    case "missed":
      return `${durationWords(by)} less could be missed at best`;
    case "late":
      return `servings could be ${durationWords(by)} less late at best`;
    case "standing":
      return `bread could stand ${durationWords(by)} less at best`;
    case "hand-overs":
      return `there could be ${by} hand-over${by === 1 ? "" : "s"} fewer at best`;
    case "begins":
      return `work could begin ${durationWords(by)} later at best`;
  }
}

const NOT_LOOKED_AT = {
  missed: "whether less could be missed was not looked at",
  late: "whether servings could be less late was not looked at",
  standing: "whether bread could be fresher was not looked at",
  "hand-overs": "whether fewer hand-overs would do was not looked at",
  begins: "whether work could begin later was not looked at",
};

/** What would make a plan possible by itself. */
export function wayOutWords({ gives, fewer, halved, overnight }: PlanWayOut, servings: PlannedServing[]): string {
  if (fewer) {
    return `${fewer.pieces} instead of ${fewer.asked} pieces of ${named(servings, fewer.serving)}`;
  }
  if (halved) {
    return `${named(servings, halved.serving)} in two batches, ${halved.first} and ${halved.second} pieces`;
  }
  if (overnight) {
    const by = overnight.evening ? ", by somebody more" : "";
    return `Dough of ${named(servings, overnight.serving)} made the evening before${by}`;
  }
  return gives ? givesWords(gives, servings) : "";
}

function givesWords(
  { demand: { kind, subject }, by, before, after }: NonNullable<PlanWayOut["gives"]>,
  servings: PlannedServing[],
): string {
  switch (kind) {
    case "on-time":
      return `Serve ${named(servings, subject)} ${durationWords(by)} later`;
    case "window":
      return `Roll ${named(servings, subject)} ${durationWords(by)} outside its window`;
    case "hours":
      return [
        before > 0 ? `${subject} comes ${durationWords(before)} sooner` : "",
        after > 0 ? `${subject} goes ${durationWords(after)} later` : "",
      ]
        .filter(Boolean)
        .join(", ");
    case "place":
      return `${placeName(subject, by)} more`;
    case "pin":
      return "Let go of what was pinned";
  }
}

const ALTERNATIVES: Record<PlanAlternative["kind"], string> = {
  pan: "one pan more",
  person: "somebody else to help",
  sooner: "everybody comes an hour sooner",
  "par-baked": "cooked for the most part before, finished when served",
  overnight: "doughs made the evening before, chilled overnight",
};

/** Another way to get through a day. */
export const alternativeWords = (kind: PlanAlternative["kind"]) => ALTERNATIVES[kind];

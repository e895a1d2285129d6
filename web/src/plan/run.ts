import type { DayRunAnswer, RunTask } from "../api";
import { durationWords, LETTERS, taskName } from "../words";

/** What somebody has in hand, or does next; without a name, what goes on by itself. */
export interface InHandTask {
  worker: string | null;
  task: RunTask;
}

/** For each person what they do now, or next; and what goes on by itself. */
export function inHand(tasks: RunTask[], workers: string[]): InHandTask[] {
  const people = workers.flatMap((worker) => {
    const own = tasks.filter((task) => task.worker === worker);
    const going = own.filter(({ standing }) => standing === "going");
    const next = own.find(({ standing }) => standing === "to-do");
    return (going.length > 0 ? going : next ? [next] : []).map((task) => ({ worker, task }));
  });
  const alone = tasks.filter(({ worker, standing }) => !worker && standing === "going");
  return [...people, ...alone.map((task) => ({ worker: null, task }))];
}

/** What comes after that, in order. */
export const toCome = (tasks: RunTask[], now: InHandTask[]) =>
  tasks.filter((task) => task.standing === "to-do" && !now.some((each) => each.task.key === task.key));

/** How the day goes, and what holds it up. */
export function runWords({ tasks, servings, missed }: DayRunAnswer): string {
  const late = tasks.filter(({ holdsUp, moved }) => holdsUp && moved > 0);
  const pushed = tasks.filter((task) => task.standing === "to-do" && task.moved > 0 && !late.includes(task)).length;
  if (late.length === 0) {
    const ahead = Math.max(0, ...tasks.map(({ moved }) => -moved));
    return pushed > 0 || missed.length > 0
      ? movedWords(pushed)
      : ahead > 0
        ? `Work is ahead of the plan, by up to ${durationWords(ahead)}.`
        : "Everything goes as planned.";
  }
  const said = late.map((task) => {
    const at = servings.findIndex(({ serving }) => serving.key === task.serving);
    return `${taskName(task.kind)} of ${LETTERS[at] ?? ""} is ${durationWords(task.moved)} late`;
  });
  return `${said.join("; ")}. ${movedWords(pushed)}`;
}

/** By how much a task is later or sooner than planned; nothing when it is neither. */
export const shiftWords = (moved: number) =>
  moved === 0 ? "" : `${durationWords(Math.abs(moved))} ${moved > 0 ? "later" : "sooner"} than planned`;

const movedWords = (count: number) =>
  count === 0 ? "" : `${count === 1 ? "One step that follows moves" : `${count} steps that follow move`} with it.`;

/** The serving that a task is done for: its letter, its name, and its batch once that is begun. */
export function servingOf(answer: DayRunAnswer, task: RunTask) {
  const at = answer.servings.findIndex(({ serving }) => serving.key === task.serving);
  const found = answer.servings[at];
  return { letter: LETTERS[at] ?? "", name: found?.serving.name ?? "", batch: found?.batch ?? null };
}

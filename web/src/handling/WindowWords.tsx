import type { HandlingAnswer } from "../api";
import { ActionButton, type Editor, useFormulaEdit } from "../formula";
import { type Figures, useFigures } from "../figures";

type Picture = HandlingAnswer["dough"]["picture"];

interface WindowWordsProps {
  answer: HandlingAnswer;
  editor: Editor;
  name: (code: string | null | undefined) => string;
}

/** The rolling window in plain words: when, what it is like before, and what ends it. */
export function WindowWords({ answer, editor, name }: WindowWordsProps) {
  const figures = useFigures();
  const change = useFormulaEdit(editor);
  const { picture } = answer.dough;
  return (
    <div className="max-w-4xl">
      <p className="font-display text-2xl leading-snug" data-testid="window-words">
        {opening(picture)}
      </p>
      <p className="pt-1">
        {[before(picture, name, figures), after(picture, name), risen(picture, figures), water(answer, figures)]
          .filter(Boolean)
          .join(" ")}
        {answer.waterIsOff && answer.waterNeededGrams > 0 && (
          <ActionButton className="btn btn-xs btn-primary ml-3" onClick={() => change.mutate({ kind: "set-water" })}>
            Set water to {figures.mass(answer.waterToSetGrams)}
          </ActionButton>
        )}
      </p>
    </div>
  );
}

function opening({ window, horizon }: Picture): string {
  if (!window) {
    return "There is no time at which this dough can be rolled as it is.";
  }
  return window.last >= horizon
    ? `Roll from minute ${window.first} on.`
    : `Roll between minute ${window.first} and ${window.last}.`;
}

function before(picture: Picture, name: (code: string | null | undefined) => string, f: Figures): string {
  const closed = picture.before;
  if (!closed) {
    return "";
  }
  const at = picture.window ? `At minute ${f.number(closed.minute, 0)} it` : "It";
  switch (closed.why) {
    case "too-soft":
      return picture.window
        ? `${at} will still feel too soft because ${lower(name(closed.ingredient))} is drinking: wait, add no flour.`
        : `${at} is too soft: it would stick.`;
    case "too-firm":
      return `${at} is too firm: its edges would crack.`;
    case "springs-back":
      return `${at} still springs back from kneading: let it rest.`;
    case "not-risen":
      return picture.window ? `${at} has not risen enough yet.` : notRisen(picture, f);
    case "too-weak-to-rise":
      return picture.rise ? cannotHold(picture.rise, f) : "";
    case "yeast-dead":
      return "Its yeast has died: the dough is too hot.";
    case "overrisen":
      return `${at} has risen past its best.`;
    default:
      return `${at} is being kneaded.`;
  }
}

function after(picture: Picture, name: (code: string | null | undefined) => string): string {
  const closed = picture.after;
  if (!closed) {
    return "";
  }
  switch (closed.why) {
    case "too-soft":
      return `After minute ${closed.minute - 1} it sticks, because ${lower(name(closed.ingredient))} lets go of its water.`;
    case "too-firm":
      return `After minute ${closed.minute - 1} its edges crack, because ${lower(name(closed.ingredient))} has drunk so much.`;
    case "overrisen":
      return `After minute ${closed.minute - 1} it is past its best: it has risen too far and tears.`;
    default:
      return `Then it is kneaded again.`;
  }
}

/** Why a dough that would roll has not risen within the time that is looked at. */
function notRisen({ rise, horizon }: Picture, f: Figures): string {
  return rise?.targetMinute == null
    ? "It does not rise to its target within a day: more yeast, or a warmer place."
    : rise.targetMinute > horizon
      ? `It has risen only at minute ${f.number(rise.targetMinute, 0)}.`
      : "It has not risen when it would roll.";
}

/** What a dough too weak for its style's rise holds instead. */
function cannotHold(rise: NonNullable<Picture["rise"]>, f: Figures): string {
  const past =
    rise.pastBestMinute == null ? "" : `, and it is past its best at minute ${f.number(rise.pastBestMinute, 0)}`;
  return `Its flour cannot hold a rise to ×${f.number(rise.targetRatio, 2)}: ×${f.number(rise.maxRatio, 2)} is the most${past}. More gluten, or a flat style.`;
}

/** When it has risen, where that is not what opens and closes the window. */
function risen({ rise, window }: Picture, f: Figures): string {
  if (!rise) {
    return "";
  }
  if (rise.targetMinute == null) {
    return "";
  }
  const past = rise.pastBestMinute == null ? "" : `, past its best at minute ${f.number(rise.pastBestMinute, 0)}`;
  return window?.first === rise.targetMinute && !past
    ? ""
    : `It has risen to ×${f.number(rise.targetRatio, 2)} at minute ${f.number(rise.targetMinute, 0)}${past}.`;
}

function water(answer: HandlingAnswer, f: Figures): string {
  const missing = answer.waterMissingGrams;
  if (!answer.waterIsOff) {
    return "";
  }
  return missing > 0
    ? `It lacks ${f.mass(missing)} of water for the softness aimed for.`
    : `It has ${f.mass(-missing)} more water than the softness aimed for needs.`;
}

function lower(name: string): string {
  return name.charAt(0).toLowerCase() + (name.slice(1).split(/[,(]/)[0] ?? "").trim();
}

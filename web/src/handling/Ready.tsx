import { useMemo, useState } from "react";
import { type HandlingAnswer, type ReadyAt, readyQuestion } from "../api";
import { ActionButton, type Editor, useAnswer, useFormulaEdit } from "../formula";
import { type Figures, useFigures } from "../figures";
import { NumberField, type NumberEntry } from "../parts";

interface ReadyProps {
  editor: Editor;
  answer: HandlingAnswer;
}

/** When it is to have risen: the yeast, or the place, for that; or a rest until it has. */
export function Ready({ editor, answer }: ReadyProps) {
  const figures = useFigures();
  const change = useFormulaEdit(editor);
  const [minutes, setMinutes] = useState<NumberEntry>(null);
  const asked = typeof minutes === "number" && minutes >= 1 ? Math.round(minutes) : null;
  const { rise, kneadedAtMinute, rollAtMinute } = answer.dough.picture;
  if (!rise) {
    return null;
  }
  const until = rise.targetMinute == null ? null : rise.targetMinute - Math.ceil(kneadedAtMinute);
  const early = rise.targetMinute != null && rollAtMinute < rise.targetMinute;
  const late = rise.pastBestMinute != null && rollAtMinute >= rise.pastBestMinute;
  return (
    <div className="pt-2">
      {until != null && rise.decides && (early || late) && (
        <ActionButton
          className="btn btn-xs btn-primary mb-1"
          onClick={() => change.mutate({ kind: "rest-until-risen" })}
        >
          Rest until it has risen, {figures.number(until, 0)} min
        </ActionButton>
      )}
      <div className="flex flex-wrap items-center gap-2">
        <span className="soft">Ready</span>
        <NumberField
          framed
          className="w-24"
          label="Ready so many minutes after kneading"
          unit="min"
          value={minutes}
          format={(value) => figures.number(value, 0)}
          dataField="ready-minutes"
          onChange={setMinutes}
        />
        <span className="soft">after kneading, by yeast or by place</span>
      </div>
      {asked !== null ? (
        <Answers editor={editor} minutes={asked} />
      ) : (
        minutes !== null && (
          <p role="alert" className="text-error text-xs">
            That is no time. Give it in minutes, such as 180 for three hours.
          </p>
        )
      )}
    </div>
  );
}

function Answers({ editor, minutes }: { editor: Editor; minutes: number }) {
  const figures = useFigures();
  const change = useFormulaEdit(editor);
  const asked = useMemo(() => ({ formula: editor.balanced, minutes }), [editor.balanced, minutes]);
  const view = useAnswer(readyQuestion, asked);
  const found = view.answer;
  if (view.problem) {
    return (
      <p role="alert" className="text-error text-xs">
        {view.problem.faults?.[0]?.message ?? view.problem.detail}
      </p>
    );
  }
  // The answer to another number of minutes would be a wrong one.
  if (!found || found.minutes !== minutes) {
    return null;
  }
  return (
    <ul className="pt-1" data-testid="ready" data-current={view.current}>
      <li>
        {yeastWords(found, figures)}{" "}
        {found.yeast.limit == null && (
          <button
            className="btn btn-xs"
            disabled={!view.current}
            onClick={() => change.mutate({ kind: "yeast-for", minutes })}
          >
            Take this much yeast
          </button>
        )}
      </li>
      <li>
        {placeWords(found, figures)}{" "}
        {found.place.limit == null && (
          <button
            className="btn btn-xs"
            disabled={!view.current}
            onClick={() => change.mutate({ kind: "place-for", minutes })}
          >
            Put it there
          </button>
        )}
      </li>
    </ul>
  );
}

function yeastWords({ yeast }: ReadyAt, f: Figures): string {
  const amount = `${f.number(yeast.pct, 2)} % as instant yeast`;
  switch (yeast.limit) {
    case "no-yeast":
      return "Yeast: only a starter here; its amount would make another dough.";
    case "out-of-reach":
      return "Yeast: no amount; this dough cannot hold such a rise.";
    case "too-soon":
      return `Yeast: not so soon. With the most, ${amount}, ${at(yeast.minutes, f)}.`;
    case "too-late":
      return `Yeast: not so late. With the least, ${amount}, ${at(yeast.minutes, f)}.`;
    default:
      return `Yeast: ${yeast.lines.map(({ grams }) => f.mass(grams)).join(" and ")}, ${amount}.`;
  }
}

function placeWords({ place }: ReadyAt, f: Figures): string {
  const there = f.temperature(place.celsius);
  switch (place.limit) {
    case "no-yeast":
      return "Place: there is no yeast.";
    case "out-of-reach":
      return "Place: none; this dough cannot hold such a rise.";
    case "too-soon":
      return `Place: not so soon. In the warmest, ${there}, ${at(place.minutes, f)}.`;
    case "too-late":
      return `Place: not so late. In the coldest, ${there}, ${at(place.minutes, f)}: less yeast, or a colder dough.`;
    default:
      return `Place: at ${there} all the time.`;
  }
}

function at(minutes: number | null | undefined, f: Figures): string {
  return minutes == null ? "it does not rise within a day" : `it is ready after ${f.number(minutes, 0)} min`;
}

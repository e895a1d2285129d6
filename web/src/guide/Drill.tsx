import { Check, X } from "lucide-react";
import { useState } from "react";
import type { Feel, GuideAnswer } from "../api";
import { drillWords } from "../words";

type Exercise = GuideAnswer["guide"]["drill"][number];

const MOVES: Record<Exercise["action"], string> = {
  wait: "wait",
  roll: "roll it now",
  "add-water": "add water",
  "add-flour": "add flour",
  "wet-hands": "wet your hands",
};

/** A short drill: a described dough, choose the feel and what to do, and be told why. */
export function Drill({ exercises, feels }: { exercises: Exercise[]; feels: Feel[] }) {
  const [at, setAt] = useState(0);
  const [feel, setFeel] = useState<string | null>(null);
  const [move, setMove] = useState<string | null>(null);
  const [right, setRight] = useState(0);
  const exercise = exercises[at];
  if (!exercise) {
    return (
      <section aria-label="Drill" className="max-w-2xl pt-10" data-testid="drill">
        <h2 className="text-2xl">Drill</h2>
        <p className="font-display pt-2 text-4xl">
          {right} of {exercises.length}
        </p>
        <p className="soft">right in both: the feel and what to do.</p>
        <button
          className="btn btn-sm btn-primary mt-2"
          onClick={() => {
            setAt(0);
            setRight(0);
          }}
        >
          Again
        </button>
      </section>
    );
  }
  const answered = feel !== null && move !== null;
  const good = feel === exercise.feel && move === exercise.action;
  return (
    <section aria-label="Drill" className="max-w-3xl pt-10" data-testid="drill">
      <h2 className="text-2xl">
        Drill{" "}
        <span className="soft font-sans text-sm">
          {at + 1} of {exercises.length}
        </span>
      </h2>
      <p className="border-primary my-3 border-l-4 pl-4 text-lg">{drillWords(exercise.code).situation}</p>
      <Choice
        legend="It feels"
        options={feels.map(({ code, name }) => [code, name])}
        chosen={feel}
        right={answered ? exercise.feel : null}
        onChoose={setFeel}
      />
      <Choice
        legend="So I"
        options={Object.entries(MOVES)}
        chosen={move}
        right={answered ? exercise.action : null}
        onChoose={setMove}
      />
      {answered && (
        <div
          role="status"
          className="bg-base-200 mt-3 rounded-md px-4 py-3"
          data-testid="drill-answer"
          data-right={good}
        >
          <p className="font-semibold">
            {good
              ? "Yes."
              : `Better: ${feels.find(({ code }) => code === exercise.feel)?.name}, ${MOVES[exercise.action]}.`}
          </p>
          <p>{drillWords(exercise.code).why}</p>
          <button
            className="btn btn-sm btn-primary mt-2"
            onClick={() => {
              setRight(right + (good ? 1 : 0));
              setFeel(null);
              setMove(null);
              setAt(at + 1);
            }}
          >
            {at + 1 < exercises.length ? "Next dough" : "How did I do?"}
          </button>
        </div>
      )}
    </section>
  );
}

interface ChoiceProps {
  legend: string;
  options: [string, string][];
  chosen: string | null;
  /** The right one, once both choices are made. */
  right: string | null;
  onChoose: (code: string) => void;
}

function Choice({ legend, options, chosen, right, onChoose }: ChoiceProps) {
  return (
    <fieldset className="pt-1">
      <legend className="soft text-sm">{legend}</legend>
      <div className="flex flex-wrap gap-1 pt-1">
        {options.map(([code, name]) => (
          <button
            key={code}
            className={`btn btn-sm ${chosen === code ? "btn-primary" : ""}`}
            aria-pressed={chosen === code}
            disabled={right !== null}
            data-choice={code}
            onClick={() => onChoose(code)}
          >
            {right === code && <Check size={14} aria-label="right" />}
            {right !== null && chosen === code && right !== code && <X size={14} aria-label="not this" />}
            {name}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

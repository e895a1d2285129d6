import { useState } from "react";
import type { BenchAnswer, BenchStep } from "../api";
import { useFigures } from "../figures";
import { asSent, MassField, type NumberEntry } from "../parts";
import { FromDevice } from "./FromDevice";
import type { Noted } from "./useBench";

interface PourPanelProps {
  answer: BenchAnswer;
  step: BenchStep;
  onNote: (...noted: Noted[]) => void;
}

/** What is poured at this step: the target large, and what went in, weighed or typed. */
export function PourPanel({ answer, step, onNote }: PourPanelProps) {
  const figures = useFigures();
  const [grams, setGrams] = useState<NumberEntry>(null);
  const { water, run } = answer;
  const poured = run.poured.find(({ ingredient }) => ingredient === water.ingredient);
  const first = step.kind === "pour";
  const target = first ? water.firstPourGrams : water.eachGrams;
  const pour = (figure: NumberEntry, outcome: "weighed" | "typed") => {
    onNote({ kind: "pour", step: step.key, subject: water.ingredient, figure: asSent(figure), outcome });
    setGrams(null);
  };
  return (
    <section aria-label="Pour" data-testid="pour">
      <p className="pb-2">
        <span className="font-display text-7xl">{figures.mass(target)}</span>{" "}
        <span className="soft text-xl">{first ? "of water first" : "of water at a time"}</span>
      </p>
      {poured && (
        <p className="pb-2 text-xl" data-testid="poured">
          Poured {figures.mass(poured.grams)} of {figures.mass(water.plannedGrams)} planned, in{" "}
          {poured.times === 1 ? "one pour" : `${poured.times} pours`}.
        </p>
      )}
      <form
        className="flex flex-wrap items-center gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          pour(grams, "typed");
        }}
      >
        <button type="button" className="btn h-16 text-lg" onClick={() => pour(target, "weighed")}>
          Poured {figures.mass(target)}
        </button>
        <span className="soft">or</span>
        <MassField className="bench-field w-36" label="Water poured" value={grams} onChange={setGrams} />
        <button className="btn h-16 text-lg" disabled={grams === null}>
          Note it
        </button>
      </form>
      <FromDevice kind="scale" words="Poured, as it shows" tares onTake={(shown) => pour(shown, "weighed")} />
    </section>
  );
}

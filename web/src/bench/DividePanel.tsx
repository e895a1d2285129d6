import { useState } from "react";
import type { BenchAnswer } from "../api";
import { useFigures } from "../figures";
import { asSent, MassField, type NumberEntry } from "../parts";
import { FromDevice } from "./FromDevice";
import type { Noted } from "./useBench";

/** Pieces weighed one after another: the target, the tolerance, what they came to, and what is left. */
export function DividePanel({ answer, onNote }: { answer: BenchAnswer; onNote: (...noted: Noted[]) => void }) {
  const figures = useFigures();
  const [grams, setGrams] = useState<NumberEntry>(null);
  const { pieces } = answer.run;
  const weigh = (figure: NumberEntry) => {
    onNote({ kind: "piece", piece: pieces.next, figure: asSent(figure) });
    setGrams(null);
  };
  return (
    <section aria-label="Pieces" data-testid="divide">
      <p className="pb-2">
        <span className="font-display text-7xl">{figures.mass(pieces.targetGrams)}</span>{" "}
        <span className="soft text-xl">
          piece {pieces.next} of {pieces.planned}; {figures.massNumber(pieces.tolerance.low)} to{" "}
          {figures.mass(pieces.tolerance.high)} is right
        </span>
      </p>
      <form
        className="flex flex-wrap items-center gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          weigh(grams ?? pieces.targetGrams);
        }}
      >
        <MassField
          className="bench-field w-36"
          label={`Piece ${pieces.next}`}
          value={grams}
          placeholder={pieces.targetGrams}
          onChange={setGrams}
        />
        <button className="btn btn-primary h-16 text-lg">Weighed</button>
      </form>
      <FromDevice kind="scale" words={`Piece ${pieces.next}, as it shows`} tares onTake={weigh} />
      {pieces.meanGrams != null && (
        <p className="pt-2 text-xl" data-testid="tally">
          Mean {figures.mass(pieces.meanGrams)}
          {pieces.sdGrams != null && <> ± {figures.number(pieces.sdGrams, 1)} g</>}
          {pieces.outside > 0 && <>, {pieces.outside} outside</>}; left{" "}
          {pieces.leftGrams >= 0
            ? figures.mass(pieces.leftGrams)
            : `nothing: ${figures.mass(-pieces.leftGrams)} more than there was to be`}
          .
        </p>
      )}
    </section>
  );
}

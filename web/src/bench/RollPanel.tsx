import { useState } from "react";
import type { BenchAnswer } from "../api";
import { asSent, type NumberEntry, SizeField } from "../parts";
import { OUTCOMES } from "../words";
import { clockText } from "./clock";
import type { Noted } from "./useBench";

interface RollPanelProps {
  answer: BenchAnswer;
  shown: number;
  onNote: (...noted: Noted[]) => void;
}

/** One touch a ball: the ball that has rested longest goes first. */
export function RollPanel({ answer, shown, onNote }: RollPanelProps) {
  const [across, setAcross] = useState<NumberEntry>(null);
  const { pieces } = answer.run;
  const rolled = pieces.each.filter((piece) => piece.rolled != null).length;
  // Balls that nobody weighed are rolled as well: the next number that was not.
  const next = pieces.nextToRoll ?? Math.max(0, ...pieces.each.map(({ number }) => number)) + 1;
  const ballAt = pieces.each.find(({ number }) => number === next)?.ballAt;
  return (
    <section aria-label="Rolling" data-testid="roll">
      <p className="pb-2">
        <span className="font-display text-7xl">Ball {next}</span>{" "}
        <span className="soft text-xl">
          {ballAt ? `rests ${clockText((shown - Date.parse(ballAt)) / 1000)}` : "not weighed"}; {rolled} rolled
        </span>
      </p>
      <div className="flex flex-wrap gap-2" role="group" aria-label={`How ball ${next} rolled`}>
        {OUTCOMES.rolled?.map(({ code, name }) => (
          <button
            key={code}
            className={`btn h-16 min-w-16 flex-1 text-lg ${code === "fine" ? "btn-primary" : ""}`}
            onClick={() => {
              onNote({ kind: "rolled", piece: next, outcome: code, figure: asSent(across) });
              setAcross(null);
            }}
          >
            {name}
          </button>
        ))}
      </div>
      <label className="flex items-center gap-2 pt-2">
        <span className="soft">How far across it came, where measured</span>
        <SizeField className="bench-field w-32" label={`Ball ${next} across`} value={across} onChange={setAcross} />
      </label>
    </section>
  );
}

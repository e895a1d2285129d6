import type { BenchAnswer } from "../api";
import { useFigures } from "../figures";
import { benchStepName } from "../words";
import type { Noted } from "./useBench";

const MARKS = { "to-do": "◌", begun: "◐", done: "●", "left-out": "—" };
const SAID = { "to-do": "to do", begun: "going on", done: "done", "left-out": "left out" };

/** Every step with where it stands; any of them can be gone to. */
export function StepList({ answer, onNote }: { answer: BenchAnswer; onNote: (noted: Noted) => void }) {
  const figures = useFigures();
  return (
    <ol data-testid="step-list">
      {answer.steps.map(({ step }) => {
        const standing = answer.run.steps.find(({ key }) => key === step.key)?.standing ?? "to-do";
        return (
          <li key={step.key} className="hairline border-t">
            <button
              className={`flex min-h-10 w-full items-center gap-2 text-left ${step.key === answer.run.current ? "font-semibold" : ""}`}
              title="Go to this step"
              onClick={() => onNote({ kind: "step", step: step.key, outcome: "begun" })}
            >
              <span aria-hidden>{MARKS[standing]}</span>
              <span className="flex-1">{benchStepName(step.kind)}</span>
              <span className="soft text-xs">
                {SAID[standing]}
                {step.atMinute != null && `, minute ${figures.number(step.atMinute, 0)}`}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

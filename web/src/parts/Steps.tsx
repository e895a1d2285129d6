import { Link } from "react-router";
import type { ExplanationStep } from "../api";
import { useFigures } from "../figures";
import { stepSum, stepWords } from "../words";
import { FormulaLine } from "./FormulaLine";

/** An explanation, step by step. */
export function Steps({ steps }: { steps: ExplanationStep[] }) {
  const figures = useFigures();
  return (
    <ul className="flex flex-col gap-1">
      {steps.map((step, index) => {
        const says = stepWords(step, figures);
        return (
          <li key={`${step.rule} ${index}`} className="leading-snug">
            <span className="font-semibold">{says}</span>{" "}
            <span className="soft">
              = <FormulaLine parts={stepSum(step, figures)} />
            </span>{" "}
            <Link
              to={`/model#${step.rule}`}
              className="soft hover:text-base-content whitespace-nowrap underline"
              aria-label={`How ${says} is computed`}
            >
              how
            </Link>
          </li>
        );
      })}
    </ul>
  );
}

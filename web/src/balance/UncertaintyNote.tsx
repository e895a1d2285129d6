import { useState } from "react";
import { Link } from "react-router";
import type { BalanceAnswer } from "../api";
import type { Editor } from "../formula";
import { doughKindWords } from "../words";
import { useFigures } from "../figures";

/** Where the range comes from: the line that would narrow it most, and the others on demand. */
export function UncertaintyNote({ answer, editor }: { answer: BalanceAnswer; editor: Editor }) {
  const figures = useFigures();
  const [open, setOpen] = useState(false);
  const [top] = answer.water.variances;
  if (!top || editor.draft.lines.length === 0) {
    return null;
  }
  const name = (line: number) => answer.ledger.find((row) => row.line === line)?.name ?? `line ${line + 1}`;
  return (
    <div className="pt-1 text-xs">
      <button className="link soft text-left" aria-expanded={open} onClick={() => setOpen(!open)}>
        most of this range comes from {name(top.line)}
      </button>
      {open && (
        <ul className="pt-1">
          {!answer.water.told.taught && (
            <li>
              never told narrower than ±{figures.number(answer.water.told.offPct, 0)} % of the flour: so far off it is
              known to be for {doughKindWords(answer.water.told.kind)}, until your own batches have taught its flours (
              <Link className="link" to="/model#accuracy">
                how right it is
              </Link>
              )
            </li>
          )}
          {answer.water.variances.slice(0, 5).map((variance) => (
            <li key={variance.line}>
              {figures.percent(100 * variance.share)} {name(variance.line)}:{" "}
              {variance.fromAbsorption
                ? "how much it drinks is not well known; a batch that records the water teaches it"
                : "its weight; weigh it more finely"}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

import type { LadderAnswer } from "../api";
import { useFigures } from "../figures";
import { brokenName, FORMULA_FIGURES, figureName, figureWords } from "../words";
import { ladderCsv } from "./ladderCsv";
import { useCopy } from "./useCopy";
import { isSameShare } from "./plan";

interface LadderTableProps {
  answer: LadderAnswer;
  /** Shares that were picked for a series of trials. */
  picked: number[];
  onTake: (share: number) => void;
}

/** The ladder as a table that can be taken elsewhere. */
export function LadderTable({ answer, picked, onTake }: LadderTableProps) {
  const figures = useFigures();
  const copy = useCopy();
  const there = FORMULA_FIGURES.filter((figure) =>
    answer.rungs.some(({ balance }) => balance.figures[figure] !== undefined),
  );
  return (
    <div>
      <div className="max-h-[26rem] overflow-auto" tabIndex={0} role="region" aria-label="The ladder as a table">
        <table className="text-sm" data-testid="ladder-table">
          <thead>
            <tr className="text-right align-bottom text-xs">
              <th scope="col" className="soft bg-base-100 sticky top-0 pr-2 pb-1 font-normal">
                trials
              </th>
              <th scope="col" className="bg-base-100 sticky top-0 pr-3 pb-1 text-left">
                share
              </th>
              {there.map((figure) => (
                <th key={figure} scope="col" className="soft bg-base-100 sticky top-0 max-w-24 px-2 pb-1 font-normal">
                  {figureName(figure)}
                </th>
              ))}
              <th scope="col" className="soft bg-base-100 sticky top-0 px-2 pb-1 text-left font-normal">
                not kept
              </th>
            </tr>
          </thead>
          <tbody>
            {answer.rungs.toReversed().map((rung) => (
              <tr key={rung.share} className="hairline border-t text-right whitespace-nowrap">
                <td className="pr-2">
                  <label className="inline-flex size-6 cursor-pointer items-center justify-center">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-xs"
                      aria-label={`${figures.percent(100 * rung.share)} for trials`}
                      checked={picked.some((each) => isSameShare(each, rung.share))}
                      onChange={() => onTake(rung.share)}
                    />
                  </label>
                </td>
                <th scope="row" className="pr-3 text-left">
                  {figures.percent(100 * rung.share)}
                </th>
                {there.map((figure) => (
                  <td key={figure} className="px-2">
                    {figureWords(figure, rung.balance.figures[figure], figures)}
                  </td>
                ))}
                <td className="text-error px-2 text-left">{rung.broken.map(brokenName).join(", ")}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <button type="button" className="btn btn-ghost btn-sm mt-2" onClick={() => copy(ladderCsv(answer))}>
        Copy as CSV
      </button>
    </div>
  );
}

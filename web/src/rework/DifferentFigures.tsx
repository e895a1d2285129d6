import type { BalanceAnswer, SubstituteAnswer } from "../api";
import { type Figures, useFigures } from "../figures";
import { FORMULA_FIGURES, type FormulaFigure, figureName, figureWords, waterBriefly } from "../words";

/** Figures that are told with more than their number. */
const TOLD_OTHERWISE: Partial<Record<FormulaFigure, (balance: BalanceAnswer, figures: Figures) => string>> = {
  waterNeeded: ({ water }, f) => waterBriefly(water, f),
  softness: ({ softnessAtRoll, feel }, f) =>
    softnessAtRoll == null ? "–" : `${f.number(softnessAtRoll, 2)}${feel ? `, ${feel.name}` : ""}`,
  "window.minutes": ({ window }) => (window ? `${window[0]} to ${window[1]}` : "never"),
};

const OTHER_NAMES: Partial<Record<FormulaFigure, string>> = { "window.minutes": "can be rolled, minute" };

/** What both formulas come to, what differs first; what stays the same is folded away. */
export function DifferentFigures({ answer }: { answer: Pick<SubstituteAnswer, "base" | "balance"> }) {
  const figures = useFigures();
  const say = (balance: BalanceAnswer, figure: FormulaFigure) =>
    TOLD_OTHERWISE[figure]?.(balance, figures) ?? figureWords(figure, balance.figures[figure], figures);
  const said = FORMULA_FIGURES.filter(
    (figure) => answer.base.figures[figure] !== undefined || answer.balance.figures[figure] !== undefined,
  ).map((figure) => ({
    name: OTHER_NAMES[figure] ?? figureName(figure),
    before: say(answer.base, figure),
    after: say(answer.balance, figure),
  }));
  const different = said.filter(({ before, after }) => before !== after);
  const same = said.filter(({ before, after }) => before === after);
  return (
    <section aria-label="What changes" className="pt-5 xl:pt-0">
      <h2 className="section-title">What changes</h2>
      <table className="w-full text-sm" data-testid="different-figures">
        <thead>
          <tr className="soft text-right text-xs">
            <th scope="col" className="pb-1 text-left font-normal">
              figure
            </th>
            <th scope="col" className="font-normal">
              as it is
            </th>
            <th scope="col" className="font-normal">
              reworked
            </th>
          </tr>
        </thead>
        <tbody>
          {different.map(({ name, before, after }) => (
            <tr key={name} className="hairline border-t text-right">
              <th scope="row" className="py-1 text-left font-normal">
                {name}
              </th>
              <td className="pl-3 whitespace-nowrap">{before}</td>
              <td className="pl-3 font-semibold whitespace-nowrap">{after}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {different.length === 0 && <p className="soft text-sm">Nothing that shows.</p>}
      {same.length > 0 && (
        <details className="soft pt-2 text-sm">
          <summary className="cursor-pointer">{same.length} figures stay as they are</summary>
          {same.map(({ name, after }) => (
            <p key={name}>
              {name} {after}
            </p>
          ))}
        </details>
      )}
    </section>
  );
}

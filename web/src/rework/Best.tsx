import type { MostAnswer } from "../api";
import { ActionButton, type Editor } from "../formula";
import { type Figures, useFigures } from "../figures";
import { figureName, figureWords } from "../words";
import { Curve } from "./Curve";
import { DifferentFigures } from "./DifferentFigures";
import { useTake } from "./useTake";

interface BestProps {
  answer: MostAnswer;
  editor: Editor;
}

/** The best formula that was found, what holds it back, and what a little less strictness would buy. */
export function Best({ answer, editor }: BestProps) {
  const figures = useFigures();
  const takeFormula = useTake(editor);
  const { goal, possible, limits, binding, slack, easing } = answer;
  const amounts = amountsOf(answer, figures);
  const value = figureWords(goal, answer.value, figures);
  const bought = (gain: number) =>
    gain === 0
      ? "nothing"
      : figureWords(goal, gain, figures) === figureWords(goal, 0, figures)
        ? "hardly anything"
        : figureWords(goal, gain, figures);
  const take = () => {
    const versionNote = `${figureName(goal)} ${value}${binding ? `, held by ${figureName(binding)}` : ""}: ${amounts.map(({ name, before, after }) => `${name} ${before} → ${after}`).join(", ")}.`;
    takeFormula(answer.formula, versionNote);
  };
  return (
    <div className="grid gap-x-8 pt-2 xl:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <div>
        {possible ? (
          <p className="text-lg" data-testid="best">
            {figureName(goal)} <strong>{value}</strong>
            <span className="soft"> instead of {figureWords(goal, answer.base.figures[goal], figures)}</span>
          </p>
        ) : (
          <p role="alert" className="text-error text-lg" data-testid="best">
            Nothing keeps all of these limits. This one misses them by least.
          </p>
        )}
        <ul className="py-2">
          {amounts.map(({ name, before, after }) => (
            <li key={name}>
              {name}: {before} → <strong>{after}</strong>
            </li>
          ))}
        </ul>
        <table className="w-full text-sm" data-testid="slack">
          <thead>
            <tr className="soft text-right text-xs">
              <th scope="col" className="pb-1 text-left font-normal">
                limit
              </th>
              <th scope="col" className="font-normal">
                {possible ? "to spare" : "to spare, or missing"}
              </th>
              {possible && (
                <th scope="col" className="font-normal">
                  1 % easier (1 unit at 0) buys
                </th>
              )}
            </tr>
          </thead>
          <tbody>
            {limits.map(({ figure }) => (
              <tr key={figure} className={`hairline border-t text-right ${figure === binding ? "font-semibold" : ""}`}>
                <th scope="row" className="py-1 text-left font-normal">
                  {figureName(figure)}
                  {figure === binding && <span className="text-error"> holds it back</span>}
                </th>
                <td className={(slack[figure] ?? 0) < 0 ? "text-error" : ""}>
                  {figureWords(figure, slack[figure], figures)}
                </td>
                {possible && <td>{bought(easing[figure] ?? 0)}</td>}
              </tr>
            ))}
          </tbody>
        </table>
        <Curve answer={answer} />
        {possible && (
          <ActionButton className="btn btn-primary btn-sm mt-4" onClick={take}>
            Take it into the formula
          </ActionButton>
        )}
      </div>
      <DifferentFigures answer={answer} />
    </div>
  );
}

/** The amounts that moved, water last. */
function amountsOf({ base, balance }: MostAnswer, figures: Figures) {
  const before = base.ledger;
  return balance.ledger
    .map((row) => ({
      row,
      was: before.find(({ line, ingredient }) => line === row.line && ingredient === row.ingredient),
    }))
    .filter(({ row, was }) => figures.mass(row.grams) !== figures.mass(was?.grams ?? 0))
    .map(({ row, was }) => ({
      name: row.name,
      before: was ? figures.mass(was.grams) : "none",
      after: figures.mass(row.grams),
    }));
}

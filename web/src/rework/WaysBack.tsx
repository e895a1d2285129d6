import type { MatchAnswer, PantryDocument } from "../api";
import { ActionButton, type Editor, filledLines } from "../formula";
import { useFigures } from "../figures";
import {
  cautionWords,
  FORMULA_FIGURES,
  figureName,
  figureWords,
  insteadWords,
  reworkNote,
  shortName,
  waterBriefly,
} from "../words";
import { useTake } from "./useTake";

type Way = MatchAnswer["ways"][number];

interface WaysBackProps {
  answer: MatchAnswer;
  editor: Editor;
  pantry: PantryDocument;
}

/** Ways back, the nearest first, each with what it costs. */
export function WaysBack({ answer, editor, pantry }: WaysBackProps) {
  const figures = useFigures();
  const takeFormula = useTake(editor);
  const lines = filledLines(editor.draft.lines).map(({ ingredient }) => ingredient);
  const near = FORMULA_FIGURES.filter((figure) => answer.near[figure] !== undefined);
  const instead = (way: Way) => way.changes.map((change) => insteadWords(change, lines, pantry, figures));
  const take = (way: Way) => {
    const versionNote =
      way.changes.length === 0
        ? "Another lot: water set to it."
        : reworkNote(way.changes, lines, way.proposals, pantry, figures);
    takeFormula(way.formula, versionNote);
  };
  return (
    <div className="relative overflow-x-auto pt-3" tabIndex={0} role="region" aria-label="Ways back">
      <table className="w-full text-sm" data-testid="ways">
        <thead>
          <tr className="soft text-right align-bottom text-xs">
            <th scope="col" className="pb-1 text-left font-normal">
              what is done
            </th>
            <th scope="col" className="px-2 font-normal">
              water
            </th>
            {near.map((figure) => (
              <th key={figure} scope="col" className="max-w-28 px-2 font-normal">
                {figureName(figure)}
              </th>
            ))}
            <th scope="col">
              <span className="sr-only">take it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr className="hairline soft border-t text-right">
            <th scope="row" className="py-1.5 text-left font-normal">
              as it was
            </th>
            <td className="px-2">{waterBriefly(answer.base.water, figures)}</td>
            {near.map((figure) => (
              <td key={figure} className="px-2">
                {figureWords(figure, answer.near[figure], figures)}
              </td>
            ))}
            <td />
          </tr>
          {answer.ways.map((way, at) => (
            <tr key={instead(way).join()} className="hairline border-t text-right align-top" data-way={at + 1}>
              <th scope="row" className="max-w-md py-1.5 text-left font-normal">
                {way.changes.length === 0 ? (
                  <span className="font-semibold">Water alone</span>
                ) : (
                  instead(way).map((words) => (
                    <span key={words} className="block font-semibold">
                      {words}
                    </span>
                  ))
                )}
                <Beside way={way} pantry={pantry} costCounts={answer.near.costPerPiece !== undefined} />
              </th>
              <td className="px-2 py-1.5 whitespace-nowrap">{waterBriefly(way.balance.water, figures)}</td>
              {near.map((figure) => (
                <td key={figure} className="px-2 py-1.5">
                  {figureWords(figure, way.balance.figures[figure], figures)}
                </td>
              ))}
              <td className="py-1 pl-2">
                <ActionButton
                  className={`btn btn-sm whitespace-nowrap ${at === 0 ? "btn-primary" : ""}`}
                  aria-label={`Take it: way ${at + 1}`}
                  onClick={() => take(way)}
                >
                  Take it
                </ActionButton>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** What else there is to know of a way: what comes in and goes, and what has no price. */
function Beside({ way, pantry, costCounts }: { way: Way; pantry: PantryDocument; costCounts: boolean }) {
  const figures = useFigures();
  const { allergensGained, allergensLost, cautionsGained } = way.compared;
  const said = [
    ...allergensGained.map((name) => `comes in: ${name} to declare`),
    ...cautionsGained.map((caution) => `comes in: caution “${cautionWords(caution, figures).title}”`),
    ...allergensLost.map((name) => `goes: ${name}`),
    ...(costCounts && way.unpriced.length > 0
      ? [`no price: ${way.unpriced.map((code) => shortName(code, pantry)).join(", ")}`]
      : []),
  ];
  return said.length === 0 ? null : <span className="soft block text-xs">{said.join("; ")}</span>;
}

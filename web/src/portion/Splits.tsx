import type { Keeping } from "../api";
import { useFigures } from "../figures";
import { hoursWords } from "./words";

/** Each part of the bread: how it is kept, for how long it is good, and until when it is used. */
export function Splits({ answer }: { answer: Keeping }) {
  const figures = useFigures();
  const [rest] = answer.splits;
  if (!rest) {
    return null;
  }
  return (
    <div className="pt-3" data-testid="splits">
      <h2 className="section-title">Now and later</h2>
      {rest.pieces < 0 && (
        <p role="status" className="border-warning bg-base-200 border-l-4 my-1 max-w-2xl rounded px-2 py-1 text-sm">
          {figures.number(-rest.pieces, 0)} more are put aside than the dough makes.
        </p>
      )}
      <table className="w-full max-w-2xl text-sm">
        <thead className="soft text-left">
          <tr>
            <th className="font-normal">Pieces</th>
            <th className="font-normal">Kept</th>
            <th className="font-normal">{answer.crisp ? "Crisp for" : "Folds for"}</th>
            <th className="font-normal">Use within</th>
          </tr>
        </thead>
        <tbody>
          {answer.splits.map(({ storage, pieces, hours, useWithinHours }, index) => (
            <tr key={index} className="hairline border-t">
              <td className="py-1 tabular-nums">{figures.number(Math.max(0, pieces), 0)}</td>
              <td>{storage.name}</td>
              <td>{hoursWords(hours, answer.mostHours, figures)}</td>
              <td>{hoursWords(useWithinHours, Infinity, figures)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="soft pt-1 text-xs">
        Use-by: typical values; your local food rules and a qualified adviser go first.
      </p>
    </div>
  );
}

import type { NotebookBatch } from "../api";
import { useFigures } from "../figures";
import { outcomeName } from "../words";

/** What was planned against what went in, line by line: differences stand out. */
export function PlannedAndMade({ batch }: { batch: NotebookBatch }) {
  const figures = useFigures();
  return (
    <section aria-label="Planned and made">
      <h2 className="section-title pt-4">Planned and made</h2>
      <table className="w-full text-sm" data-testid="made-lines">
        <thead>
          <tr className="soft text-right text-xs">
            <th scope="col" className="text-left font-normal">
              Ingredient
            </th>
            <th scope="col" className="pl-4 font-normal">
              planned
            </th>
            <th scope="col" className="pl-4 font-normal">
              went in
            </th>
            <th scope="col" className="pl-4 font-normal">
              difference
            </th>
            <th scope="col" className="pl-4 font-normal">
              of the flour
            </th>
          </tr>
        </thead>
        <tbody>
          {batch.lines.map((line) => {
            const off = line.grams - line.plannedGrams;
            const differs = Math.abs(off) >= 0.05;
            return (
              <tr
                key={`${line.part} ${line.ingredient}`}
                className={`hairline border-t text-right tabular-nums ${differs ? "font-semibold" : ""}`}
                data-line={line.ingredient}
              >
                <td className="text-left">
                  {line.name}
                  {line.part !== "dough" && <span className="soft font-normal"> ({line.part})</span>}
                </td>
                <td className="pl-4">{figures.mass(line.plannedGrams)}</td>
                <td className="pl-4">{figures.mass(line.grams)}</td>
                <td className="pl-4">{differs ? `${off > 0 ? "+" : "−"}${figures.mass(Math.abs(off))}` : "–"}</td>
                <td className="pl-4">{line.pct == null ? "–" : figures.percent(line.pct)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

/** The pieces: weighed, rolled and cooked. */
export function Pieces({ batch }: { batch: NotebookBatch }) {
  const figures = useFigures();
  const { pieces } = batch.bench.run;
  const loss = batch.cookLossPct;
  return (
    <section aria-label="Pieces" data-testid="made-pieces">
      <h2 className="section-title pt-6">Pieces</h2>
      {pieces.each.length === 0 ? (
        <p className="soft text-sm">None was noted.</p>
      ) : (
        <>
          <p className="text-sm">
            {pieces.meanGrams != null && (
              <>
                Mean {figures.mass(pieces.meanGrams)}
                {pieces.sdGrams != null && ` ± ${figures.number(pieces.sdGrams, 1)} g`}, planned{" "}
                {figures.mass(pieces.targetGrams)}.{" "}
              </>
            )}
            {pieces.sideOneS != null && `First side ${figures.number(pieces.sideOneS, 0)} s`}
            {pieces.sideTwoS != null && `, second ${figures.number(pieces.sideTwoS, 0)} s.`}
          </p>
          <ul className="grid grid-cols-2 gap-x-6 text-sm">
            {pieces.each.map((piece) => (
              <li key={piece.number} className="hairline flex gap-2 border-t py-0.5">
                <span className="soft w-6 text-right tabular-nums">{piece.number}</span>
                <span className="w-14 text-right tabular-nums">
                  {piece.grams == null ? "–" : figures.mass(piece.grams)}
                </span>
                <span className="flex-1">
                  {[
                    piece.rolled && outcomeName("rolled", piece.rolled),
                    piece.diameterMm != null && figures.size(piece.diameterMm),
                    piece.puff && outcomeName("off-pan", piece.puff),
                  ]
                    .filter(Boolean)
                    .join(", ")}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="soft pt-1 text-sm">
        {loss == null
          ? `Expected to lose ${figures.percent(batch.expectedLossPct)} as steam; no cooked piece was weighed.`
          : `Lost ${figures.percent(loss)} as steam, ${figures.percent(batch.expectedLossPct)} was expected.`}
      </p>
    </section>
  );
}

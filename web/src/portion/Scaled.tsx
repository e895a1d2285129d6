import type { PantryDocument, Scaling } from "../api";
import { ActionButton } from "../formula";
import { useFigures } from "../figures";
import { ingredientName } from "../words";
import { mindWords, spoonWords } from "./words";

interface ScaledProps {
  answer: Scaling;
  pantry: PantryDocument;
  onUse: () => void;
}

/** What is weighed and spooned for another batch, and what rounding does to the dough. */
export function Scaled({ answer, pantry, onUse }: ScaledProps) {
  const figures = useFigures();
  const { factor, pieces, pieceGrams, doughGrams, before, after, minds } = answer;
  const name = (index: number) => ingredientName(answer.formula.lines?.[index]?.ingredient ?? "", pantry);
  const softness = (value: number | null | undefined) => (value == null ? "none" : figures.number(value, 2));
  return (
    <div data-testid="scaled">
      <p className="font-display text-3xl">{figures.number(factor, 2)} times the batch</p>
      <p>
        {figures.mass(doughGrams)} of dough
        {pieces != null && `, ${figures.number(pieces, 0)} pieces of ${figures.mass(pieceGrams)}`}.
      </p>
      <table className="mt-3 text-sm" data-testid="scaled-lines">
        <thead>
          <tr className="soft text-right text-xs">
            <th scope="col" className="pr-4 text-left font-normal">
              ingredient
            </th>
            <th scope="col" className="px-3 font-normal">
              now
            </th>
            <th scope="col" className="px-3 font-normal">
              exactly
            </th>
            <th scope="col" className="px-3 font-normal">
              to weigh
            </th>
            <th scope="col" className="px-3 text-left font-normal">
              off by
            </th>
          </tr>
        </thead>
        <tbody>
          {answer.lines.map((line) => (
            <tr key={line.line} className="hairline border-t text-right tabular-nums">
              <th scope="row" className="max-w-72 truncate py-1 pr-4 text-left font-normal">
                {name(line.line)}
              </th>
              <td className="soft px-3">{figures.mass(line.beforeGrams)}</td>
              <td className="soft px-3">
                {figures.number(figures.massUnitFromGrams(line.exactGrams), 2)} {figures.massUnit}
              </td>
              <td className="px-3 font-semibold">
                {line.teaspoonEighths == null ? figures.mass(line.grams) : spoonWords(line.teaspoonEighths)}
              </td>
              <td className="soft px-3 text-left">
                {figures.shows(line.offPct, 1)
                  ? `${line.offPct > 0 ? "+" : "−"}${figures.percent(Math.abs(line.offPct))}`
                  : ""}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="pt-3 text-sm" data-testid="rounding">
        Rounded so, softness is {softness(after.softness)} instead of {softness(before.softness)}, and salt{" "}
        {figures.number(after.saltPct, 2)} % instead of {figures.number(before.saltPct, 2)} % of the flour.{" "}
        {answer.roundingShows ? (
          <strong className="text-error">One feels that: weigh the water and the flour more finely.</strong>
        ) : (
          "Nobody feels that."
        )}
      </p>
      {minds.length > 0 && (
        <ul className="list-disc pt-2 pl-5 text-sm" data-testid="minds">
          {minds.map((mind) => (
            <li key={mind}>{mindWords(mind, factor)}</li>
          ))}
        </ul>
      )}
      <ActionButton className="btn btn-primary btn-sm mt-4" onClick={onUse}>
        Use these amounts
      </ActionButton>
    </div>
  );
}

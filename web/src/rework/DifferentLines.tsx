import type { PantryDocument, SubstituteAnswer } from "../api";
import { useFigures } from "../figures";
import { ingredientName } from "../words";

type Row = SubstituteAnswer["compared"]["lines"][number];

interface DifferentLinesProps {
  answer: SubstituteAnswer;
  pantry: PantryDocument;
}

/** What both formulas are made of, what differs first. */
export function DifferentLines({ answer, pantry }: DifferentLinesProps) {
  const figures = useFigures();
  const rows = answer.compared.lines;
  const mass = (amount: Row["before"]) => (amount ? figures.mass(amount.grams) : "none");
  const differ = ({ before, after }: Row) => mass(before) !== mass(after);
  const share = (amount: Row["before"]) => (amount?.bakersPct == null ? "" : figures.percent(amount.bakersPct));
  return (
    <table className="mt-3 w-full text-sm" data-testid="different-lines">
      <thead>
        <tr className="soft text-right text-xs">
          <th scope="col" className="pb-1 text-left font-normal">
            line
          </th>
          <th scope="col" className="font-normal" colSpan={2}>
            as it is
          </th>
          <th scope="col" className="font-normal" colSpan={2}>
            reworked
          </th>
        </tr>
      </thead>
      <tbody>
        {[...rows.filter(differ), ...rows.filter((row) => !differ(row))].map((row) => (
          <tr
            key={`${row.ingredient} ${row.part}`}
            className={`hairline border-t text-right ${differ(row) ? "" : "soft"}`}
          >
            <th scope="row" className="py-1 text-left font-normal">
              {nameOf(row, pantry)}
            </th>
            <td className="w-16 whitespace-nowrap">{mass(row.before)}</td>
            <td className="soft w-16 whitespace-nowrap">{share(row.before)}</td>
            <td className={`w-16 whitespace-nowrap ${differ(row) ? "font-semibold" : ""}`}>{mass(row.after)}</td>
            <td className="soft w-16 whitespace-nowrap">{share(row.after)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function nameOf({ ingredient, part }: Row, pantry: PantryDocument): string {
  const name = ingredientName(ingredient, pantry);
  return part === "dough" ? name : `${name} (${part})`;
}

import type { FormulaSpec, PantryDocument, SubstituteAnswer } from "../api";
import { useFigures } from "../figures";

interface DifferentLinesProps {
  answer: SubstituteAnswer;
  before: FormulaSpec;
  pantry: PantryDocument;
}

interface Amount {
  grams: number;
  pct: number | null;
}

interface Row {
  name: string;
  before: Amount | null;
  after: Amount | null;
}

/** The lines of both formulas, those that differ first. */
export function DifferentLines({ answer, before, pantry }: DifferentLinesProps) {
  const figures = useFigures();
  const was = amounts(before, answer.base.bakersPct);
  const is = amounts(answer.formula, answer.balance.bakersPct);
  const rows: Row[] = [...new Set([...is.keys(), ...was.keys()])].map((key) => ({
    name: nameOf(key, pantry),
    before: was.get(key) ?? null,
    after: is.get(key) ?? null,
  }));
  const mass = (amount: Amount | null) => (amount ? figures.mass(amount.grams) : "none");
  const differ = ({ before, after }: Row) => mass(before) !== mass(after);
  const share = (amount: Amount | null) => (amount?.pct == null ? "" : figures.percent(amount.pct));
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
          <tr key={row.name} className={`hairline border-t text-right ${differ(row) ? "" : "soft"}`}>
            <th scope="row" className="py-1 text-left font-normal">
              {row.name}
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

/** What each thing weighs in a formula: lines of one thing in one part together. */
function amounts(formula: FormulaSpec, pcts: (number | null)[]): Map<string, Amount> {
  const found = new Map<string, Amount>();
  (formula.lines ?? []).forEach((line, index) => {
    if (!line || line.open || (!line.ingredient && !line.prep)) {
      return;
    }
    const key = `${line.ingredient ?? ""}|${line.prep ?? ""}|${line.part ?? "dough"}`;
    const there = found.get(key);
    const pct = pcts[index] ?? null;
    found.set(key, {
      grams: (there?.grams ?? 0) + (line.grams ?? 0),
      pct: there?.pct == null ? pct : there.pct + (pct ?? 0),
    });
  });
  return found;
}

function nameOf(key: string, pantry: PantryDocument): string {
  const [code, prep, part] = key.split("|");
  const name = prep
    ? `what preparation ${prep} gives`
    : (pantry.ingredients.find((each) => each.code === code)?.name ?? code ?? "");
  return part === "dough" ? name : `${name} (${part})`;
}

import type { BalanceAnswer, SubstituteAnswer } from "../api";
import { type Figures, useFigures } from "../figures";

type Contents = SubstituteAnswer["compared"]["before"];

interface Row {
  name: string;
  say: (balance: BalanceAnswer, contents: Contents, figures: Figures) => string;
}

const NONE = "–";

const ROWS: Row[] = [
  {
    name: "water it needs",
    say: ({ water }, _, f) => `${f.mass(water.needed)} (${f.massNumber(water.low)}–${f.massNumber(water.high)})`,
  },
  {
    name: "softness when rolled",
    say: ({ softnessAtRoll, feel }, _, f) =>
      softnessAtRoll == null ? NONE : `${f.number(softnessAtRoll, 2)}${feel ? `, ${feel.name}` : ""}`,
  },
  {
    name: "can be rolled, minute",
    say: ({ window }) => (window ? `${window[0]} to ${window[1]}` : "never"),
  },
  { name: "rollability", say: ({ handling }, _, f) => percent(handling.rollability, f) },
  { name: "sheet strength", say: ({ handling }, _, f) => f.number(handling.sheetStrength, 0) },
  { name: "thinnest sheet", say: ({ handling }, _, f) => `${f.number(handling.minSheetMm, 1)} mm` },
  { name: "sheet", say: ({ settings }, _, f) => `${f.number(settings.sheetMm, 1)} mm` },
  { name: "rest", say: ({ settings }, _, f) => `${f.number(settings.restMinutes, 0)} min` },
  { name: "sticks", say: ({ handling }, _, f) => percent(handling.stick, f) },
  { name: "cracks", say: ({ handling }, _, f) => percent(handling.crack, f) },
  { name: "tears", say: ({ handling }, _, f) => percent(handling.tear, f) },
  { name: "springs back", say: ({ handling }, _, f) => percent(handling.springBackPct, f) },
  { name: "puffs", say: ({ handling }, _, f) => percent(handling.puff, f) },
  { name: "whole grain, of the flour", say: (_, { wholeGrainPct }, f) => percent(wholeGrainPct, f) },
  { name: "pulses, on flour", say: (_, { legumePct }, f) => percent(legumePct, f) },
  { name: "inclusions, on flour", say: (_, { inclusionPct }, f) => percent(inclusionPct, f) },
  {
    name: "salt in 100 g",
    say: ({ salt }, _, f) => (salt.perHundredGrams == null ? NONE : f.mass(salt.perHundredGrams)),
  },
  { name: "protein in 100 g", say: ({ facts }, _, f) => nutrient(facts.per100Grams?.proteinGrams, f) },
  { name: "fibre in 100 g", say: ({ facts }, _, f) => nutrient(facts.per100Grams?.fibreGrams, f) },
  {
    name: "energy in 100 g",
    say: ({ facts }, _, f) => (facts.per100Grams ? `${f.number(facts.per100Grams.energyKcal, 0)} kcal` : NONE),
  },
  { name: "dough", say: ({ doughGrams }, _, f) => f.mass(doughGrams) },
  {
    name: "cost of what has a price",
    say: ({ facts }, _, f) => (facts.cost == null ? NONE : f.number(facts.cost, 2)),
  },
];

/** What both formulas come to, what differs first; what stays the same is folded away. */
export function DifferentFigures({ answer }: { answer: SubstituteAnswer }) {
  const figures = useFigures();
  const said = ROWS.map(({ name, say }) => ({
    name,
    before: say(answer.base, answer.compared.before, figures),
    after: say(answer.balance, answer.compared.after, figures),
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
              <td className="whitespace-nowrap">{before}</td>
              <td className="font-semibold whitespace-nowrap">{after}</td>
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

function percent(value: number | null | undefined, figures: Figures): string {
  return value == null ? NONE : figures.percent(value);
}

function nutrient(grams: number | undefined, figures: Figures): string {
  return grams === undefined ? NONE : figures.mass(grams);
}

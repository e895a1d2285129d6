import type { BalanceAnswer, PrepAnswer } from "../api";
import { useFigures } from "../figures";
import { faultWords, waterWords } from "../words";

interface DoughStripProps {
  balance: BalanceAnswer | null;
  faults: PrepAnswer["balanceFaults"];
  chainFaults: PrepAnswer["faults"];
}

/** What all this does to the dough, in one line. */
export function DoughStrip({ balance, faults, chainFaults }: DoughStripProps) {
  const figures = useFigures();
  if (!balance) {
    const first = faults.find((fault) => !chainFaults.some((other) => other.field === fault.field));
    return (
      <p className="soft hairline border-y py-2 text-sm" data-testid="dough-strip">
        {chainFaults.length > 0
          ? "The dough is balanced as soon as the preparations below have no fault."
          : first
            ? `${first.line == null ? "" : `Line ${first.line + 1} of the bowl: `}${faultWords(first, figures)}`
            : "The dough is balanced as soon as there is flour in the bowl."}
      </p>
    );
  }
  const { water, window, salt, feel } = balance;
  return (
    <dl className="hairline flex flex-wrap gap-x-8 gap-y-1 border-y py-2 text-sm" data-testid="dough-strip">
      <Figure name={waterWords(water)} testId="strip-water">
        {figures.mass(Math.abs(water.needed))}
        {water.needed >= 0 && (
          <span className="soft">
            {" "}
            {figures.massNumber(water.told.low)}–{figures.mass(water.told.high)}
          </span>
        )}
      </Figure>
      <Figure name="As it is now" testId="strip-feel">
        {feel?.name ?? "–"}
      </Figure>
      <Figure name="Roll" testId="strip-window">
        {window ? `minute ${window[0]}–${window[1]}` : "never as it is"}
      </Figure>
      <Figure name="Salt in a piece" testId="strip-salt">
        {salt.perPieceGrams == null ? "–" : `${figures.number(salt.perPieceGrams, 2)} g`}
        <span className="soft">
          {" "}
          of {figures.mass(salt.totalGrams)} in all
          {salt.prepGrams > 0 && `, ${figures.mass(salt.prepGrams)} from preparing`}
        </span>
      </Figure>
    </dl>
  );
}

function Figure({ name, testId, children }: { name: string; testId: string; children: React.ReactNode }) {
  return (
    <div>
      <dt className="soft text-xs">{name}</dt>
      <dd className="font-display text-lg leading-tight" data-testid={testId}>
        {children}
      </dd>
    </div>
  );
}

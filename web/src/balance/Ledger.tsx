import { ChevronRight } from "lucide-react";
import { memo, useState } from "react";
import type { BalanceAnswer, LedgerRow, PantryDocument } from "../api";
import { useFigures } from "../figures";
import { Hint, Steps, Swatch } from "../parts";

/** The ledger: every gram of water accounted for, each row opening to its reason. */
export const Ledger = memo(function Ledger({ answer, pantry }: { answer: BalanceAnswer; pantry: PantryDocument }) {
  const figures = useFigures();
  const { hydration } = answer;
  const pct = (value: number | null | undefined) => (value == null ? "–" : figures.percent(value));
  return (
    <section aria-label="Ledger">
      <h2 className="section-title">
        Ledger
        <span className="soft pl-2 font-sans text-xs">at minute {figures.number(answer.rollAtMinute, 0)}</span>
      </h2>
      <table className="w-full text-sm">
        <thead>
          <tr className="soft text-left text-xs">
            <th className="font-normal">row</th>
            <th className="w-24 text-right font-normal">
              brings
              <Hint term="brings" />
            </th>
            <th className="w-24 text-right font-normal">
              drinks
              <Hint term="drinks" />
            </th>
          </tr>
        </thead>
        <tbody>
          {answer.ledger.map((row, index) => (
            <Row key={`${row.line} ${row.ingredient} ${index}`} row={row} pantry={pantry} />
          ))}
          <tr className="border-base-content/50 border-t font-semibold">
            <td className="py-1">together</td>
            <td className="text-right">{figures.mass(answer.bringsGrams)}</td>
            <td className="text-right">{figures.mass(answer.drinksGrams)}</td>
          </tr>
        </tbody>
      </table>
      <div className="pt-2 text-xs">
        <Steps steps={[...answer.softnessSteps, ...answer.water.steps]} />
      </div>
      <p className="pt-3 text-sm">
        Hydration
        <Hint term="hydration" />: baker’s <strong>{pct(hydration.bakersPct)}</strong>, effective{" "}
        <strong>{pct(hydration.effectivePct)}</strong>, total water <strong>{pct(hydration.totalWaterPct)}</strong> of
        the dough
      </p>
      <p className="soft pt-1 text-xs">
        Ingredient figures are typical values
        <Hint term="typical" /> unless marked as measured.
      </p>
    </section>
  );
});

function Row({ row, pantry }: { row: LedgerRow; pantry: PantryDocument }) {
  const figures = useFigures();
  const [open, setOpen] = useState(false);
  const ingredient = pantry.ingredients.find(({ code }) => code === row.ingredient);
  const own = ingredient?.ownValues.find(({ field }) => field === "absorptionPct");
  const grams = (value: number) => (value === 0 ? <span className="soft">·</span> : figures.massNumber(value));
  return (
    <>
      <tr className="hairline border-t" data-ledger={row.ingredient}>
        <td>
          <button
            className="flex w-full min-w-0 items-center gap-2 py-1 text-left"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            <ChevronRight size={14} aria-hidden className={`soft shrink-0 ${open ? "rotate-90" : ""}`} />
            <Swatch material={row.material} size={18} />
            <span className="min-w-0 truncate">
              {row.name}
              {row.starterHalf && <span className="soft"> (half of the starter)</span>}
              {row.source === "PREPARED" && <span className="soft"> (from preparing)</span>}
              {row.source === "BENCH" && <span className="soft"> (from bench and hands)</span>}
              {row.measured && <span className="soft"> · measured</span>}
            </span>
          </button>
        </td>
        <td className="text-right" data-field="brings">
          {grams(row.bringsGrams)}
        </td>
        <td className="text-right" data-field="drinks">
          {grams(row.drinksGrams)}
        </td>
      </tr>
      {open && (
        <tr>
          <td colSpan={3} className="bg-base-200 rounded-md px-3 py-2 text-xs">
            <Steps steps={[...row.bringsSteps, ...row.drinksSteps]} />
            {row.bringsSteps.length + row.drinksSteps.length === 0 && <p>It neither brings water nor drinks it.</p>}
            {ingredient?.behaviour && (
              <p className="soft pt-1">
                {own
                  ? `Your own figure, ${own.source}: the book has ${figures.percent(own.book ?? own.value)}.`
                  : `Typical value, confidence ${ingredient.behaviour.confidence}. ${ingredient.behaviour.notes}`}
              </p>
            )}
          </td>
        </tr>
      )}
    </>
  );
}

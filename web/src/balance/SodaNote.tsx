import { useState } from "react";
import type { BalanceAnswer } from "../api";
import { type Figures, useFigures } from "../figures";
import { Steps } from "../parts";

type SodaAndPowder = NonNullable<BalanceAnswer["sodaAndPowder"]>;

/** What soda and powder do: gas, soda left over and what would mend it. */
export function SodaNote({ found }: { found: SodaAndPowder }) {
  const figures = useFigures();
  const [open, setOpen] = useState(false);
  return (
    <section aria-label="Soda and powder" className="pt-2 text-sm" data-testid="soda">
      <p>
        {gas(found, figures)} {taste(found, figures)}
        {found.weakens && " Wet soda loses strength: cook it soon, or work the soda in late."}{" "}
        <button className="link soft" aria-expanded={open} onClick={() => setOpen(!open)}>
          why
        </button>
      </p>
      {open && <Steps steps={found.steps} />}
      {found.mends.length > 0 && (
        <details className="pt-1" open={found.taste === "soapy"}>
          <summary className="cursor-pointer">
            One of these would mend it; what is wet brings water, so set the water afterwards
          </summary>
          <ul className="grid gap-x-5 pt-1 sm:grid-cols-2">
            {found.mends.map((mend) => (
              <li key={mend.ingredient}>
                {mend.instead ? `instead of the soda left over, ${figures.mass(mend.grams)}` : figures.mass(mend.grams)}{" "}
                {mend.name.toLowerCase()}
                {mend.tablespoons != null && (
                  <span className="soft"> ({figures.number(mend.tablespoons, 1)} tbsp)</span>
                )}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

function gas(found: SodaAndPowder, f: Figures): string {
  const what =
    found.sodaGrams > 0 && found.powderGrams > 0
      ? "Soda and powder make"
      : found.sodaGrams > 0
        ? "The soda makes"
        : "The powder makes";
  return `${what} ${f.number(found.gasMlPer100g, 0)} ml of gas in 100 g of dough.`;
}

function taste({ taste, sodaLeftGrams, sodaLeftPct }: SodaAndPowder, f: Figures): string {
  const left = `${f.mass(sodaLeftGrams)} of soda find no acid${sodaLeftPct == null ? "" : `, ${f.number(sodaLeftPct, 2)} % of the flour`}`;
  switch (taste) {
    case "may-be-soapy":
      return `${left}: it browns quickly and may taste soapy.`;
    case "soapy":
      return `${left}: it will taste soapy.`;
    default:
      return "";
  }
}

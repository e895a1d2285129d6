import { useQuery } from "@tanstack/react-query";
import { type BalanceAnswer, kitchenQuery, type PantryDocument } from "../api";
import { useFigures } from "../figures";

/** Cost, allergens and nutrition of a formula. */
export function Facts({ facts, pantry }: { facts: BalanceAnswer["facts"]; pantry: PantryDocument }) {
  const figures = useFigures();
  const currency = useQuery(kitchenQuery).data?.currency ?? "";
  const name = (code: string) => pantry.ingredients.find((each) => each.code === code)?.name ?? code;
  const holds = facts.per100Grams;
  return (
    <section aria-label="Cost, allergens, nutrition" className="pt-6 text-sm">
      <h2 className="section-title">Cost, allergens, nutrition</h2>
      <dl className="grid grid-cols-[8rem_1fr] gap-x-3 gap-y-1 pt-1">
        <dt className="soft">cost</dt>
        <dd data-testid="cost">
          {facts.cost == null
            ? "no prices yet: set them in the pantry"
            : `${currency} ${figures.number(facts.cost, 2)}`}
          {facts.cost != null && facts.withoutPrice.length > 0 && (
            <span className="soft"> without {facts.withoutPrice.map(name).join(", ")}</span>
          )}
        </dd>
        <dt className="soft">allergens</dt>
        <dd>{facts.allergens.length > 0 ? facts.allergens.join(", ") : "none of those known"}</dd>
        {holds && (
          <>
            <dt className="soft">in 100 g as mixed</dt>
            <dd>
              {figures.number(holds.energyKcal, 0)} kcal · protein {figures.number(holds.proteinGrams, 1)} g · fat{" "}
              {figures.number(holds.fatGrams, 1)} g · carbohydrate {figures.number(holds.carbohydrateGrams, 1)} g, of it
              sugars {figures.number(holds.sugarsGrams, 1)} g · fibre {figures.number(holds.fibreGrams, 1)} g · salt{" "}
              {figures.number(holds.saltGrams, 2)} g
            </dd>
          </>
        )}
      </dl>
      <p className="soft pt-1 text-xs">Typical values; follow your local food rules and a qualified adviser.</p>
    </section>
  );
}

import type { MostAnswer, PantryDocument } from "../api";
import { type Draft, filledLines, type Plan, type PlannedFreeAmount } from "../formula";
import { useFigures } from "../figures";
import { MassField, Said } from "../parts";
import { OF_INCLUSIONS } from "./plan";
import { FOLLOWING, FORMULA_FIGURES, type FormulaFigure, figureName, ingredientName } from "../words";

interface MostFormProps {
  draft: Draft;
  plan: Plan;
  pantry: PantryDocument;
  /** The amounts of the last answer with their ends: what stands where nothing is typed. */
  free: MostAnswer["free"];
  faultOf: (field: string) => string | null;
  onChange: (plan: Plan, tag?: string) => void;
}

/** Of what the most is looked for, and which amounts may move between which ends. */
export function MostForm({ draft, plan, pantry, free, faultOf, onChange }: MostFormProps) {
  const figures = useFigures();
  const search = plan.search ?? { goal: "", free: [] };
  const lines = filledLines(draft.lines);
  const inclusions = [...new Set(lines.map(({ ingredient }) => ingredient))].filter((code) =>
    pantry.ingredients.some((each) => each.code === code && each.role === "inclusion"),
  );
  const put = (patch: Partial<typeof search>, tag?: string) =>
    onChange({ ...plan, search: { ...search, ...patch } }, tag);
  const move = (amount: PlannedFreeAmount, patch: Partial<PlannedFreeAmount>, tag: string) =>
    put({ free: search.free.map((each) => (each === amount ? { ...each, ...patch } : each)) }, `${tag} ${amount.line}`);
  const messages = ["goal", "of", "free"].map(faultOf);
  return (
    <div data-testid="most-form">
      <h2 className="section-title">As much as it can take</h2>
      <label className="block pt-2 text-sm">
        Look for the best
        <select
          className="quiet-field framed mt-1"
          aria-label="Goal"
          value={search.goal}
          onChange={(event) => put({ goal: event.target.value })}
        >
          <option value="">a figure…</option>
          {FORMULA_FIGURES.map((figure) => (
            <option key={figure} value={figure}>
              {figureName(figure as FormulaFigure)}
            </option>
          ))}
        </select>
      </label>
      {OF_INCLUSIONS.includes(search.goal) && inclusions.length > 1 && (
        <label className="block pt-2 text-sm">
          of which
          <select
            className="quiet-field framed mt-1"
            aria-label="Of which inclusion"
            value={search.of ?? ""}
            onChange={(event) => put({ of: event.target.value })}
          >
            <option value="">all of them together</option>
            {inclusions.map((code) => (
              <option key={code} value={code}>
                {ingredientName(code, pantry)}
              </option>
            ))}
          </select>
        </label>
      )}
      <p className="pt-3 text-sm">These amounts may move:</p>
      {lines
        .filter(({ open, ingredient, prep, grams }) => !open && grams !== null && (ingredient || prep))
        .filter(
          ({ ingredient }) => !pantry.ingredients.some(({ code, plainWater }) => plainWater && code === ingredient),
        )
        .map((line) => {
          const amount = search.free.find((each) => each.line === line.key);
          const name = ingredientName(line.ingredient, pantry) || "what a preparation gives";
          const ends = free.find((each) => each.line === lines.indexOf(line));
          const index = amount ? search.free.indexOf(amount) : -1;
          return (
            <div key={line.key}>
              <label className="flex min-h-7 cursor-pointer items-baseline gap-2 py-0.5">
                <input
                  type="checkbox"
                  className="checkbox checkbox-xs shrink-0 translate-y-0.5"
                  checked={amount !== undefined}
                  onChange={(event) =>
                    put({
                      free: event.target.checked
                        ? [...search.free, { line: line.key, low: null, high: null }]
                        : search.free.filter((each) => each !== amount),
                    })
                  }
                />
                <span className="flex-1">{name}</span>
                <span className="soft text-sm">{typeof line.grams === "number" ? figures.mass(line.grams) : ""}</span>
              </label>
              {amount && (
                <div className="flex items-center gap-2 pb-1 pl-6 text-sm">
                  <MassField
                    label={`${name}, at least`}
                    className="w-24"
                    placeholder={ends?.low}
                    value={amount.low}
                    error={faultOf(`free[${index}].low`)}
                    onChange={(low) => move(amount, { low }, "low")}
                  />
                  to
                  <MassField
                    label={`${name}, at most`}
                    className="w-24"
                    placeholder={ends?.high}
                    value={amount.high}
                    error={faultOf(`free[${index}].high`)}
                    onChange={(high) => move(amount, { high }, "high")}
                  />
                </div>
              )}
              {amount && <Said messages={["line", "low", "high"].map((field) => faultOf(`free[${index}].${field}`))} />}
            </div>
          );
        })}
      <fieldset className="pt-3 text-sm">
        <legend>These may follow them, as the water does:</legend>
        {FOLLOWING.map(({ kind, name }) => (
          <label key={kind} className="flex min-h-6 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="checkbox checkbox-xs shrink-0"
              checked={!plan.without.includes(kind)}
              onChange={(event) =>
                onChange({
                  ...plan,
                  without: event.target.checked
                    ? plan.without.filter((other) => other !== kind)
                    : [...plan.without, kind],
                })
              }
            />
            {name}
          </label>
        ))}
      </fieldset>
      <Said messages={messages} />
    </div>
  );
}

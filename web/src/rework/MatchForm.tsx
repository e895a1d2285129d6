import { useQuery } from "@tanstack/react-query";
import { lotsQuery, type PantryDocument } from "../api";
import { type Draft, type DraftLine, filledLines, type PlannedMatch } from "../formula";
import { useFigures } from "../figures";
import { NumberField, type NumberEntry, Said } from "../parts";
import { FORMULA_FIGURES, figureName, ingredientName } from "../words";
import { saidLots } from "./matchPlan";

interface MatchFormProps {
  draft: Draft;
  match: PlannedMatch;
  pantry: PantryDocument;
  /** Allergens that the formula has to declare. */
  allergens: string[];
  /** The figures of the last answer that are to stay: the usual ones until somebody changes them. */
  usual: Record<string, number>;
  faultOf: (field: string) => string | null;
  onChange: (patch: Partial<PlannedMatch>, tag?: string) => void;
}

const NO_LOT = { lot: null, moisturePct: null, proteinPct: null };

/** What has to change, and which figures are to stay as they were. */
export function MatchForm({ draft, match, pantry, allergens, usual, faultOf, onChange }: MatchFormProps) {
  const lines = filledLines(draft.lines).filter(({ open, ingredient }) => !open && ingredient);
  const of = (code: string) => pantry.ingredients.find((each) => each.code === code);
  const said = saidLots(
    match,
    filledLines(draft.lines).map(({ key }) => key),
  ).map(([key]) => key);
  const near = match.near ?? Object.keys(usual);
  const messages = ["out", "allergen", "lots", "near"].flatMap((field) => faultOf(field) ?? []);
  return (
    <div data-testid="match-form">
      <h2 className="section-title">What has to change</h2>
      <p className="pt-2 text-sm">These are out:</p>
      {lines
        .filter(({ ingredient }) => !of(ingredient)?.plainWater)
        .map(({ key, ingredient }) => (
          <label key={key} className="flex min-h-7 cursor-pointer items-baseline gap-2 py-0.5">
            <input
              type="checkbox"
              className="checkbox checkbox-xs shrink-0 translate-y-0.5"
              checked={match.out.includes(key)}
              onChange={(event) =>
                onChange({
                  out: event.target.checked ? [...match.out, key] : match.out.filter((other) => other !== key),
                })
              }
            />
            {ingredientName(ingredient, pantry)}
          </label>
        ))}
      {allergens.length > 0 && (
        <label className="block pt-2 text-sm">
          This must go
          <select
            className="quiet-field framed mt-1"
            aria-label="Allergen"
            value={match.allergen}
            onChange={(event) => onChange({ allergen: event.target.value })}
          >
            <option value="">no allergen</option>
            {allergens.map((allergen) => (
              <option key={allergen} value={allergen}>
                {allergen}
              </option>
            ))}
          </select>
        </label>
      )}
      <p className="pt-3 text-sm">Another lot:</p>
      {lines
        .filter(({ ingredient }) => of(ingredient)?.role === "flour")
        .map((line) => (
          <OtherLot
            key={line.key}
            line={line}
            pantry={pantry}
            lot={match.lots[line.key] ?? NO_LOT}
            faultOf={(field) => faultOf(`lots[${said.indexOf(line.key)}].${field}`)}
            onChange={(lot, tag) => onChange({ lots: { ...match.lots, [line.key]: lot } }, tag)}
          />
        ))}
      {near.length > 0 && (
        <p className="flex flex-wrap items-center gap-1 pt-3 text-sm">
          As near as can be to its{" "}
          {FORMULA_FIGURES.filter((figure) => near.includes(figure)).map((figure) => (
            <button
              key={figure}
              type="button"
              className="hairline rounded-md border px-1.5"
              aria-label={`Not near to ${figureName(figure)}`}
              onClick={() => onChange({ near: near.filter((other) => other !== figure) })}
            >
              {figureName(figure)} ×
            </button>
          ))}
          <select
            className="quiet-field framed w-32"
            aria-label="Stay near to"
            value=""
            onChange={(event) => onChange({ near: [...near, event.target.value] })}
          >
            <option value="">and a figure…</option>
            {FORMULA_FIGURES.filter((figure) => !near.includes(figure)).map((figure) => (
              <option key={figure} value={figure}>
                {figureName(figure)}
              </option>
            ))}
          </select>
        </p>
      )}
      <Said messages={messages} />
    </div>
  );
}

type PlannedLot = PlannedMatch["lots"][string];

interface OtherLotProps {
  line: DraftLine;
  pantry: PantryDocument;
  lot: PlannedLot;
  faultOf: (field: string) => string | null;
  onChange: (lot: PlannedLot, tag?: string) => void;
}

/** A flour line that is another lot from now on: one of the kitchen's, or its figures as typed. */
function OtherLot({ line, pantry, lot, faultOf, onChange }: OtherLotProps) {
  const figures = useFigures();
  const lots = (useQuery(lotsQuery).data ?? []).filter(
    ({ ingredient, usedUp }) => ingredient === line.ingredient && !usedUp,
  );
  const name = ingredientName(line.ingredient, pantry);
  const messages = ["line", "moisturePct", "proteinPct"].flatMap((field) => faultOf(field) ?? []);
  const figure = (label: string, field: "moisturePct" | "proteinPct") => (
    <NumberField
      framed
      label={`${name}, ${label}`}
      className="w-20"
      unit="%"
      value={lot[field]}
      format={(value) => figures.number(value, 1)}
      error={faultOf(field)}
      onChange={(value: NumberEntry) => onChange({ ...lot, lot: null, [field]: value }, `match ${field} ${line.key}`)}
    />
  );
  return (
    <div className="pb-2 text-sm">
      <span>{name}</span>
      {lots.length > 0 && (
        <select
          className="quiet-field framed mt-1"
          aria-label={`${name}, lot`}
          value={lot.lot ?? ""}
          onChange={(event) => {
            const chosen = lots.find(({ id }) => id === Number(event.target.value));
            onChange({
              lot: chosen?.id ?? null,
              moisturePct: chosen?.moisturePct ?? null,
              proteinPct: chosen?.proteinPct ?? null,
            });
          }}
        >
          <option value="">as it is, or as typed</option>
          {lots.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </select>
      )}
      <div className="flex items-center gap-2 pt-1">
        <span className="soft">moisture</span>
        {figure("moisture", "moisturePct")}
        <span className="soft">protein</span>
        {figure("protein", "proteinPct")}
      </div>
      <Said messages={messages} />
    </div>
  );
}

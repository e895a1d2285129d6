import { Plus, Trash2 } from "lucide-react";
import type { PantryDocument } from "../api";
import { ADDED, type Draft, filledLines, IngredientPicker, type Plan, type PlannedSubstitution } from "../formula";
import { useFigures } from "../figures";
import { IconButton, NumberField, Said } from "../parts";
import { ingredientName } from "../words";
import { BASES, emptySubstitution, planOf } from "./plan";

interface PlanFormProps {
  draft: Draft;
  pantry: PantryDocument;
  /** What the server says of a field of a substitution. */
  faultOf: (substitution: PlannedSubstitution, field: string) => string | null;
  onChange: (plan: Plan, tag?: string) => void;
}

/** What takes the place of what: one substitution below another. */
export function PlanForm({ draft, pantry, faultOf, onChange }: PlanFormProps) {
  const plan = planOf(draft);
  const { substitutions } = plan;
  const put = (all: PlannedSubstitution[], tag?: string) => onChange({ ...plan, substitutions: all }, tag);
  return (
    <div>
      <h2 className="section-title">What is changed</h2>
      {substitutions.map((each, index) => (
        <SubstitutionForm
          key={each.key}
          substitution={each}
          place={index + 1}
          draft={draft}
          pantry={pantry}
          fault={(field) => faultOf(each, field)}
          onChange={(patch, tag) => put(substitutions.with(index, { ...each, ...patch }), tag && `${tag} ${each.key}`)}
          onRemove={substitutions.length > 1 ? () => put(substitutions.filter((other) => other !== each)) : undefined}
        />
      ))}
      <button
        type="button"
        className="btn btn-ghost btn-sm text-primary gap-1 px-2"
        onClick={() => put([...substitutions, emptySubstitution()])}
      >
        <Plus size={16} aria-hidden /> Another substitution
      </button>
    </div>
  );
}

interface SubstitutionFormProps {
  substitution: PlannedSubstitution;
  place: number;
  draft: Draft;
  pantry: PantryDocument;
  fault: (field: string) => string | null;
  onChange: (patch: Partial<PlannedSubstitution>, tag?: string) => void;
  onRemove?: () => void;
}

function SubstitutionForm({ substitution, place, draft, pantry, fault, onChange, onRemove }: SubstitutionFormProps) {
  const figures = useFigures();
  const { line, by, form, sharePct, basis } = substitution;
  const inclusion = pantry.ingredients.find(({ code }) => code === by)?.role === "inclusion";
  const added = line === ADDED;
  const messages = ["line", "by", "add", "form", "share", "basis"].flatMap((field) => fault(field) ?? []);
  return (
    <fieldset className="hairline border-b pb-3" data-testid="substitution">
      <legend className="sr-only">Substitution {place}</legend>
      <div className="flex items-center gap-2 pt-2">
        <select
          className="quiet-field framed min-w-0 flex-1"
          aria-label={`Line ${place}`}
          aria-invalid={fault("line") !== null}
          value={line}
          onChange={(event) => onChange({ line: event.target.value })}
        >
          <option value="">a line of the formula…</option>
          {filledLines(draft.lines)
            .filter(({ open, ingredient, prep }) => !open && (ingredient || prep))
            .map((each) => (
              <option key={each.key} value={each.key}>
                {ingredientName(each.ingredient, pantry) || "what a preparation gives"}
                {typeof each.grams === "number" ? `, ${figures.mass(each.grams)}` : ""}
              </option>
            ))}
          <option value={ADDED}>nothing: it is added</option>
        </select>
        {onRemove && (
          <IconButton label={`Remove substitution ${place}`} onClick={onRemove}>
            <Trash2 size={16} aria-hidden />
          </IconButton>
        )}
      </div>
      <div className="flex items-center gap-2 pt-2">
        <span className="soft text-sm">{added ? "add" : "by"}</span>
        <div className="hairline min-w-0 flex-1 rounded-md border">
          <IngredientPicker
            ingredients={pantry.ingredients}
            value={by}
            label={`By what ${place}`}
            error={fault(added ? "add" : "by")}
            onPick={({ code }) => onChange({ by: code, form: null })}
          />
        </div>
      </div>
      <div className="flex items-center gap-3 pt-2">
        <input
          type="range"
          className="range range-primary range-xs flex-1"
          aria-label={`Share of the ${added ? "flour" : "line"} ${place}`}
          min={0}
          max={100}
          step={1}
          value={typeof sharePct === "number" ? sharePct : 0}
          onChange={(event) => onChange({ sharePct: Number(event.target.value) }, "share")}
        />
        <NumberField
          framed
          label={`Share ${place}`}
          className="w-24"
          unit="%"
          value={sharePct}
          format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 1)}
          error={fault("share")}
          onChange={(pct) => onChange({ sharePct: pct }, "share")}
        />
      </div>
      <div className="flex gap-2 pt-2">
        {added ? (
          <span className="soft flex-1 pt-1 text-sm">a share of the flour, on top of it</span>
        ) : (
          <select
            className="quiet-field framed min-w-0 flex-1 text-sm"
            aria-label={`Basis ${place}`}
            value={basis}
            onChange={(event) => onChange({ basis: event.target.value })}
          >
            {BASES.map(({ code, name }) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </select>
        )}
        {inclusion && (
          <select
            className="quiet-field framed min-w-0 flex-1 text-sm"
            aria-label={`Form ${place}`}
            value={form ?? ""}
            onChange={(event) => onChange({ form: event.target.value || null })}
          >
            <option value="">usual form</option>
            {pantry.forms.map(({ code, name }) => (
              <option key={code} value={code}>
                {name}
              </option>
            ))}
          </select>
        )}
      </div>
      {basis === "role" && !added && (
        <p className="soft pt-1 text-xs">
          Fats by pure fat, sweeteners by sugars, yeasts by strength, soda and powder by gas, salts by sodium; all else,
          and things of two kinds, by protein.
        </p>
      )}
      <Said messages={messages} />
    </fieldset>
  );
}

import { Plus, Trash2 } from "lucide-react";
import type { PantryDocument } from "../api";
import {
  type Draft,
  type Faults,
  filledLines,
  IngredientPicker,
  type Plan,
  type PlannedSubstitution,
} from "../formula";
import { useFigures } from "../figures";
import { IconButton, NumberField } from "../parts";
import { BASES, emptySubstitution, planOf, substitutionOfChange } from "./plan";

interface PlanFormProps {
  draft: Draft;
  pantry: PantryDocument;
  faults: Faults;
  onChange: (plan: Plan, tag?: string) => void;
}

/** What takes the place of what: one substitution below another. */
export function PlanForm({ draft, pantry, faults, onChange }: PlanFormProps) {
  const plan = planOf(draft);
  const { substitutions } = plan;
  const put = (all: PlannedSubstitution[], tag?: string) => onChange({ ...plan, substitutions: all }, tag);
  const faultOf = (substitution: PlannedSubstitution) => {
    const at = substitutions.findIndex((_, change) => substitutionOfChange(plan, draft, change) === substitution);
    return (field: string) => faults.of(null, `changes[${at}].${field}`);
  };
  return (
    <div>
      <h2 className="section-title">In place of</h2>
      {substitutions.map((each, index) => (
        <SubstitutionForm
          key={each.key}
          substitution={each}
          place={index + 1}
          draft={draft}
          pantry={pantry}
          fault={faultOf(each)}
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
  const messages = ["line", "by", "form", "share", "basis"].flatMap((field) => fault(field) ?? []);
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
                {nameOf(each.ingredient, pantry) || "what a preparation gives"}
                {typeof each.grams === "number" ? `, ${figures.mass(each.grams)}` : ""}
              </option>
            ))}
        </select>
        {onRemove && (
          <IconButton label={`Remove substitution ${place}`} onClick={onRemove}>
            <Trash2 size={16} aria-hidden />
          </IconButton>
        )}
      </div>
      <div className="flex items-center gap-2 pt-2">
        <span className="soft text-sm">by</span>
        <div className="hairline min-w-0 flex-1 rounded-md border">
          <IngredientPicker
            ingredients={pantry.ingredients}
            value={by}
            label={`By what ${place}`}
            error={fault("by")}
            onPick={({ code }) => onChange({ by: code, form: null })}
          />
        </div>
      </div>
      <div className="flex items-center gap-3 pt-2">
        <input
          type="range"
          className="range range-primary range-xs flex-1"
          aria-label={`Share of the line ${place}`}
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
      {messages.map((message) => (
        <p key={message} role="alert" className="text-error pt-1 text-sm">
          {message}
        </p>
      ))}
    </fieldset>
  );
}

function nameOf(code: string, pantry: PantryDocument): string {
  return pantry.ingredients.find((ingredient) => ingredient.code === code)?.name ?? code;
}

import { X } from "lucide-react";
import type { LadderAnswer } from "../api";
import type { Plan, PlannedLimit } from "../formula";
import { useFigures } from "../figures";
import { IconButton, MassField, NumberField, type NumberEntry, Said } from "../parts";
import { isSaid } from "./plan";
import { FORMULA_FIGURES, type FormulaFigure, figureName, figureUnit } from "../words";

interface LimitsFormProps {
  plan: Plan;
  /** The limits of the last answer: what is usual until somebody changes them. */
  usual: LadderAnswer["limits"];
  faultOf: (field: string) => string | null;
  onChange: (plan: Plan, tag?: string) => void;
}

/** The limits to keep. */
export function LimitsForm({ plan, usual, faultOf, onChange }: LimitsFormProps) {
  const kept: PlannedLimit[] =
    plan.limits ??
    usual.map(({ figure, atLeast, atMost }) => ({
      figure,
      ends: [...(atLeast == null ? [] : (["atLeast"] as const)), ...(atMost == null ? [] : (["atMost"] as const))],
      atLeast: atLeast ?? null,
      atMost: atMost ?? null,
    }));
  const said = kept.filter(isSaid);
  const put = (limits: PlannedLimit[], tag?: string) => onChange({ ...plan, limits }, tag);
  const figures = useFigures();
  const others = FORMULA_FIGURES.filter((figure) => kept.every((limit) => limit.figure !== figure));
  const end = (limit: PlannedLimit, index: number, field: "atLeast" | "atMost") => {
    const figure = limit.figure as FormulaFigure;
    const unit = figureUnit(figure);
    const given = {
      label: `${figureName(figure)} ${field === "atLeast" ? "at least" : "at most"}`,
      className: unit === "mm" || unit === "min" || unit === "kcal" ? "w-17" : "w-15",
      value: limit[field],
      error: faultOf(`limits[${said.indexOf(limit)}].${field}`),
      onChange: (value: NumberEntry) => put(kept.with(index, { ...limit, [field]: value }), `${figure} ${field}`),
    };
    return unit === "mass" ? (
      <MassField {...given} />
    ) : (
      <NumberField
        {...given}
        framed
        unit={unit}
        format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 2)}
      />
    );
  };
  const messages = said.flatMap((_, index) =>
    ["figure", "atLeast", "atMost"].flatMap((field) => faultOf(`limits[${index}].${field}`) ?? []),
  );
  return (
    <div className="flex flex-wrap items-center gap-x-1.5 gap-y-1 pt-2 text-sm" data-testid="limits">
      <span className="soft">Keep</span>
      {kept.map((limit, index) => (
        <span key={limit.figure} className="flex items-center gap-1" data-limit={limit.figure}>
          {figureName(limit.figure as FormulaFigure)}
          {limit.ends.map((field) => (
            <span key={field} className="flex items-center gap-1">
              <span className="soft">{field === "atLeast" ? "≥" : "≤"}</span>
              {end(limit, index, field)}
            </span>
          ))}
          <IconButton
            label={`No limit for ${figureName(limit.figure as FormulaFigure)}`}
            onClick={() => put(kept.filter((other) => other !== limit))}
          >
            <X size={14} aria-hidden />
          </IconButton>
        </span>
      ))}
      <label>
        <select
          className="quiet-field framed w-11"
          aria-label="Add a limit"
          value=""
          onChange={(event) => {
            const [figure = "", field = "atLeast"] = event.target.value.split(" ");
            put([...kept, { figure, ends: [field === "atMost" ? "atMost" : "atLeast"], atLeast: null, atMost: null }]);
          }}
        >
          <option value="">+</option>
          {others.flatMap((figure) => [
            <option key={`${figure} atLeast`} value={`${figure} atLeast`}>
              {figureName(figure)} at least
            </option>,
            <option key={`${figure} atMost`} value={`${figure} atMost`}>
              {figureName(figure)} at most
            </option>,
          ])}
        </select>
      </label>
      <Said messages={messages} />
    </div>
  );
}

import { ArrowDown, ArrowUp, Copy, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import type { Ingredient, PantryDocument } from "../api";
import { useFigures } from "../figures";
import { NumberField, type NumberEntry } from "../parts";
import { type DraftLine, measuredWith, type MeasuredFigure } from "./draft";
import { Equivalents } from "./Equivalents";
import type { Faults } from "./faults";
import { LotChoice } from "./LotChoice";
import type { Editor } from "./useEditor";

/** What measured figures are called, with their units; which of them apply is said by the core. */
const FIGURES: Record<MeasuredFigure, { label: string; unit: string }> = {
  waterPct: { label: "Water, measured", unit: "%" },
  moisturePct: { label: "Moisture of the lot", unit: "%" },
  proteinPct: { label: "Protein, on the pack", unit: "%" },
  absorptionPct: { label: "Absorption, measured", unit: "%" },
  absorptionSdPct: { label: "its error ±", unit: "%" },
  pieceMm: { label: "Largest piece", unit: "mm" },
  temperatureC: { label: "Its temperature", unit: "°" },
};

/** Whether a measured value stands in for a typical one, or the line is not of the dough. */
export function hasMeasurements(line: DraftLine): boolean {
  return (
    Object.values(line.measured ?? {}).some((value) => value != null) || (line.part != null && line.part !== "dough")
  );
}

interface LineDetailsProps {
  line: DraftLine;
  index: number;
  count: number;
  ingredient: Ingredient | null;
  pantry: PantryDocument;
  editor: Editor;
  faults: Faults;
}

/** Number of the stage before the dough itself, where there is one. */
const FIRST = 0;

/** What else there is to a line: its part, what was measured on it, and moving, copying, removing it. */
export function LineDetails({ line, index, count, ingredient, pantry, editor, faults }: LineDetailsProps) {
  const { edit } = editor;
  const figures = useFigures();
  const set = (patch: Partial<DraftLine>) => edit({ kind: "line", key: line.key, patch });
  const behaviour = ingredient?.behaviour;
  const typical: Partial<Record<MeasuredFigure, number | null>> = {
    waterPct: ingredient?.composition.waterPct,
    moisturePct: pantry.usual.flourMoisturePct,
    proteinPct: ingredient?.composition.proteinPct,
    absorptionPct: behaviour?.absorptionPct,
  };
  // Its temperature has a place of its own in Method; the error of an absorption goes with one.
  const shown = (ingredient?.measurable ?? []).filter(
    (figure) => figure !== "temperatureC" && (figure !== "absorptionSdPct" || line.measured?.absorptionPct != null),
  );

  const number = (
    field: string,
    label: string,
    unit: string,
    value: NumberEntry,
    onChange: (value: NumberEntry) => void,
    placeholder?: number | null,
  ) => (
    <Field label={label} key={field}>
      <NumberField
        framed
        label={`${label}, line ${index + 1}`}
        unit={unit}
        value={value}
        format={(shownValue) => figures.number(shownValue, 1)}
        placeholder={placeholder == null ? "" : figures.number(placeholder, 1)}
        error={faults.of(index, field)}
        dataField={field}
        onChange={onChange}
      />
    </Field>
  );

  return (
    <div className="bg-base-200 mb-1 ml-6 rounded-lg p-3 text-sm">
      <div className="grid grid-cols-3 gap-x-3 gap-y-2">
        <Field label="Part">
          <select
            className="quiet-field framed"
            aria-label={`Part, line ${index + 1}`}
            value={line.part ?? "dough"}
            onChange={(event) => set({ part: event.target.value === "dough" ? null : event.target.value })}
          >
            <option value="dough">dough</option>
            <option value="filling">filling</option>
            <option value="surface">surface</option>
            <option value="beside">beside</option>
          </select>
        </Field>
        {!line.prep && number("sd", "Weighing error ±", "g", line.sd ?? null, (sd) => set({ sd }))}
        {editor.draft.method?.firstStage && (
          <Field label="Stage">
            <select
              className="quiet-field framed"
              aria-label={`Stage, line ${index + 1}`}
              value={line.stage === FIRST ? FIRST : ""}
              onChange={(event) => set({ stage: event.target.value === "" ? null : FIRST })}
            >
              <option value="">the dough itself</option>
              <option value={FIRST}>the {editor.draft.method.firstStage}</option>
            </select>
          </Field>
        )}
        {shown.map((figure) =>
          number(
            figure,
            FIGURES[figure].label,
            FIGURES[figure].unit,
            line.measured?.[figure] ?? null,
            (value) => set(measuredWith(line, figure, value)),
            typical[figure],
          ),
        )}
        {ingredient?.fatState && (
          <Field label="State of the fat">
            <select
              className="quiet-field framed"
              aria-label={`State of the fat, line ${index + 1}`}
              value={line.fatState ?? ""}
              onChange={(event) => set({ fatState: event.target.value || null })}
            >
              <option value="">usual: {ingredient?.fatState}</option>
              <option value="liquid">liquid</option>
              <option value="soft">soft</option>
              <option value="solid">solid</option>
            </select>
          </Field>
        )}
      </div>
      {ingredient?.measurable.includes("moisturePct") && line.grams !== null && (
        <LotChoice line={line} index={index} editor={editor} />
      )}
      {ingredient?.hasEquivalents && typeof line.grams === "number" && <Equivalents index={index} editor={editor} />}
      {ingredient && (
        <p className="soft mt-2 text-xs">
          Typical values: water {figures.percent(ingredient.composition.waterPct)}
          {behaviour &&
            `, drinks ${figures.percent(behaviour.absorptionPct)} (confidence ${behaviour.confidence})`}.{" "}
          {[behaviour?.notes, ingredient.notes].filter(Boolean).join(". ")}
          {ingredient.allergens.length > 0 && ` Contains ${ingredient.allergens.join(", ")}.`}
        </p>
      )}
      <div className="mt-2 flex gap-1">
        <Act
          label="Move up"
          disabled={index === 0}
          onClick={() => edit({ kind: "move", key: line.key, to: index - 1 })}
        >
          <ArrowUp size={14} aria-hidden /> Up
        </Act>
        <Act
          label="Move down"
          disabled={index === count - 1}
          onClick={() => edit({ kind: "move", key: line.key, to: index + 1 })}
        >
          <ArrowDown size={14} aria-hidden /> Down
        </Act>
        <Act label="Duplicate" onClick={() => edit({ kind: "duplicate", key: line.key })}>
          <Copy size={14} aria-hidden /> Duplicate
        </Act>
        <Act label="Remove" onClick={() => edit({ kind: "remove", key: line.key })}>
          <Trash2 size={14} aria-hidden /> Remove
        </Act>
      </div>
    </div>
  );
}

function Field({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div>
      <span className="soft block pb-0.5 text-xs">{label}</span>
      {children}
    </div>
  );
}

interface ActProps {
  label: string;
  disabled?: boolean;
  onClick: () => void;
  children: ReactNode;
}

function Act({ label, disabled, onClick, children }: ActProps) {
  return (
    <button className="btn btn-xs btn-ghost gap-1" aria-label={label} disabled={disabled} onClick={onClick}>
      {children}
    </button>
  );
}

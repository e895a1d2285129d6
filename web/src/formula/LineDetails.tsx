import { ArrowDown, ArrowUp, Copy, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import type { Ingredient } from "../api";
import { useFigures } from "../kitchen";
import { NumberField } from "../parts";
import type { NumberEntry } from "../parts/NumberField";
import type { DraftLine } from "./draft";
import { Exchanges } from "./Exchanges";
import type { Faults } from "./faults";
import { LotChoice } from "./LotChoice";
import type { Editor } from "./useEditor";

type Measured = "waterPct" | "moisturePct" | "proteinPct" | "absorptionPct" | "absorptionSdPct" | "pieceMm" | "sd";

const MEASUREMENTS: Measured[] = [
  "waterPct",
  "moisturePct",
  "proteinPct",
  "absorptionPct",
  "absorptionSdPct",
  "pieceMm",
];

/** Groups with something that can stand for them. */
const EXCHANGED = new Set(["yeast", "potato", "cooked-veg", "milk-powder", "milk", "dry-pulse", "cooked-pulse"]);

/** Whether a measured value stands in for a typical one. */
export function hasMeasurements(line: DraftLine): boolean {
  return MEASUREMENTS.some((field) => line[field] != null) || (line.part != null && line.part !== "dough");
}

interface LineDetailsProps {
  line: DraftLine;
  index: number;
  count: number;
  ingredient: Ingredient | null;
  editor: Editor;
  faults: Faults;
}

/** What else there is to a line: its part, what was measured on it, and moving, copying, removing it. */
export function LineDetails({ line, index, count, ingredient, editor, faults }: LineDetailsProps) {
  const { edit } = editor;
  const figures = useFigures();
  const set = (patch: Partial<DraftLine>) => edit({ kind: "line", key: line.key, patch });
  const behaviour = ingredient?.behaviour;
  const role = ingredient?.role;
  const flour = role === "flour";
  const dry = flour || role === "dry-addition";

  const number = (field: Measured, label: string, unit: string, typical?: number | null) => (
    <Field label={label} key={field}>
      <NumberField
        framed
        label={`${label}, line ${index + 1}`}
        unit={unit}
        value={(line[field] ?? null) as NumberEntry}
        format={(value) => figures.number(value, 1)}
        placeholder={typical == null ? "" : figures.number(typical, 1)}
        error={faults.of(index, field)}
        dataField={field}
        onChange={(value) => set({ [field]: value })}
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
          </select>
        </Field>
        {!line.prep && number("sd", "Weighing error ±", "g")}
        {editor.draft.method?.firstStage && (
          <Field label="Stage">
            <select
              className="quiet-field framed"
              aria-label={`Stage, line ${index + 1}`}
              value={line.stage ?? ""}
              onChange={(event) => set({ stage: event.target.value || null })}
            >
              <option value="">the dough itself</option>
              <option value="first">the {editor.draft.method.firstStage}</option>
            </select>
          </Field>
        )}
        {ingredient && !dry && number("waterPct", "Water, measured", "%", ingredient.composition.waterPct)}
        {flour && number("moisturePct", "Moisture of the lot", "%", 14)}
        {behaviour && number("proteinPct", "Protein, on the pack", "%", ingredient.composition.proteinPct)}
        {behaviour && number("absorptionPct", "Absorption, measured", "%", behaviour.absorptionPct)}
        {behaviour && line.absorptionPct != null && number("absorptionSdPct", "its error ±", "%")}
        {role === "inclusion" && number("pieceMm", "Largest piece", "mm")}
        {role === "fat" && (
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
      {flour && line.grams !== null && <LotChoice line={line} index={index} editor={editor} />}
      {ingredient && EXCHANGED.has(ingredient.group) && typeof line.grams === "number" && (
        <Exchanges line={line} index={index} editor={editor} />
      )}
      {ingredient && (
        <p className="soft mt-2 text-xs">
          Typical values: water {figures.percent(ingredient.composition.waterPct)}
          {behaviour && `, drinks ${figures.percent(behaviour.absorptionPct)} (confidence ${behaviour.confidence})`}.{" "}
          {[behaviour?.notes, ingredient.notes].filter(Boolean).join(". ")}
          {ingredient.allergens.length > 0 && ` Contains ${ingredient.allergens.join(", ")}.`}
        </p>
      )}
      <div className="mt-2 flex gap-1">
        <Act label="Move up" disabled={index === 0} onClick={() => edit({ kind: "move", key: line.key, to: index - 1 })}>
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

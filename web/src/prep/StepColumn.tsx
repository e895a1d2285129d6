import { ChevronLeft, ChevronRight, X } from "lucide-react";
import { type Caution, type PantryDocument, type StepAnswer, type StepSpec } from "../api";
import { StepCautions } from "../caution";
import { type Editor, type Faults, useFormulaEdit } from "../formula";
import { useFigures } from "../figures";
import { Faulty, MassField, asSent, type NumberEntry, NumberField, Steps, IconButton } from "../parts";
import { Added } from "./Added";
import { Bar } from "./Bar";
import { CoolingFields } from "./CoolingFields";
import { HeatingFields } from "./HeatingFields";
import { editStep, moveStep, removeStep } from "./editChain";
import { Row } from "./Row";
import { type StepKind, STEPS } from "./steps";

interface StepColumnProps {
  step: StepSpec;
  chain: number;
  place: number;
  count: number;
  answer: StepAnswer | null;
  most: number;
  /** Whether the picture is that of before a fault. */
  stale: boolean;
  faults: Faults;
  cautions: Caution[];
  editor: Editor;
  pantry: PantryDocument;
}

/** One step of a chain: its bar, and the weights the cook has. */
export function StepColumn({
  step,
  chain,
  place,
  count,
  answer,
  most,
  stale,
  faults,
  cautions,
  editor,
  pantry,
}: StepColumnProps) {
  const figures = useFigures();
  const change = useFormulaEdit(editor);
  const at = `preps[${chain}].steps[${place}]`;
  const kind = STEPS[step.kind as StepKind];
  const error = (field: string) => faults.of(null, `${at}.${field}`);
  const set = (patch: Partial<StepSpec>) => editStep(editor, chain, place, patch, Object.keys(patch).join());
  // What is only trimmed or washed is still whole: its form says nothing yet.
  const cut = step.kind !== "trim" && step.kind !== "wash";
  const label = (what: string) => `${what}, ${kind.name}`;

  return (
    <div className="hairline w-40 shrink-0 border-l px-1.5 text-sm" data-step={place} data-kind={step.kind}>
      <Bar bowl={answer?.after ?? null} most={most} caption={kind.name} step={answer} stale={stale} />
      <div className="flex min-h-9 items-center">
        <strong className="min-w-0 flex-1 leading-tight" title={kind.name}>
          {kind.name}
        </strong>
        <IconButton
          label={`Move ${kind.name} earlier`}
          disabled={place === 0}
          onClick={() => moveStep(editor, chain, place, place - 1)}
        >
          <ChevronLeft size={14} aria-hidden />
        </IconButton>
        <IconButton
          label={`Move ${kind.name} later`}
          disabled={place === count - 1}
          onClick={() => moveStep(editor, chain, place, place + 1)}
        >
          <ChevronRight size={14} aria-hidden />
        </IconButton>
        <IconButton label={`Take ${kind.name} out`} onClick={() => removeStep(editor, chain, place)}>
          <X size={14} aria-hidden />
        </IconButton>
      </div>
      <Weight
        label={label("Before")}
        name="before"
        field="beforeGrams"
        value={step.beforeGrams}
        typical={answer?.beforeGrams}
        {...{ error, set }}
      />
      <Weight
        label={label("After")}
        name="after"
        field="afterGrams"
        value={step.afterGrams}
        typical={answer?.after.grams}
        {...{ error, set }}
      />
      {kind.liquid && (
        <Weight
          label={label("Liquid")}
          name="liquid"
          field="liquidGrams"
          value={step.liquidGrams}
          typical={answer?.liquid.caughtGrams}
          {...{ error, set }}
        />
      )}
      {kind.off && (
        <Weight
          label={label("Water driven off")}
          name="or off"
          field="liquidGrams"
          value={step.liquidGrams}
          typical={answer?.drivenOffGrams}
          {...{ error, set }}
        />
      )}
      {kind.piece && (
        <Row name="pieces">
          <NumberField
            framed
            label={label("Pieces")}
            unit="mm"
            value={(step.pieceMm ?? null) as NumberEntry}
            format={(mm) => figures.number(mm, 1)}
            error={error("pieceMm")}
            onChange={(pieceMm) => set({ pieceMm: asSent(pieceMm) })}
          />
        </Row>
      )}
      {kind.drained && (
        <label className="flex items-center gap-1.5 pt-1 text-xs">
          <input
            type="checkbox"
            className="checkbox checkbox-xs"
            checked={step.drained !== false}
            onChange={(event) => set({ drained: event.target.checked ? null : false })}
          />
          {kind.drained}
        </label>
      )}
      {kind.added && (
        <Added
          step={step}
          onAdd={() => change.mutate({ kind: "add-to-step", chain, step: place })}
          {...{ label, error, set, pantry }}
        />
      )}
      {kind.cools && (
        <CoolingFields step={step} cooling={answer?.cooling ?? null} error={error} set={set} label={label} />
      )}
      {answer?.heating && <HeatingFields step={step} heating={answer.heating} error={error} set={set} label={label} />}
      <Faulty
        message={
          ["kind", "beforeGrams", "afterGrams", "liquidGrams", "pieceMm"]
            .map(error)
            .find((message) => message !== null) ?? null
        }
      />
      {answer && (
        <p className="soft pt-1 text-xs">
          {answer.skipped ? "passed over" : answer.typical ? "typical value" : "as weighed"}
          {answer.hot && ", hot"}
          {answer.saltInPct > 0 && (
            <span className="block" data-testid="salt-at-step">
              salt {figures.number(answer.saltInPct, 1)} % of what went in
              {figures.number(answer.saltLeftPct, 1) !== figures.number(answer.saltInPct, 1) &&
                `, ${figures.number(answer.saltLeftPct, 1)} % of what is left`}
            </span>
          )}
          <span className="block">
            <span title="Of what went into the step, without plain water.">
              yield {figures.percent(answer.yieldPct)}
            </span>
            {cut && answer.form && `, ${answer.form}`}
            {cut && answer.pieceMm != null && answer.pieceMm > 0 && `, ${figures.number(answer.pieceMm, 1)} mm`}
          </span>
        </p>
      )}
      {answer?.own && answer.typical && (
        <p className="pt-1 text-xs" data-testid="own-yield">
          In this kitchen {figures.percent(answer.own.yieldPct)}, weighed{" "}
          {answer.own.times === 1 ? "once" : `${figures.number(answer.own.times, 0)} times`}.{" "}
          <button className="link text-primary" onClick={() => set({ afterGrams: answer.own?.afterGrams ?? null })}>
            use {figures.mass(answer.own.afterGrams)}
          </button>
        </p>
      )}
      {answer && answer.why.length > 0 && (
        <details className="soft text-xs">
          <summary className="cursor-pointer">why {figures.percent(answer.after.waterPct)}</summary>
          <Steps steps={answer.why} />
        </details>
      )}
      <StepCautions cautions={cautions} at={at} />
    </div>
  );
}

interface WeightProps {
  label: string;
  name: string;
  field: "beforeGrams" | "afterGrams" | "liquidGrams";
  value: number | null | undefined;
  typical: number | undefined;
  error: (field: string) => string | null;
  set: (patch: Partial<StepSpec>) => void;
}

/** A weight the cook may have; the typical one stands in as long as the field is empty. */
function Weight({ label, name, field, value, typical, error, set }: WeightProps) {
  return (
    <Row name={name}>
      <MassField
        label={label}
        value={(value ?? null) as NumberEntry}
        placeholder={typical}
        error={error(field)}
        dataField={field}
        onChange={(grams) => set({ [field]: grams })}
      />
    </Row>
  );
}

import type { Shapes } from "../api";
import type { DraftFilled, PlannedShapes } from "../formula";
import { useFigures } from "../figures";
import { MassField, type NumberEntry, NumberField, Said, SizeField } from "../parts";
import { Field } from "./Field";

interface ShapesFormProps {
  shapes: PlannedShapes;
  /** How a piece with a filling is portioned; none where nothing is said of it. */
  filled: DraftFilled | null;
  onFilled: (filled: DraftFilled, tag?: string) => void;
  kind: NonNullable<PlannedShapes["kind"]>;
  answer: Shapes | null;
  faultOf: (field: string) => string | null;
  onChange: (patch: Partial<PlannedShapes>, tag?: string) => void;
}

const KINDS = [
  { code: "filled", name: "with a filling" },
  { code: "layered", name: "in layers" },
  { code: "cut", name: "cut from a sheet" },
] as const;

/** What is asked about pieces that are more than a disc. */
export function ShapesForm(props: ShapesFormProps) {
  const { shapes, kind, faultOf, onChange } = props;
  return (
    <div data-testid="shapes-form">
      <h2 className="section-title">Pieces</h2>
      <Choice
        label="Kind of pieces"
        value={kind}
        options={KINDS}
        onChange={(code) => onChange({ kind: KINDS.find((each) => each.code === code)?.code ?? null })}
      />
      {kind === "filled" && <Filled {...props} />}
      {kind === "layered" && (
        <>
          <Choice
            label="Fold"
            value={shapes.fold}
            options={[
              { code: "half", name: "folded in half" },
              { code: "letter", name: "folded in three" },
              { code: "coil", name: "rolled up and coiled" },
            ]}
            onChange={(fold) => onChange({ fold })}
          />
          {shapes.fold === "coil" ? (
            <Size {...props} field="rollMm" label="The roll, across" unit="mm" fault="layered.rollMm" />
          ) : (
            <Size {...props} field="times" label="Times it is folded" fault="layered.times" />
          )}
          <Field name="Fat on a piece" more="Leave empty for that of the formula's surface.">
            <MassField
              label="Fat on a piece"
              placeholder={props.answer?.layered?.fatGrams}
              value={shapes.fatGrams}
              error={faultOf("layered.fatGrams")}
              onChange={(fatGrams) => onChange({ fatGrams }, "fat")}
            />
          </Field>
          <Said messages={[faultOf("layered.fatGrams")]} />
        </>
      )}
      {kind === "cut" && <Cut {...props} />}
    </div>
  );
}

function Filled({ filled, answer, faultOf, onFilled }: ShapesFormProps) {
  return (
    <>
      <Field name="Dough of a piece">
        <MassField
          label="Dough of a piece"
          placeholder={answer?.filled?.shellGrams}
          value={filled?.shellGrams ?? null}
          error={faultOf("filled.shellGrams")}
          onChange={(shellGrams) => onFilled({ ...filled, shellGrams }, "shell")}
        />
      </Field>
      <Field name="Filling of a piece" more="Leave either empty for the proportion of the formula.">
        <MassField
          label="Filling of a piece"
          placeholder={answer?.filled?.fillingGrams}
          value={filled?.fillingGrams ?? null}
          error={faultOf("filled.fillingGrams")}
          onChange={(fillingGrams) => onFilled({ ...filled, fillingGrams }, "filling")}
        />
      </Field>
      <Said messages={["filled", "filled.shellGrams", "filled.fillingGrams"].map(faultOf)} />
      <Choice
        label="The shell is rolled"
        value={filled?.evenEdge ? "even" : "thin-edge"}
        options={[
          { code: "thin-edge", name: "thin at its edge, thick in its middle" },
          { code: "even", name: "evenly, its seam gathers dough" },
        ]}
        onChange={(code) => onFilled({ ...filled, evenEdge: code === "even" })}
      />
    </>
  );
}

function Cut(props: ShapesFormProps) {
  const { shapes, onChange } = props;
  const wedges = shapes.shape === "wedges";
  return (
    <>
      <Choice
        label="What is cut"
        value={shapes.shape}
        options={[
          { code: "rounds", name: "rounds" },
          { code: "squares", name: "squares" },
          { code: "wedges", name: "wedges of a disc" },
        ]}
        onChange={(shape) => onChange({ shape })}
      />
      {wedges ? (
        <Size {...props} field="wedges" label="How many wedges" fault="cut.wedges" />
      ) : (
        <>
          <Size {...props} field="sizeMm" label="Each, across" unit="tape" fault="cut.sizeMm" />
          <label className="flex cursor-pointer items-center gap-2 pt-3 text-sm">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              checked={shapes.fromDisc}
              onChange={(event) => onChange({ fromDisc: event.target.checked })}
            />
            from a disc
          </label>
        </>
      )}
      {wedges || shapes.fromDisc ? (
        <Size {...props} field="discMm" label="The disc, across" unit="tape" fault="cut.discMm" />
      ) : (
        <>
          <Size {...props} field="longMm" label="Sheet, longer side" unit="tape" fault="cut.longMm" />
          <Size {...props} field="shortMm" label="Sheet, shorter side" unit="tape" fault="cut.shortMm" />
        </>
      )}
    </>
  );
}

interface SizeProps extends ShapesFormProps {
  field: "rollMm" | "times" | "sizeMm" | "wedges" | "discMm" | "longMm" | "shortMm";
  label: string;
  /** What it is measured with: by the millimetre, with a tape, or counted. */
  unit?: "mm" | "tape";
  /** The place of its fault in the question. */
  fault: string;
}

/** A length or a count, with what is wrong with it below. */
function Size({ shapes, field, label, unit, fault, faultOf, onChange }: SizeProps) {
  const figures = useFigures();
  const given = {
    label,
    value: shapes[field],
    error: faultOf(fault),
    onChange: (value: NumberEntry) => onChange({ [field]: value }, field),
  };
  return (
    <>
      <Field name={label}>
        {unit === "tape" ? (
          <SizeField {...given} />
        ) : (
          <NumberField
            {...given}
            framed
            unit={unit}
            format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 1)}
          />
        )}
      </Field>
      <Said messages={[faultOf(fault)]} />
    </>
  );
}

interface ChoiceProps {
  label: string;
  value: string;
  options: readonly { code: string; name: string }[];
  onChange: (code: string) => void;
}

function Choice({ label, value, options, onChange }: ChoiceProps) {
  return (
    <label className="block pt-2">
      <span className="soft text-sm">{label}</span>
      <select className="quiet-field framed" value={value} onChange={(event) => onChange(event.target.value)}>
        {options.map(({ code, name }) => (
          <option key={code} value={code}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

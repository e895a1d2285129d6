import { Plus, X } from "lucide-react";
import type { Portion, RecipeNotes } from "../api";
import type { DraftPortion, Editor, PlannedPortion } from "../formula";
import { useFigures } from "../figures";
import { asSent, SizeField, IconButton, MassField, type NumberEntry, NumberField, Said } from "../parts";
import { Field } from "./Field";
import { PanChoice } from "./PanChoice";

interface PiecesFormProps {
  editor: Editor;
  plan: PlannedPortion;
  /** The last answer: what follows stands where nothing is typed. */
  answer: Portion | null;
  faultOf: (field: string) => string | null;
  onPlan: (patch: Partial<PlannedPortion>, tag?: string) => void;
  onPortion: (patch: Partial<DraftPortion>, tag?: string) => void;
}

/** How heavy, how wide and how thin a piece is: any two give the third; how many; the pan; pieces of several sizes. */
export function PiecesForm({ editor, plan, answer, faultOf, onPlan, onPortion }: PiecesFormProps) {
  const figures = useFigures();
  const notes = editor.draft.notes ?? {};
  const note = (patch: Partial<RecipeNotes>) => editor.edit({ kind: "notes", patch });
  const size = answer?.size;
  const portion = editor.draft.portion ?? {};
  return (
    <div data-testid="pieces-form">
      <h2 className="section-title">The piece</h2>
      <p className="soft text-xs">Any two of the three give the third.</p>
      <Field name="Dough in a piece">
        <MassField
          label="Weight of a piece"
          placeholder={size?.grams}
          value={(notes.pieceGrams ?? null) as NumberEntry}
          error={faultOf("pieceGrams")}
          onChange={(pieceGrams) => note({ pieceGrams: asSent(pieceGrams) })}
        />
      </Field>
      <Said messages={[faultOf("pieceGrams")]} />
      <Field name="Across">
        <SizeField
          label="Diameter"
          placeholder={size?.diameterMm}
          value={(notes.diameterMm ?? null) as NumberEntry}
          error={faultOf("diameterMm")}
          onChange={(diameterMm) => note({ diameterMm: asSent(diameterMm) })}
        />
      </Field>
      <Said messages={[faultOf("diameterMm")]} />
      <Field name="Thick">
        <NumberField
          framed
          unit="mm"
          label="Thickness"
          placeholder={size ? figures.number(size.sheetMm, 1) : ""}
          value={editor.draft.sheetMm ?? null}
          format={(value) => figures.number(value, 1)}
          error={faultOf("sheetMm")}
          onChange={(sheetMm) => editor.edit({ kind: "settings", patch: { sheetMm } })}
        />
      </Field>
      <Said messages={[faultOf("sheetMm")]} />
      <Field name="Pieces" more="Leave empty for as many as the dough makes.">
        <NumberField
          framed
          label="Number of pieces"
          placeholder={answer ? String(answer.count) : ""}
          value={(notes.pieces ?? null) as NumberEntry}
          format={(value) => figures.number(value, 0)}
          error={faultOf("pieces")}
          onChange={(pieces) => note({ pieces: asSent(pieces) })}
        />
      </Field>
      <Said messages={[faultOf("pieces")]} />
      <Field name="A ball as large as">
        <select
          className="quiet-field framed"
          aria-label="A ball as large as"
          value=""
          onChange={(event) => {
            const found = answer?.balls.find(({ ball }) => ball.code === event.target.value);
            if (found) {
              note({ pieceGrams: found.ball.grams, pieces: null });
            }
          }}
        >
          <option value="">choose…</option>
          {answer?.balls.map(({ ball }) => (
            <option key={ball.code} value={ball.code}>
              a {ball.name}: {figures.mass(ball.grams)} ({figures.massNumber(ball.range.low)}–
              {figures.mass(ball.range.high)})
            </option>
          ))}
        </select>
      </Field>
      <PanChoice portion={portion} kinds={["pan", "press", "cutter", "peel"]} onPortion={onPortion} />
      <Field name="Pan, press or cutter, across" more="The largest piece that fits it stands on the right.">
        <SizeField
          label="Pan, across"
          value={portion.panMm ?? null}
          error={faultOf("panMm")}
          onChange={(panMm) => onPortion({ panMm, panName: null }, "pan")}
        />
      </Field>
      <Said messages={[faultOf("panMm")]} />
      <Field name="The scale weighs to">
        <MassField
          label="The scale weighs to"
          placeholder={answer?.weighing.stepGrams}
          value={plan.stepGrams}
          error={faultOf("stepGrams")}
          onChange={(stepGrams) => onPlan({ stepGrams }, "scale")}
        />
      </Field>
      <Said messages={[faultOf("stepGrams")]} />
      <Sizes sizes={portion.sizes ?? []} faultOf={faultOf} onPortion={onPortion} />
    </div>
  );
}

type SizesProps = Pick<PiecesFormProps, "faultOf" | "onPortion"> & { sizes: NonNullable<DraftPortion["sizes"]> };

/** Pieces of several sizes from one dough. */
function Sizes({ sizes, faultOf, onPortion }: SizesProps) {
  const figures = useFigures();
  const put = (to: typeof sizes, tag?: string) => onPortion({ sizes: to.length > 0 ? to : null }, tag);
  const set = (index: number, patch: Partial<(typeof sizes)[number]>) =>
    put(
      sizes.map((each, at) => (at === index ? { ...each, ...patch } : each)),
      `size ${index} ${Object.keys(patch).join()}`,
    );
  const messages = sizes.flatMap((_, index) => ["count", "grams"].map((field) => faultOf(`sizes[${index}].${field}`)));
  return (
    <div className="pt-3">
      <h3 className="font-semibold">Several sizes</h3>
      {sizes.map((size, index) => (
        <div key={index} className="flex items-center gap-2 pt-1 text-sm">
          <NumberField
            framed
            className="w-16"
            label={`Size ${index + 1}: how many`}
            value={size.count ?? null}
            format={(value) => figures.number(value, 0)}
            error={faultOf(`sizes[${index}].count`)}
            onChange={(count) => set(index, { count })}
          />
          of
          <MassField
            className="w-24"
            label={`Size ${index + 1}: weight of each`}
            value={size.grams ?? null}
            error={faultOf(`sizes[${index}].grams`)}
            onChange={(grams) => set(index, { grams })}
          />
          <IconButton label={`Remove size ${index + 1}`} onClick={() => put(sizes.filter((_, at) => at !== index))}>
            <X size={14} aria-hidden />
          </IconButton>
        </div>
      ))}
      <Said messages={messages} />
      <button
        type="button"
        className="btn btn-ghost btn-sm mt-1"
        onClick={() => put([...sizes, { count: null, grams: null }])}
      >
        <Plus size={14} aria-hidden /> Add a size
      </button>
    </div>
  );
}

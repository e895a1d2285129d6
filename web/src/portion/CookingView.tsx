import { useMemo } from "react";
import { cookQuestion, type RecipeNotes } from "../api";
import { Cautions } from "../caution";
import { besideTheForm, Faults, StationAnswer, useAnswer } from "../formula";
import { useFigures } from "../figures";
import { asSent, NumberField, type NumberEntry, Said, Steps, TemperatureField } from "../parts";
import { CookingWords } from "./CookingWords";
import { Field } from "./Field";
import { PanChoice } from "./PanChoice";
import { NoteCooked } from "./OwnRecords";
import { PanChart } from "./PanChart";
import { cooked } from "./plan";
import type { PortionViewProps } from "./PortionPage";

const HERE = /^(notes\.|portion\.)?(panC|burnerW|pans|load|sheetMm)$/;

/** A piece in the pan: how hot, how long, what it loses, and how many an hour. */
export function CookingView({ editor, onPortion, choice }: PortionViewProps) {
  const figures = useFigures();
  const asked = useMemo(() => cooked(editor.balanced), [editor.balanced]);
  const view = useAnswer(cookQuestion, asked, ({ formula }) => (formula.lines?.length ?? 0) > 0);
  const faults = new Faults(view.problem?.faults);
  const faultOf = (field: string) => faults.of(null, field);
  const { answer } = view;
  const notes = editor.draft.notes ?? {};
  const portion = editor.draft.portion ?? {};
  const note = (patch: Partial<RecipeNotes>) => editor.edit({ kind: "notes", patch });
  const count = (field: "pans" | "load" | "burnerW", label: string, placeholder: number | undefined, unit = "") => (
    <>
      <NumberField
        framed
        label={label}
        unit={unit}
        placeholder={placeholder === undefined ? "" : figures.number(placeholder, 0)}
        value={portion[field] ?? null}
        format={(value) => figures.number(value, 0)}
        error={faultOf(field)}
        onChange={(value) => onPortion({ [field]: value }, field)}
      />
      <Said messages={[faultOf(field)]} />
    </>
  );
  return (
    <>
      <div data-testid="cooking-form">
        <h2 className="section-title">{answer?.oven ? "The oven" : "The pan"}</h2>
        <Field
          name={answer?.oven ? "Oven" : "Surface of the pan"}
          more={answer && `Usual for this bread: ${figures.temperature(answer.usualPanC)}.`}
        >
          <TemperatureField
            label="Pan or oven"
            placeholder={answer?.panC}
            value={(notes.panC ?? null) as NumberEntry}
            error={faultOf("panC")}
            onChange={(panC) => note({ panC: asSent(panC) })}
          />
        </Field>
        <Said messages={[faultOf("panC"), faultOf("sheetMm")]} />
        {answer?.oven ? (
          <Field name="Pieces in the oven at a time">
            {count("load", "Pieces in the oven at a time", answer.load)}
          </Field>
        ) : (
          <>
            <PanChoice portion={portion} kinds={["pan"]} onPortion={onPortion} />
            <Field name="Pans at a time" more="Each on a burner of its own.">
              {count("pans", "Pans at a time", answer?.pans)}
            </Field>
            <Field name="Power of a burner" more="A weak one lets the pan cool between pieces.">
              {count("burnerW", "Power of a burner", answer?.burnerW, "W")}
            </Field>
          </>
        )}
        {answer && <NoteCooked editor={editor} turned={answer.sideTwoS > 0} />}
      </div>
      <div className="min-w-0">
        {choice}
        <StationAnswer station="cooking" view={besideTheForm(view, HERE)} editor={editor} waiting="Getting hot…">
          {(given) => (
            <>
              <CookingWords answer={given} />
              {given.pan && <PanChart pan={given.pan} wantedC={given.panC} isHeldUp={given.limitedBy === "heat"} />}
              <details className="soft pt-3 text-xs">
                <summary className="cursor-pointer">How it is worked out</summary>
                <Steps steps={given.steps} />
              </details>
              <Cautions cautions={given.cautions} editor={editor} />
            </>
          )}
        </StationAnswer>
      </div>
    </>
  );
}

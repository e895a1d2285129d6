import { useMemo } from "react";
import { scalingQuestion } from "../api";
import { besideTheForm, Faults, StationAnswer, useAnswer } from "../formula";
import { useFigures } from "../figures";
import { SizeField, MassField, NumberField, Said, useNotices } from "../parts";
import { Field } from "./Field";
import { scaled } from "./plan";
import type { PortionViewProps } from "./PortionPage";
import { Scaled } from "./Scaled";

const HERE = /^(factor|pieces|flourGrams|doughGrams|panMm|stepGrams)$/;

const WAYS = [
  { by: "factor", name: "a factor" },
  { by: "pieces", name: "a number of pieces" },
  { by: "flourGrams", name: "the flour at hand" },
  { by: "doughGrams", name: "a weight of dough" },
  { by: "panMm", name: "another pan" },
] as const;

/** The formula larger or smaller, rounded to what the kitchen can measure. */
export function ScaleView({ editor, pantry, plan, onPlan, choice }: PortionViewProps) {
  const notify = useNotices();
  const asked = useMemo(() => scaled(plan, editor.balanced), [plan, editor.balanced]);
  const said = plan.scaleTo !== null;
  const view = useAnswer(scalingQuestion, asked, ({ formula }) => said && (formula.lines?.length ?? 0) > 0);
  const faults = new Faults(view.problem?.faults);
  const faultOf = (field: string) => (said ? faults.of(null, field) : null);
  return (
    <>
      <div data-testid="scale-form">
        <h2 className="section-title">Scale it</h2>
        <Field name="By">
          <select
            className="quiet-field framed"
            aria-label="Scale by"
            value={plan.scaleBy}
            onChange={(event) => {
              const way = WAYS.find(({ by }) => by === event.target.value);
              onPlan({ scaleBy: way?.by ?? "factor", scaleTo: null });
            }}
          >
            {WAYS.map(({ by, name }) => (
              <option key={by} value={by}>
                {name}
              </option>
            ))}
          </select>
        </Field>
        <To plan={plan} error={faultOf(plan.scaleBy)} onPlan={onPlan} />
        <Said messages={[...WAYS.map(({ by }) => faultOf(by))]} />
        <Field name="The scale weighs to" more="Leave empty for grams, and tenths of what is light.">
          <MassField
            label="The scale weighs to"
            value={plan.stepGrams}
            error={faultOf("stepGrams")}
            onChange={(stepGrams) => onPlan({ stepGrams }, "scale")}
          />
        </Field>
        <Said messages={[faultOf("stepGrams")]} />
      </div>
      <div className="min-w-0">
        {choice}
        {said ? (
          <StationAnswer station="scale" view={besideTheForm(view, HERE)} editor={editor} waiting="Scaling…">
            {(answer) => (
              <Scaled
                answer={answer}
                pantry={pantry}
                onUse={() => {
                  const portionPlan = { ...plan, scaleTo: null };
                  editor.edit({ kind: "spec", spec: answer.formula, of: editor.draft, portionPlan });
                  notify("These amounts stand in the formula now. Undo brings the others back.");
                }}
              />
            )}
          </StationAnswer>
        ) : (
          <p className="soft px-5 py-6" data-testid="scale-empty">
            Say to what: twice the batch, forty pieces, the flour that is left in the sack, or another pan. Amounts are
            rounded to what the scale and spoons show, with what that does to the dough.
          </p>
        )}
      </div>
    </>
  );
}

type ToProps = Pick<PortionViewProps, "plan" | "onPlan"> & { error: string | null };

/** To what it is scaled, in the unit of that. */
function To({ plan, error, onPlan }: ToProps) {
  const figures = useFigures();
  const { scaleBy, scaleTo } = plan;
  const given = {
    label: "Scale to",
    value: scaleTo,
    error,
    onChange: (to: typeof scaleTo) => onPlan({ scaleTo: to }, "scale to"),
  };
  return (
    <Field name="To">
      {scaleBy === "flourGrams" || scaleBy === "doughGrams" ? (
        <MassField {...given} />
      ) : scaleBy === "panMm" ? (
        <SizeField {...given} />
      ) : (
        <NumberField
          {...given}
          framed
          unit={scaleBy === "factor" ? "×" : ""}
          format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 2)}
        />
      )}
    </Field>
  );
}

import { useMemo } from "react";
import { keepingQuestion } from "../api";
import { besideTheForm, Faults, StationAnswer, useAnswer } from "../formula";
import { useFigures } from "../figures";
import { NumberField, Said, Steps, PutAside } from "../parts";
import { Field } from "./Field";
import { KeepingChart } from "./KeepingChart";
import { KeepingWords } from "./KeepingWords";
import { kept } from "./plan";
import type { PortionViewProps } from "./PortionPage";
import { NoteFold } from "./OwnRecords";
import { Splits } from "./Splits";
import { hoursWords } from "./words";

const HERE = /^(portion\.)?(storage|hours|sheetMm|splits\[.*)$/;

/** How long cooked bread folds, or is crisp, under each way of keeping it. */
export function KeepingView({ editor, pantry, plan, onPlan, onPortion, choice }: PortionViewProps) {
  const figures = useFigures();
  const asked = useMemo(() => kept(plan, editor.balanced), [plan, editor.balanced]);
  const view = useAnswer(keepingQuestion, asked, ({ formula }) => (formula.lines?.length ?? 0) > 0);
  const faults = new Faults(view.problem?.faults);
  const faultOf = (field: string) => faults.of(null, field);
  const { answer } = view;
  const name = (code: string | null | undefined) =>
    pantry.ingredients.find((each) => each.code === code)?.name ?? code ?? "";
  return (
    <>
      <div data-testid="keeping-form">
        <h2 className="section-title">Kept</h2>
        <div role="radiogroup" aria-label="Way of keeping" className="pt-1">
          {answer?.ways.map(({ storage, hours }) => (
            <label key={storage.code} className="flex min-h-7 cursor-pointer items-baseline gap-2 text-sm">
              <input
                type="radio"
                name="storage"
                className="radio radio-xs translate-y-0.5"
                checked={(editor.draft.portion?.storage ?? answer.storage.code) === storage.code}
                onChange={() => onPortion({ storage: storage.code })}
              />
              <span className="flex-1">{storage.name}</span>
              <span className="soft tabular-nums">{hoursWords(hours, answer.mostHours, figures)}</span>
            </label>
          ))}
        </div>
        <Said messages={[faultOf("storage"), faultOf("sheetMm")]} />
        <Field
          name="Looked at after"
          more={
            answer && !answer.crisp && !answer.folds
              ? "Leave empty for just cooked."
              : `Leave empty for when it stops being ${answer?.crisp ? "crisp" : "soft"}.`
          }
        >
          <NumberField
            framed
            unit="h"
            label="Hours after cooking"
            placeholder={answer ? figures.number(answer.hours, 1) : ""}
            value={plan.hours}
            format={(value) => figures.number(value, Number.isInteger(value) ? 0 : 1)}
            error={faultOf("hours")}
            onChange={(hours) => onPlan({ hours }, "hours")}
          />
        </Field>
        <Said messages={[faultOf("hours")]} />
        <div className="pt-3">
          <h3 className="font-semibold">Put aside</h3>
          <PutAside
            parts={editor.draft.portion?.splits ?? []}
            ways={answer?.ways.map(({ storage }) => storage) ?? []}
            faultOf={faultOf}
            onParts={(splits, tag) => onPortion({ splits: splits.length > 0 ? splits : null }, tag)}
          />
        </div>
        {answer?.folds && <NoteFold editor={editor} />}
      </div>
      <div className="min-w-0">
        {choice}
        <StationAnswer station="keeping" view={besideTheForm(view, HERE)} editor={editor} waiting="Letting it cool…">
          {(given) => (
            <>
              <KeepingWords answer={given} name={name} />
              <Splits answer={given} />
              <KeepingChart answer={given} />
              <details className="soft pt-3 text-xs">
                <summary className="cursor-pointer">How it is worked out</summary>
                <Steps steps={given.steps} />
              </details>
            </>
          )}
        </StationAnswer>
      </div>
    </>
  );
}

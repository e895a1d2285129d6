import { useMemo } from "react";
import { portionQuestion } from "../api";
import { besideTheForm, Faults, StationAnswer, useAnswer } from "../formula";
import { DiscView, Steps } from "../parts";
import { divided } from "./plan";
import { PiecesForm } from "./PiecesForm";
import { PiecesWords } from "./PiecesWords";
import type { PortionViewProps } from "./PortionPage";

const HERE = /^(notes\.|portion\.)?(panMm|panName|stepGrams|sizes|pieceGrams|diameterMm|pieces$|sheetMm)/;

/** The dough in pieces: how heavy, how wide, how thin, how many. */
export function PiecesView({ editor, pantry, plan, onPlan, onPortion, choice }: PortionViewProps) {
  const asked = useMemo(() => divided(plan, editor.balanced), [plan, editor.balanced]);
  const view = useAnswer(portionQuestion, asked, ({ formula }) => (formula.lines?.length ?? 0) > 0);
  const faults = new Faults(view.problem?.faults);
  const name = (code: string | null | undefined) =>
    pantry.ingredients.find((each) => each.code === code)?.name ?? code ?? "";
  return (
    <>
      <PiecesForm
        editor={editor}
        plan={plan}
        answer={view.answer}
        faultOf={(field) => faults.of(null, field)}
        onPlan={onPlan}
        onPortion={onPortion}
      />
      <div className="min-w-0">
        {choice}
        <StationAnswer station="portion" view={besideTheForm(view, HERE)} editor={editor} waiting="Dividing…">
          {(answer) => (
            <>
              <PiecesWords answer={answer} editor={editor} plan={plan} onPlan={onPlan} />
              <div className="max-w-3xl pt-5">
                <DiscView
                  disc={answer.disc}
                  onSheet={(sheetMm) => editor.edit({ kind: "settings", patch: { sheetMm } })}
                  name={name}
                />
              </div>
              <details className="soft pt-3 text-xs">
                <summary className="cursor-pointer">How it is worked out</summary>
                <Steps steps={answer.steps} />
              </details>
            </>
          )}
        </StationAnswer>
      </div>
    </>
  );
}

import { useMemo } from "react";
import { shapesQuestion } from "../api";
import { besideTheForm, Faults, StationAnswer, useAnswer } from "../formula";
import { isSaid, kindOf, shaped } from "./plan";
import type { PortionViewProps } from "./PortionPage";
import { Shaped } from "./Shaped";
import { ShapesForm } from "./ShapesForm";

const HERE = /^(filled|layered|cut)/;

const EMPTY = {
  filled: "",
  layered: "Say how often it is folded, or how thick the roll is that is coiled.",
  cut: "Say what is cut, how wide, and from what: a sheet with two sides, or a disc.",
};

/** Pieces that are more than a disc: with a filling, in layers, or cut from a sheet. */
export function ShapesView({ editor, plan, onPlan, onPortion, choice }: PortionViewProps) {
  const asked = useMemo(() => shaped(plan, editor.balanced), [plan, editor.balanced]);
  const said = isSaid(plan.shapes, editor.balanced);
  const view = useAnswer(shapesQuestion, asked, ({ formula }) => said && (formula.lines?.length ?? 0) > 0);
  const faults = new Faults(view.problem?.faults);
  const kind = kindOf(plan.shapes, editor.balanced);
  return (
    <>
      <ShapesForm
        shapes={plan.shapes}
        filled={editor.draft.portion?.filled ?? null}
        onFilled={(filled, tag) => onPortion({ filled }, tag)}
        kind={kind}
        answer={view.answer}
        faultOf={(field) => (said ? faults.of(null, field) : null)}
        onChange={(patch, tag) => onPlan({ shapes: { ...plan.shapes, ...patch } }, tag)}
      />
      <div className="min-w-0">
        {choice}
        {said ? (
          <StationAnswer station="shapes" view={besideTheForm(view, HERE)} editor={editor} waiting="Shaping…">
            {(answer) => <Shaped answer={answer} onFilled={() => onPortion({ filled: {} })} />}
          </StationAnswer>
        ) : (
          <p className="soft px-5 py-6" data-testid="shapes-empty">
            {EMPTY[kind]}
          </p>
        )}
      </div>
    </>
  );
}

import { useMutation } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, methodQuestion, type PantryDocument, taken } from "../api";
import { Cautions } from "../caution";
import { FORMULA_CHANGE, type Editor, Faults, Station, StationAnswer, useAnswer } from "../formula";
import { BenchPickup } from "./BenchPickup";
import { QuestionRow } from "./QuestionRow";
import { RunSheet } from "./RunSheet";
import { TwoStages } from "./TwoStages";
import { WaterTemperature } from "./WaterTemperature";

/** The Method station: the schools side by side, each with what it does to this dough. */
export function MethodPage() {
  return <Station>{(editor, pantry) => <MethodStation editor={editor} pantry={pantry} />}</Station>;
}

function MethodStation({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const view = useAnswer(methodQuestion, editor.balanced, (formula) => (formula.lines?.length ?? 0) > 0);
  const faults = useMemo(() => new Faults(view.problem?.faults), [view.problem]);
  const choose = useMutation({
    mutationKey: FORMULA_CHANGE,
    mutationFn: async (choice: { question: string; school: string }) => {
      const of = editor.draft;
      return { of, spec: await taken(api.POST("/api/method/choose", { body: { formula: editor.spec, ...choice } })) };
    },
    onSuccess: ({ of, spec }) => editor.edit({ kind: "spec", spec, of }),
  });

  return (
    <StationAnswer
      station="method"
      view={view}
      editor={editor}
      waiting="Comparing…"
      beside={
        <>
          <div className="grid gap-x-10 gap-y-6 pt-6 lg:grid-cols-2">
            <WaterTemperature
              found={view.answer?.waterTemperature ?? null}
              editor={editor}
              pantry={pantry}
              faults={faults}
            />
            <div>
              <BenchPickup answer={view.answer} editor={editor} faults={faults} />
              <TwoStages
                editor={editor}
                pantry={pantry}
                faults={faults}
                kitchenC={view.answer?.kitchenC}
                sponge={view.answer?.sponge}
              />
            </div>
          </div>
          <RunSheet editor={editor} faults={faults} />
          {view.answer && (
            <Cautions cautions={view.answer.cautions.filter(({ station }) => station === "method")} editor={editor} />
          )}
        </>
      }
    >
      {(answer) => (
        <>
          <p className="soft max-w-3xl text-sm">
            Practitioners disagree; both are right for some doughs. Each way is shown with its own right amount of
            water, against the way this formula is made now: windows and rolling are for that water, while Handling
            speaks of the water that is in the formula. Choose one and the formula follows; undo reverts it.
          </p>
          {choose.isError && (
            <p role="alert" className="text-error text-sm">
              This way could not be applied. The formula stays as it is.
            </p>
          )}
          {answer.questions.map((question) => (
            <QuestionRow
              key={question.question}
              question={question}
              now={answer.now}
              busy={choose.isPending}
              onChoose={(school) => choose.mutate({ question: question.question, school })}
            />
          ))}
        </>
      )}
    </StationAnswer>
  );
}

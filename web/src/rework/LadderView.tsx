import { type ReactNode, useState } from "react";
import type { LadderAnswer, LadderRequest, PantryDocument } from "../api";
import { type AnswerView, type Editor, type Plan, type PlannedSubstitution, StationAnswer } from "../formula";
import { FieldPicture } from "./FieldPicture";
import { LadderForm } from "./LadderForm";
import { LadderPicture } from "./LadderPicture";
import { LadderTable } from "./LadderTable";
import { raisedOf } from "./plan";
import { RungWords } from "./RungWords";

interface LadderViewProps {
  view: AnswerView<LadderAnswer>;
  asked: LadderRequest;
  editor: Editor;
  plan: Plan;
  pantry: PantryDocument;
  faultOf: (field: string) => string | null;
  onPlan: (plan: Plan, tag?: string) => void;
  onOpen: () => void;
  /** The choice of what is shown. */
  choice: ReactNode;
}

/** A change raised rung by rung: how far it can go, and what breaks first. */
export function LadderView({ view, asked, editor, plan, pantry, faultOf, onPlan, onOpen, choice }: LadderViewProps) {
  const [table, setTable] = useState(false);
  const raised = raisedOf(plan, editor.draft);
  const second = plan.substitutions.find(({ key }) => asked.second && key === plan.ladder?.second);
  const share = shareOf(raised);
  const pick = (to: number, secondTo?: number) =>
    onPlan(
      {
        ...plan,
        substitutions: plan.substitutions.map((each) =>
          each === raised
            ? { ...each, sharePct: pctOf(to) }
            : each === second && secondTo !== undefined
              ? { ...each, sharePct: pctOf(secondTo) }
              : each,
        ),
      },
      "rung",
    );
  return (
    <>
      <LadderForm
        draft={editor.draft}
        plan={plan}
        pantry={pantry}
        answer={view.answer}
        faultOf={faultOf}
        onChange={onPlan}
        before={choice}
      />
      <StationAnswer station="ladder" view={view} editor={editor} waiting="Climbing…">
        {(answer) =>
          answer.field ? (
            <FieldPicture
              cells={answer.field}
              share={share}
              second={shareOf(second)}
              names={[raised, second].map(
                (each) => pantry.ingredients.find(({ code }) => code === each?.by)?.name ?? "",
              )}
              onPick={pick}
            />
          ) : (
            <>
              {table ? (
                <LadderTable answer={answer} />
              ) : (
                <LadderPicture answer={answer} share={share} onPick={pick} onOpen={onOpen} />
              )}
              <RungWords
                answer={answer}
                pantry={pantry}
                share={share}
                table={table}
                onTable={setTable}
                onOpen={onOpen}
              />
            </>
          )
        }
      </StationAnswer>
    </>
  );
}

function shareOf(substitution: PlannedSubstitution | undefined): number | null {
  return typeof substitution?.sharePct === "number" ? substitution.sharePct / 100 : null;
}

/** A share in percent, without the last digits of a division. */
function pctOf(share: number): number {
  return Number((100 * share).toFixed(4));
}

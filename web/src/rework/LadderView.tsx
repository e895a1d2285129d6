import { type ReactNode, useState } from "react";
import type { LadderAnswer, PantryDocument } from "../api";
import { type AnswerView, type Editor, type Plan, type PlannedSubstitution, StationAnswer } from "../formula";
import { FieldPicture } from "./FieldPicture";
import { LadderForm } from "./LadderForm";
import { LadderPicture } from "./LadderPicture";
import { LadderTable } from "./LadderTable";
import { climbedOf, withRung } from "./plan";
import { RungWords } from "./RungWords";

interface LadderViewProps {
  view: AnswerView<LadderAnswer>;
  editor: Editor;
  plan: Plan;
  pantry: PantryDocument;
  faultOf: (field: string) => string | null;
  onPlan: (plan: Plan, tag?: string) => void;
  onOpen: () => void;
  /** What happens when a series is to be made of the rungs that were picked. */
  onSeries: () => void;
  /** The choice of what is shown. */
  choice: ReactNode;
}

/** A change raised rung by rung: how far it can go, and what breaks first. */
export function LadderView({ view, editor, plan, pantry, faultOf, onPlan, onOpen, onSeries, choice }: LadderViewProps) {
  const [table, setTable] = useState(false);
  const { raised, second } = climbedOf(plan, editor.draft);
  const picked = (plan.trials?.picked?.key === raised?.key && plan.trials?.picked?.shares) || [];
  const take = (rung: number) => raised && onPlan(withRung(plan, raised.key, rung));
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
                <LadderTable answer={answer} picked={picked} onTake={take} />
              ) : (
                <LadderPicture answer={answer} share={share} forTrials={picked} onPick={pick} onOpen={onOpen} />
              )}
              <RungWords
                answer={answer}
                pantry={pantry}
                share={share}
                table={table}
                onTable={setTable}
                onOpen={onOpen}
                picked={picked}
                onTake={take}
                onSeries={onSeries}
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

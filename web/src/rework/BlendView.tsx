import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useMemo } from "react";
import { blendQuestion, type BlendRequest, floursAtHandQuestion, lotsQuery, type PantryDocument } from "../api";
import { type Editor, Faults, type Plan, type PlannedBlend, StationAnswer, useAnswer } from "../formula";
import { ProblemNotice } from "../parts";
import { besideItsForm } from "./here";
import { BlendFlours } from "./BlendFlours";
import { blendOf, NO_BLEND, plannedFlours, saidWants } from "./blendPlan";
import { Blended } from "./Blended";
import { BlendWants } from "./BlendWants";

interface BlendViewProps {
  editor: Editor;
  plan: Plan;
  pantry: PantryDocument;
  onPlan: (plan: Plan, tag?: string) => void;
  /** The choice of what is shown. */
  choice: ReactNode;
}

/** Stands for no question: there are no flours to mix. */
const NOTHING: BlendRequest = { formula: {} };

/** Flours mixed so that the blend has what is wanted of it. */
export function BlendView({ editor, plan, pantry, onPlan, choice }: BlendViewProps) {
  const { balanced } = editor;
  const lots = useQuery(lotsQuery).data;
  const blend = plan.blend ?? NO_BLEND;
  const { answer: atHand, problem: unread } = useAnswer(floursAtHandQuestion, balanced, () => blend.flours === null);
  const flours = useMemo(() => blend.flours ?? plannedFlours(atHand ?? []), [blend.flours, atHand]);
  const asked = useMemo(
    () => blendOf(blend, flours, balanced, plan.without) ?? NOTHING,
    [blend, flours, balanced, plan.without],
  );
  const view = useAnswer(blendQuestion, asked, (request) => request !== NOTHING);
  const faults = new Faults(view.problem?.faults);
  const faultOf = (field: string) => faults.of(null, field);
  const put = (patch: Partial<PlannedBlend>, tag?: string) => onPlan({ ...plan, blend: { ...blend, ...patch } }, tag);
  const wants = saidWants(blend).map(([figure]) => figure);
  return (
    <>
      <BlendFlours
        flours={flours}
        lots={lots ?? []}
        pantry={pantry}
        faultOf={faultOf}
        onChange={(all, tag) => put({ flours: all }, tag)}
      />
      <div className="min-w-0">
        {choice}
        <BlendWants
          blend={blend}
          answer={view.answer}
          faultOf={(figure, end) => faultOf(`wanted[${wants.indexOf(figure)}].${end}`)}
          fault={faultOf}
          onChange={put}
        />
        {asked === NOTHING ? (
          <div className="py-6">
            {unread ? <ProblemNotice problem={unread} /> : <p className="soft">Choose at least two flours.</p>}
          </div>
        ) : (
          <div className="-mx-5">
            <StationAnswer station="blend" view={besideItsForm(view)} editor={editor} waiting="Mixing…">
              {(answer) => <Blended answer={answer} editor={editor} pantry={pantry} lots={lots ?? []} />}
            </StationAnswer>
          </div>
        )}
      </div>
    </>
  );
}

import { useMemo } from "react";
import { type PantryDocument, substituteQuestion, type SubstituteRequest } from "../api";
import { type Editor, Faults, type Plan, Station, StationAnswer, useAnswer } from "../formula";
import { Reworked } from "./Reworked";
import { changesOf, planOf } from "./plan";
import { PlanForm } from "./PlanForm";

/** The Rework station: something takes the place of something else, with all that goes along, beside the formula as it is. */
export function ReworkPage() {
  return <Station>{(editor, pantry) => <ReworkStation editor={editor} pantry={pantry} />}</Station>;
}

function ReworkStation({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const { draft, balanced } = editor;
  const asked = useMemo<SubstituteRequest>(() => {
    const plan = planOf(draft);
    return { formula: balanced, changes: changesOf(plan, draft), without: plan.without, weighable: true };
  }, [draft, balanced]);
  const view = useAnswer(substituteQuestion, asked, (request) => (request.changes?.length ?? 0) > 0);
  const faults = useMemo(() => new Faults(view.problem?.faults), [view.problem]);
  const setPlan = (plan: Plan, tag?: string) => editor.edit({ kind: "draft", patch: { plan }, tag });
  const chosen = (asked.changes?.length ?? 0) > 0;
  return (
    <div className="grid gap-x-6 px-5 lg:grid-cols-[21rem_minmax(0,1fr)]">
      <PlanForm draft={draft} pantry={pantry} faults={faults} onChange={setPlan} />
      {chosen ? (
        <StationAnswer station="rework" view={view} editor={editor} waiting="Working it out…">
          {(answer) => <Reworked answer={answer} asked={asked} editor={editor} pantry={pantry} onPlan={setPlan} />}
        </StationAnswer>
      ) : (
        <p className="soft max-w-xl py-10" data-testid="rework" data-current={true}>
          {draft.lines.length === 0
            ? "Put flour in the bowl first: in Balance or Intake."
            : "Choose a line, what takes its place, and how much of it. Water, salt, fat, leavener, rest, kneading and sheet go along; each can be left out."}
        </p>
      )}
    </div>
  );
}

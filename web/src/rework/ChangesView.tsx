import { type ReactNode, useMemo } from "react";
import { ladderQuestion, type PantryDocument, substituteQuestion, type SubstituteRequest } from "../api";
import { type Editor, Faults, type Plan, type PlannedSubstitution, StationAnswer, useAnswer } from "../formula";
import { besideItsForm } from "./here";
import { LadderView } from "./LadderView";
import { changesOf, climbedOf, completeOf, ladderOf } from "./plan";
import { PlanForm } from "./PlanForm";
import { Reworked } from "./Reworked";

interface ChangesViewProps {
  editor: Editor;
  plan: Plan;
  pantry: PantryDocument;
  onPlan: (plan: Plan, tag?: string) => void;
  /** Whether it is shown rung by rung; otherwise at the share that is chosen. */
  onLadder: boolean;
  onOpen: () => void;
  /** What happens when a series of trials is to be made of picked rungs. */
  onSeries: () => void;
  /** The choice of what is shown. */
  choice: ReactNode;
}

/** What is changed, and what becomes of it: rung by rung, or at the share that is chosen. */
export function ChangesView({ editor, plan, pantry, onPlan, onLadder, onOpen, onSeries, choice }: ChangesViewProps) {
  const { draft, balanced } = editor;
  const asked = useMemo<SubstituteRequest>(
    () => ({ formula: balanced, changes: changesOf(plan, draft), without: plan.without, weighable: true }),
    [plan, draft, balanced],
  );
  const climbed = useLadderRequest(plan, draft, balanced);
  const complete = (asked.changes?.length ?? 0) > 0;
  const view = useAnswer(substituteQuestion, asked, (request) => !onLadder && (request.changes?.length ?? 0) > 0);
  const ladder = useAnswer(ladderQuestion, climbed ?? NOTHING, (request) => onLadder && request !== NOTHING);
  const shown = onLadder ? ladder : view;
  const faults = useMemo(() => new Faults(shown.problem?.faults), [shown.problem]);
  const faultOf = (substitution: PlannedSubstitution, field: string) =>
    faults.of(null, fieldOf(substitution, plan, editor, onLadder, field));
  const chosen = onLadder ? climbed !== null : complete;
  return (
    <>
      <PlanForm draft={draft} pantry={pantry} faultOf={faultOf} onChange={onPlan} />
      <div className="min-w-0">
        {!(chosen && onLadder) && choice}
        {!chosen && <NothingChosen draft={draft} onLadder={onLadder} />}
        {chosen && onLadder && (
          <LadderView
            view={besideItsForm(ladder)}
            editor={editor}
            plan={plan}
            pantry={pantry}
            faultOf={(field) => faults.of(null, field)}
            onPlan={onPlan}
            onOpen={onOpen}
            onSeries={onSeries}
            choice={choice}
          />
        )}
        {chosen && !onLadder && (
          <StationAnswer station="rework" view={besideItsForm(view)} editor={editor} waiting="Working it out…">
            {(answer) => <Reworked answer={answer} asked={asked} editor={editor} pantry={pantry} onPlan={onPlan} />}
          </StationAnswer>
        )}
      </div>
    </>
  );
}

/** Stands for no question: there is nothing to raise. */
const NOTHING = { formula: {} };

/** The question of the ladder; the same as before as long as it asks the same: the share of what is raised is not in it. */
function useLadderRequest(plan: Plan, draft: Editor["draft"], balanced: Editor["balanced"]) {
  const request = ladderOf(plan, draft, balanced);
  const key = JSON.stringify({ ...request, formula: null });
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the key says all that the request depends on
  return useMemo(() => request, [key, balanced]);
}

function NothingChosen({ draft, onLadder }: { draft: Editor["draft"]; onLadder: boolean }) {
  return (
    <p className="soft max-w-xl py-10" data-testid="rework" data-current={true}>
      {draft.lines.length === 0
        ? "Put flour in the bowl first: in Balance or Intake."
        : onLadder
          ? "Choose a line and what takes its place, or something to add. The ladder shows how far it can go: what becomes of the dough at each share, and where a limit breaks."
          : "Choose a line, what takes its place, and how much of it. Water, salt, fat, leavener, rest, kneading and sheet go along; each can be left out."}
    </p>
  );
}

/** Where the server names a field of a substitution. */
function fieldOf(
  substitution: PlannedSubstitution,
  plan: Plan,
  { draft }: Editor,
  onLadder: boolean,
  field: string,
): string {
  if (!onLadder) {
    return `changes[${completeOf(plan, draft).indexOf(substitution)}].${field}`;
  }
  const { raised, second, beside } = climbedOf(plan, draft);
  return substitution === raised
    ? `change.${field}`
    : substitution === second
      ? `second.change.${field}`
      : `beside[${beside.indexOf(substitution)}].${field}`;
}

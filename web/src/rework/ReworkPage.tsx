import { useMemo } from "react";
import { useSearchParams } from "react-router";
import { ladderQuestion, type PantryDocument, substituteQuestion, type SubstituteRequest } from "../api";
import {
  type AnswerView,
  type Editor,
  Faults,
  type Plan,
  type PlannedSubstitution,
  Station,
  StationAnswer,
  useAnswer,
} from "../formula";
import { LadderView } from "./LadderView";
import { changesOf, chosenOf, completeOf, ladderOf, planOf, raisedOf } from "./plan";
import { PlanForm } from "./PlanForm";
import { Reworked } from "./Reworked";

/** The Rework station: something takes the place of something else, with all that goes along, beside the formula as it is. */
export function ReworkPage() {
  return <Station>{(editor, pantry) => <ReworkStation editor={editor} pantry={pantry} />}</Station>;
}

function ReworkStation({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const { draft, balanced } = editor;
  const [search, setSearch] = useSearchParams();
  const onLadder = search.get("view") !== "formula";
  const plan = planOf(draft);
  const asked = useMemo<SubstituteRequest>(() => {
    const current = planOf(draft);
    return { formula: balanced, changes: changesOf(current, draft), without: current.without, weighable: true };
  }, [draft, balanced]);
  const climbed = useLadderRequest(draft, balanced);
  const complete = (asked.changes?.length ?? 0) > 0;
  const view = useAnswer(substituteQuestion, asked, (request) => !onLadder && (request.changes?.length ?? 0) > 0);
  const ladder = useAnswer(ladderQuestion, climbed ?? NOTHING, (request) => onLadder && request !== NOTHING);
  const shown = onLadder ? ladder : view;
  const faults = useMemo(() => new Faults(shown.problem?.faults), [shown.problem]);
  const setPlan = (to: Plan, tag?: string) => editor.edit({ kind: "draft", patch: { plan: to }, tag });
  const show = (what: "ladder" | "formula") =>
    setSearch((now) => (what === "formula" ? { ...Object.fromEntries(now), view: what } : without(now, "view")), {
      replace: true,
    });
  const faultOf = (substitution: PlannedSubstitution, field: string) =>
    faults.of(null, fieldOf(substitution, plan, editor, onLadder, field));
  const chosen = onLadder ? climbed !== null : complete;
  const choice = <Choice onLadder={onLadder} onShow={show} />;
  return (
    <div className="grid gap-x-6 px-5 lg:grid-cols-[19rem_minmax(0,1fr)]">
      <PlanForm draft={draft} pantry={pantry} faultOf={faultOf} onChange={setPlan} />
      <div className="min-w-0">
        {!(chosen && onLadder) && choice}
        {!chosen && <NothingChosen draft={draft} onLadder={onLadder} />}
        {chosen && onLadder && climbed && (
          <LadderView
            view={besideTheForm(ladder)}
            asked={climbed}
            editor={editor}
            plan={plan}
            pantry={pantry}
            faultOf={(field) => faults.of(null, field)}
            onPlan={setPlan}
            onOpen={() => show("formula")}
            choice={choice}
          />
        )}
        {chosen && !onLadder && (
          <StationAnswer station="rework" view={besideTheForm(view)} editor={editor} waiting="Working it out…">
            {(answer) => <Reworked answer={answer} asked={asked} editor={editor} pantry={pantry} onPlan={setPlan} />}
          </StationAnswer>
        )}
      </div>
    </div>
  );
}

/** Which answer is shown: the ladder, or the formula at the share that is chosen. */
function Choice({ onLadder, onShow }: { onLadder: boolean; onShow: (what: "ladder" | "formula") => void }) {
  return (
    <div className="mr-3 flex gap-1" role="group" aria-label="What is shown">
      {(["ladder", "formula"] as const).map((what) => (
        <button
          key={what}
          type="button"
          className={`btn btn-sm ${(what === "ladder") === onLadder ? "btn-neutral" : "btn-ghost"}`}
          aria-pressed={(what === "ladder") === onLadder}
          onClick={() => onShow(what)}
        >
          {what === "ladder" ? "Rung by rung" : "Side by side"}
        </button>
      ))}
    </div>
  );
}

/** Stands for no question: there is nothing to raise. */
const NOTHING = { formula: {} };

/** The question of the ladder; the same as before as long as it asks the same: the share of what is raised is not in it. */
function useLadderRequest(draft: Editor["draft"], balanced: Editor["balanced"]) {
  const request = ladderOf(planOf(draft), draft, balanced);
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
  const raised = raisedOf(plan, draft);
  const second = chosenOf(plan, draft).find(({ key }) => key === plan.ladder?.second && key !== raised?.key);
  const beside = completeOf(plan, draft).filter((each) => each !== raised && each !== second);
  return substitution === raised
    ? `change.${field}`
    : substitution === second
      ? `second.change.${field}`
      : `beside[${beside.indexOf(substitution)}].${field}`;
}

/** Faults of what is typed here are said beside it, once; those of the formula are said as everywhere. */
function besideTheForm<T>(view: AnswerView<T>): AnswerView<T> {
  const here = view.problem?.faults?.every(
    ({ line, field }) => line == null && /^(change|second|beside|limits|from|to$|rungs)/.test(field),
  );
  return here ? { ...view, problem: null } : view;
}

function without(search: URLSearchParams, name: string): URLSearchParams {
  const rest = new URLSearchParams(search);
  rest.delete(name);
  return rest;
}

import { useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { MOST, type MostProgress, mostQuestion, type MostRequest, type PantryDocument } from "../api";
import { type Editor, Faults, type Plan, StationAnswer, useAnswer } from "../formula";
import { Best } from "./Best";
import { besideItsForm } from "./here";
import { LimitsForm } from "./LimitsForm";
import { MostForm } from "./MostForm";
import { searchOf } from "./plan";
import { useFigures } from "../figures";
import { type FormulaFigure, figureWords } from "../words";

/** Stands for no question: nothing was looked for yet. */
const NOTHING: MostRequest = { formula: {} };

interface MostViewProps {
  editor: Editor;
  plan: Plan;
  pantry: PantryDocument;
  onPlan: (plan: Plan, tag?: string) => void;
  /** The choice of what is shown. */
  choice: ReactNode;
}

/** As much of something as the dough can take: looked for when somebody says so. */
export function MostView({ editor, plan, pantry, onPlan, choice }: MostViewProps) {
  const { draft, balanced } = editor;
  const asked = searchOf(plan, draft, balanced);
  const [lookedFor, setLookedFor] = useState(NOTHING);
  const [progress, setProgress] = useState<MostProgress | null>(null);
  const question = mostQuestion(setProgress);
  const view = useAnswer(question, lookedFor, (request) => request !== NOTHING);
  const same = asked !== null && JSON.stringify(asked) === JSON.stringify(lookedFor);
  const looking = same && !view.current && !view.problem;
  const queries = useQueryClient();
  const stop = () => {
    void queries.cancelQueries({ queryKey: [MOST] });
    setLookedFor(NOTHING);
  };
  const faults = new Faults(view.problem?.faults);
  const faultOf = (field: string) => (same ? faults.of(null, field) : null);
  const shown = besideItsForm({ ...view, current: view.current && same });
  return (
    <>
      <MostForm
        draft={draft}
        plan={plan}
        pantry={pantry}
        free={view.answer?.free ?? []}
        faultOf={faultOf}
        onChange={onPlan}
      />
      <div className="min-w-0">
        <div className="flex flex-wrap items-center gap-2">
          {choice}
          <button
            type="button"
            className="btn btn-primary btn-sm"
            disabled={asked === null}
            onClick={() => {
              setProgress(null);
              setLookedFor(asked ?? NOTHING);
            }}
          >
            {looking ? "Looking…" : "Look for it"}
          </button>
          {looking && (
            <>
              <button type="button" className="btn btn-ghost btn-sm" onClick={stop}>
                Stop
              </button>
              {progress && <Progress progress={progress} goal={lookedFor.goal as FormulaFigure} />}
            </>
          )}
          {asked === null && (
            <span className="soft text-sm">Choose a figure, and at least one amount that may move.</span>
          )}
        </div>
        {plan.limits || view.answer ? (
          <LimitsForm plan={plan} usual={view.answer?.limits ?? []} faultOf={faultOf} onChange={onPlan} />
        ) : (
          <p className="soft pt-3 text-sm">
            The usual limits are kept. They come with the answer, to be changed there.
          </p>
        )}
        {lookedFor !== NOTHING && (
          <StationAnswer station="most" view={shown} editor={editor} waiting="Looking…">
            {(answer) => <Best answer={answer} editor={editor} />}
          </StationAnswer>
        )}
      </div>
    </>
  );
}

/** How far a search is, with the best so far. */
function Progress({ progress, goal }: { progress: MostProgress; goal: FormulaFigure }) {
  const figures = useFigures();
  const { tried, planned, best } = progress;
  return (
    <span className="flex items-center gap-2 text-sm" role="status">
      <progress className="progress progress-primary w-32" value={tried} max={planned} aria-label="How far it is" />
      {best == null ? "nothing keeps the limits as yet" : `best so far ${figureWords(goal, best, figures)}`}
    </span>
  );
}

import { type ReactNode, useMemo } from "react";
import { matchQuestion, type MatchRequest, type PantryDocument } from "../api";
import { type Editor, Faults, type Plan, StationAnswer, useAnswer, useBalance } from "../formula";
import { besideItsForm } from "./here";
import { MatchForm } from "./MatchForm";
import { matchOf, NO_MATCH } from "./matchPlan";
import { WaysBack } from "./WaysBack";

interface MatchViewProps {
  editor: Editor;
  plan: Plan;
  pantry: PantryDocument;
  onPlan: (plan: Plan, tag?: string) => void;
  /** The choice of what is shown. */
  choice: ReactNode;
}

/** Stands for no question: nothing has to change. */
const NOTHING: MatchRequest = { formula: {} };

/** Something has to change: ways back to how the formula was. */
export function MatchView({ editor, plan, pantry, onPlan, choice }: MatchViewProps) {
  const { draft, balanced } = editor;
  const allergens = useBalance(balanced).answer?.facts.allergens ?? [];
  const match = plan.match ?? NO_MATCH;
  const asked = useMemo(
    () => matchOf(match, draft, balanced, plan.without) ?? NOTHING,
    [match, draft, balanced, plan.without],
  );
  const view = useAnswer(matchQuestion, asked, (request) => request !== NOTHING);
  const faults = new Faults(view.problem?.faults);
  return (
    <>
      <MatchForm
        draft={draft}
        match={match}
        pantry={pantry}
        allergens={allergens}
        usual={view.answer?.near ?? {}}
        faultOf={(field) => faults.of(null, field)}
        onChange={(patch, tag) => onPlan({ ...plan, match: { ...match, ...patch } }, tag)}
      />
      <div className="min-w-0">
        {choice}
        {asked === NOTHING ? (
          <p className="soft max-w-xl py-6" data-testid="match" data-current={true}>
            Say what has to change: an ingredient that is out, an allergen that must go, another lot of a flour. Ways
            back to the same feel are proposed, nearest to how the formula was and with as few changes as can be.
          </p>
        ) : (
          <div className="-mx-5">
            <StationAnswer
              station="match"
              view={besideItsForm(view)}
              editor={editor}
              waiting="Trying what is in the pantry…"
            >
              {(answer) => <WaysBack answer={answer} editor={editor} pantry={pantry} />}
            </StationAnswer>
          </div>
        )}
      </div>
    </>
  );
}

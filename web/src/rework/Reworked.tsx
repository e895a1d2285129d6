import type { PantryDocument, Proposal, SubstituteAnswer, SubstituteRequest } from "../api";
import { ActionButton, type Editor, filledLines, type Plan } from "../formula";
import { useFigures } from "../figures";
import { carriedWords, cautionWords, reasonWords, reworkNote } from "../words";
import { DifferentFigures } from "./DifferentFigures";
import { useTake } from "./useTake";
import { DifferentLines } from "./DifferentLines";
import { planOf } from "./plan";

interface ReworkedProps {
  answer: SubstituteAnswer;
  asked: SubstituteRequest;
  editor: Editor;
  pantry: PantryDocument;
  onPlan: (plan: Plan) => void;
}

/** The reworked formula beside the one it comes from: what differs first. */
export function Reworked({ answer, asked, editor, pantry, onPlan }: ReworkedProps) {
  const figures = useFigures();
  const takeFormula = useTake(editor);
  const plan = planOf(editor.draft);
  const take = () => {
    const names = filledLines(editor.draft.lines).map(({ ingredient }) => ingredient);
    const versionNote = reworkNote(asked.changes ?? [], names, answer.proposals, pantry, figures);
    takeFormula(answer.formula, versionNote);
  };
  return (
    <div className="grid gap-x-8 xl:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <div>
        <Along
          proposals={answer.proposals}
          pantry={pantry}
          onToggle={(kind, taken) =>
            onPlan({
              ...plan,
              without: taken ? plan.without.filter((other) => other !== kind) : [...plan.without, kind],
            })
          }
        />
        <DifferentLines answer={answer} pantry={pantry} />
        <ActionButton className="btn btn-primary btn-sm mt-4" onClick={take}>
          Take it into the formula
        </ActionButton>
      </div>
      <div>
        <DifferentFigures answer={answer} />
        <Exchanged title="Comes in" allergens={answer.compared.allergensGained}>
          {answer.compared.cautionsGained.map((caution) => `caution “${cautionWords(caution, figures).title}”`)}
        </Exchanged>
        <Exchanged title="Goes" allergens={answer.compared.allergensLost}>
          {answer.compared.cautionsLost.map((caution) => `caution “${cautionWords(caution, figures).title}”`)}
        </Exchanged>
      </div>
    </div>
  );
}

interface AlongProps {
  proposals: Proposal[];
  pantry: PantryDocument;
  onToggle: (kind: Proposal["kind"], taken: boolean) => void;
}

function Along({ proposals, pantry, onToggle }: AlongProps) {
  const figures = useFigures();
  return (
    <section aria-label="What goes along">
      <h2 className="section-title">What goes along</h2>
      {proposals.length === 0 && <p className="soft text-sm">Nothing has to.</p>}
      <ul data-testid="along">
        {proposals.map((proposal) => (
          <li key={`${proposal.kind} ${proposal.line}`} data-kind={proposal.kind}>
            <label className="flex min-h-7 cursor-pointer items-baseline gap-2 py-0.5">
              <input
                type="checkbox"
                className="checkbox checkbox-xs shrink-0 translate-y-0.5"
                checked={proposal.taken}
                onChange={(event) => onToggle(proposal.kind, event.target.checked)}
              />
              <span className={`shrink-0 ${proposal.taken ? "" : "line-through opacity-70"}`}>
                {carriedWords(proposal, pantry, figures)}
              </span>
              <span className="soft text-sm">{reasonWords(proposal, figures)}</span>
            </label>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Exchanged({ title, allergens, children }: { title: string; allergens: string[]; children: string[] }) {
  const all = [...allergens.map((name) => `${name} to declare`), ...children];
  return all.length === 0 ? null : (
    <p className="pt-3 text-sm" data-testid="exchanged">
      <span className="font-semibold">{title}: </span>
      {all.join("; ")}.
    </p>
  );
}

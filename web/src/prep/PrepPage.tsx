import { Plus } from "lucide-react";
import { useMemo, useState } from "react";
import { Link } from "react-router";
import { type PantryDocument, prepQuestion } from "../api";
import { Cautions } from "../caution";
import { CurrentContext, type Editor, Faults, IngredientPicker, Station, useAnswer, useFormulaEdit } from "../formula";
import { useFigures } from "../figures";
import { useCommands } from "../frame";
import { saidFaults } from "../words";
import { ChainView } from "./ChainView";
import { DoughStrip } from "./DoughStrip";
import { FillingView } from "./FillingView";

/** The Prep station: where an inclusion's water goes before it meets the flour. */
export function PrepPage() {
  return <Station>{(editor, pantry) => <PrepStation editor={editor} pantry={pantry} />}</Station>;
}

function PrepStation({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const [needs, setNeeds] = useState<Record<string, number>>({});
  const figures = useFigures();
  const preps = editor.draft.preps ?? [];
  const request = useMemo(
    () => ({ formula: editor.balanced, needs: Object.entries(needs).map(([key, grams]) => ({ key, grams })) }),
    [editor.balanced, needs],
  );
  const { answer, current, problem } = useAnswer(prepQuestion, request);
  const faults = useMemo(
    () => new Faults(problem?.faults ?? (answer ? saidFaults(answer.faults, figures) : null)),
    [answer, problem, figures],
  );
  const balance = answer?.balance ?? null;
  const cautions = (balance?.cautions ?? []).filter((caution) => caution.station === "prep");
  useCommands([
    {
      name: "Prepare something",
      keys: "alt+n",
      run: () => document.querySelector<HTMLElement>("[data-action=add-chain] input")?.focus(),
    },
  ]);

  return (
    <CurrentContext value={current}>
      <div className="px-5 pb-16" data-testid="prep" data-current={current}>
        {problem && !problem.faults && (
          <p role="alert" className="text-error text-sm">
            {problem.detail}
          </p>
        )}
        <DoughStrip balance={balance} faults={answer?.balanceFaults ?? []} chainFaults={answer?.faults ?? []} />
        {preps.map((chain, index) => (
          <ChainView
            key={chain.key}
            chain={chain}
            index={index}
            answer={answer?.chains[index] ?? null}
            faults={faults}
            cautions={cautions}
            editor={editor}
            pantry={pantry}
            need={needs[chain.key ?? ""] ?? null}
            onNeed={(grams) => setNeeds(withNeed(needs, chain.key ?? "", grams))}
          />
        ))}
        <NewChain editor={editor} pantry={pantry} first={preps.length === 0} />
        {balance?.filling && (
          <FillingView filling={balance.filling} salt={balance.salt} editor={editor} pantry={pantry} />
        )}
        <Cautions cautions={cautions} editor={editor} />
        <p className="soft pt-4 text-xs">
          Typical values stand in for weights that were not taken.{" "}
          <Link className="underline" to="/model#DRY_MATTER_KEPT">
            How it is computed
          </Link>
        </p>
      </div>
    </CurrentContext>
  );
}

function withNeed(needs: Record<string, number>, key: string, grams: number | null): Record<string, number> {
  const { [key]: _, ...others } = needs;
  return grams === null ? others : { ...others, [key]: grams };
}

/** Begins a chain: from the pantry, or from an inclusion that stands in the bowl as it is. */
function NewChain({ editor, pantry, first }: { editor: Editor; pantry: PantryDocument; first: boolean }) {
  const change = useFormulaEdit(editor);
  const preparable = pantry.ingredients.filter((each) => each.preparable);
  const roles = new Map(pantry.ingredients.map(({ code, role, name }) => [code, { role, name }]));
  const asTheyAre = editor.draft.lines.filter(
    (line) => !line.prep && !line.open && roles.get(line.ingredient)?.role === "inclusion",
  );
  return (
    <section aria-label="Prepare something" className="pt-4">
      {first && (
        <p className="max-w-2xl pb-3">
          Follow a vegetable, potato, leaf or pulse from what you buy to what meets the flour: put in the weights you
          have, leave the rest to typical values. What it brings to the dough follows.
        </p>
      )}
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div className="framed-picker w-72" data-action="add-chain">
          <span className="soft block pb-0.5 text-xs">
            <Plus size={12} className="inline" aria-hidden /> Prepare
          </span>
          <IngredientPicker
            ingredients={preparable}
            value=""
            label="Prepare"
            placeholder="courgette, potato, lentils, butter…"
            error={null}
            onPick={(picked) => change.mutate({ kind: "add-chain", ingredient: picked.code })}
          />
        </div>
        {asTheyAre.length > 0 && (
          <div>
            <span className="soft block pb-0.5 text-xs">or what stands in the bowl as it is</span>
            {asTheyAre.map((line) => (
              <button
                key={line.key}
                className="btn btn-sm btn-ghost text-primary"
                onClick={() => change.mutate({ kind: "prepare-line", line: editor.draft.lines.indexOf(line) })}
              >
                {roles.get(line.ingredient)?.name}
              </button>
            ))}
          </div>
        )}
      </div>
    </section>
  );
}

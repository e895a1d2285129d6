import { useState } from "react";
import { Trash2 } from "lucide-react";
import type { Caution, ChainAnswer, ChainSpec, PantryDocument } from "../api";
import type { Editor, Faults } from "../formula";
import { IngredientPicker } from "../formula";
import { useFigures } from "../figures";
import { asSent, Faulty, MassField } from "../parts";
import { Bar } from "./Bar";
import { ChainEnd } from "./ChainEnd";
import { editChain, removeChain } from "./editChain";
import { StepColumn } from "./StepColumn";
import { LIQUID_USES, type StepKind, STEPS } from "./steps";
import { StepCautions } from "../caution";

interface ChainViewProps {
  chain: ChainSpec;
  index: number;
  answer: ChainAnswer | null;
  faults: Faults;
  cautions: Caution[];
  editor: Editor;
  pantry: PantryDocument;
  need: number | null;
  onNeed: (grams: number | null) => void;
}

/** A preparation chain: drawn to scale from what is bought to what meets the flour, its steps edited in place. */
export function ChainView({
  chain,
  index,
  answer: fresh,
  faults,
  cautions,
  editor,
  pantry,
  need,
  onNeed,
}: ChainViewProps) {
  const figures = useFigures();
  const at = `preps[${index}]`;
  // While a weight cannot be, the last picture stays, faded: it shows what was there before.
  const [lastGood, setLastGood] = useState(fresh);
  if (fresh && fresh !== lastGood) {
    setLastGood(fresh);
  }
  const answer = fresh ?? lastGood;
  const steps = chain.steps ?? [];
  const bought = pantry.ingredients.find(({ code }) => code === chain.ingredient);
  const runs = steps.some(({ kind }) => STEPS[kind as StepKind]?.liquid);
  const most = Math.max(
    chain.grams ?? 0,
    ...(answer?.steps ?? []).map((step) => step.after.grams + step.leftGrams + step.liquid.grams + step.drivenOffGrams),
  );
  const error = (field: string) => faults.of(null, `${at}.${field}`);

  return (
    <section
      aria-label={`Preparation: ${chain.name || bought?.name}`}
      className="hairline border-b py-4"
      data-chain={index}
    >
      <header className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <input
          className="quiet-field font-display !w-72 text-xl"
          aria-label="Name of the preparation"
          placeholder={bought?.name ?? "preparation"}
          maxLength={60}
          value={chain.name ?? ""}
          onChange={(event) => editChain(editor, index, { name: event.target.value || null }, "name")}
        />
        {answer && (
          <span className="soft text-sm">
            yield <strong className="text-base-content">{figures.percent(answer.yieldPct)}</strong>
          </span>
        )}
        {runs && (
          <label className="soft flex items-center gap-1 text-sm">
            liquid
            <select
              className="quiet-field framed !w-auto text-sm"
              aria-label="What happens to the liquid"
              value={chain.liquid ?? ""}
              onChange={(event) => editChain(editor, index, { liquid: event.target.value || null })}
            >
              {LIQUID_USES.map(([code, name]) => (
                <option key={code} value={code}>
                  {name}
                </option>
              ))}
            </select>
            {answer && answer.liquid.caughtGrams > 0 && (
              <span data-testid="liquid">
                {figures.mass(answer.liquid.caughtGrams)}
                {answer.liquid.saltGrams > 0 && `, ${figures.mass(answer.liquid.saltGrams)} of it salt`}
              </span>
            )}
          </label>
        )}
        <span className="flex-1" />
        <button
          className="btn btn-ghost btn-sm gap-1"
          aria-label={`Remove this preparation`}
          onClick={() => removeChain(editor, index)}
        >
          <Trash2 size={15} aria-hidden /> Remove
        </button>
      </header>
      {answer?.use === "never-pressed" && runs && (
        <p className="soft text-sm">Nothing is pressed out: these steps are skipped, the dough gets all the liquid.</p>
      )}
      <div className="flex flex-wrap gap-y-5 pt-2 pb-1">
        <div className="framed-picker w-40 shrink-0 pr-2 text-sm">
          <Bar bowl={answer?.bought ?? null} most={most} caption="bought" stale={!fresh} />
          <IngredientPicker
            ingredients={pantry.ingredients.filter(({ role }) => role !== "flour" && role !== "salt")}
            value={chain.ingredient ?? ""}
            label="What is bought"
            error={error("ingredient")}
            onPick={(picked) => editChain(editor, index, { ingredient: picked.code })}
          />
          <MassField
            label="Bought weight"
            value={chain.grams ?? null}
            error={error("grams")}
            dataField="bought"
            onChange={(grams) => editChain(editor, index, { grams: asSent(grams) }, "grams")}
          />
          <Faulty message={error("ingredient") ?? error("grams")} />
          <StepCautions cautions={cautions} at={at} />
        </div>
        {steps.map((step, place) => (
          <StepColumn
            key={place}
            step={step}
            chain={index}
            place={place}
            count={steps.length}
            answer={answer?.steps[place] ?? null}
            most={most}
            stale={!fresh}
            faults={faults}
            cautions={cautions}
            editor={editor}
            pantry={pantry}
          />
        ))}
        <ChainEnd chain={chain} index={index} answer={fresh} editor={editor} need={need} onNeed={onNeed} />
      </div>
    </section>
  );
}

import { useMemo, useRef } from "react";
import { Link } from "react-router";
import type { PantryDocument } from "../api";
import {
  CurrentContext,
  type Editor,
  Faults,
  LineTable,
  MethodSettings,
  SaidThen,
  Station,
  useBalance,
  useFormulaEdit,
} from "../formula";
import { useCommands } from "../frame";
import { HandlingFigures, SoftnessChart } from "../handling";
import { Slips, WeighNext } from "../intake";
import { Facts } from "../pantry";
import { Beam } from "./Beam";
import { Ledger } from "./Ledger";
import { SaltWords } from "./SaltWords";
import { SodaNote } from "./SodaNote";
import { TooMuchWater } from "./TooMuchWater";
import { Warnings } from "./Warnings";
import { WaterAnswer } from "./WaterAnswer";

/** The Balance station. */
export function BalancePage() {
  return <Station>{(editor, pantry) => <BalanceStation editor={editor} pantry={pantry} />}</Station>;
}

function BalanceStation({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const { answer, current, problem } = useBalance(editor.balanced);
  const faults = useMemo(() => new Faults(problem?.faults), [problem]);
  const page = useRef<HTMLDivElement>(null);
  const change = useFormulaEdit(editor);
  const water = () => change.mutate({ kind: "set-water" });
  useCommands([
    { name: "Set the water to what is needed", keys: "alt+w", run: water, enabled: answer !== null && current },
    {
      name: "Add a line",
      keys: "alt+n",
      run: () => page.current?.querySelector<HTMLElement>("[data-action=add-line]")?.click(),
    },
  ]);

  return (
    <div
      ref={page}
      className="grid grid-cols-[minmax(0,27rem)_minmax(0,1fr)] gap-x-7 px-5 pb-16 xl:grid-cols-[minmax(0,30rem)_minmax(0,1fr)]"
    >
      <div>
        <LineTable
          editor={editor}
          pantry={pantry}
          faults={faults}
          bakersPct={answer && answer.bakersPct.length === editor.balanced.lines?.length ? answer.bakersPct : []}
          totals={answer}
        />
        <MethodSettings editor={editor} pantry={pantry} faults={faults} used={answer?.settings ?? null} />
      </div>
      <div data-testid="balance" data-current={current} className="min-w-0">
        {problem && answer && (
          <p role="status" className="bg-base-200 border-error rounded-md border-l-4 px-3 py-1.5 text-sm">
            {problem.faults ? "Below is the last balance that could be worked out: " : ""}
            {problem.detail}
            {problem.faults?.some(({ field }) => field.startsWith("preps")) && (
              <>
                {" "}
                <Link className="underline" to={`/formulas/${editor.id ?? "new"}/prep`}>
                  Correct it in Prep
                </Link>
              </>
            )}
          </p>
        )}
        {!answer && (
          <Waiting
            problem={problem?.faults ? null : (problem?.detail ?? null)}
            empty={editor.draft.lines.length === 0}
          />
        )}
        {answer && (
          <CurrentContext value={current}>
            <div className={problem ? "opacity-45" : "answer"} data-stale={!current} inert={problem !== null}>
              <Beam answer={answer} pantry={pantry} editor={editor} />
              <WaterAnswer answer={answer} editor={editor} onSetWater={water} />
              <SaidThen editor={editor} pantry={pantry} />
              {answer.water.weighNext && (
                <WeighNext next={answer.water.weighNext} water={answer.water} pantry={pantry} />
              )}
              {answer.tooMuch && (
                <TooMuchWater
                  tooMuch={answer.tooMuch}
                  inWindow={answer.water.standing === "in-balance"}
                  editor={editor}
                  pantry={pantry}
                />
              )}
              <Warnings warnings={answer.warnings} />
              {answer.sodaAndPowder && <SodaNote found={answer.sodaAndPowder} />}
              <Slips slips={answer.slips} editor={editor} />
              <div className="grid gap-x-7 gap-y-6 pt-5 2xl:grid-cols-2">
                <Ledger answer={answer} pantry={pantry} />
                <div>
                  <SoftnessChart answer={answer} />
                  <HandlingFigures answer={answer} pantry={pantry} />
                  <Facts facts={answer.facts} pantry={pantry} />
                  <SaltWords salt={answer.salt} />
                </div>
              </div>
            </div>
          </CurrentContext>
        )}
      </div>
    </div>
  );
}

function Waiting({ problem, empty }: { problem: string | null; empty: boolean }) {
  return (
    <div className="soft flex h-72 flex-col items-center justify-center text-center">
      <p className="font-display text-base-content text-xl">{empty ? "An empty scale" : "Not balanced yet"}</p>
      <p className="max-w-sm pt-2">
        {problem ??
          (empty
            ? "Put flour and what else goes in the bowl on the left. The scale then shows who brings water and who drinks it."
            : "Complete the lines on the left. As soon as there is flour, the scale shows who brings water and who drinks it.")}
      </p>
    </div>
  );
}

import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useRef } from "react";
import { useLocation, useParams, useSearchParams } from "react-router";
import { type PantryDocument, pantryQuery, problemOf } from "../api";
import { FormulaHeader, LineTable, MethodSettings, useEditor } from "../formula";
import { Faults } from "../formula/faults";
import { type Start, useStart } from "../formula/useEditor";
import { useCommands } from "../frame";
import { HandlingFigures, SoftnessChart } from "../handling";
import { ProblemNotice, useNotices } from "../parts";
import { Beam } from "./Beam";
import { Ledger } from "./Ledger";
import { setWater } from "./setWater";
import { TooMuchWater } from "./TooMuchWater";
import { useBalance } from "./useBalance";
import { Warnings } from "./Warnings";
import { WaterAnswer } from "./WaterAnswer";

/** The Balance station of the formula in the address. */
export function BalancePage() {
  const params = useParams();
  const [search] = useSearchParams();
  const location = useLocation();
  const id = params.id === undefined ? null : Number(params.id);
  const version = search.get("version") === null ? null : Number(search.get("version"));
  const pantry = useQuery(pantryQuery);
  const { start, error, retry } = useStart(id, version);
  const problem = problemOf(error) ?? problemOf(pantry.error);
  useSavedNotice(location.state as { saved?: number } | null);

  if (problem) {
    return (
      <main className="mx-auto max-w-xl px-6 py-16">
        <ProblemNotice problem={problem} retry={retry} />
      </main>
    );
  }
  if (!start || !pantry.data) {
    return <main className="soft px-6 py-24 text-center">Setting up the scale…</main>;
  }
  const shown = `${id} ${version} ${start.document?.version.number} ${start.document?.versions.length}`;
  return <BalanceStation key={shown} start={start} pantry={pantry.data} />;
}

function useSavedNotice(state: { saved?: number } | null) {
  const notify = useNotices();
  const saved = state?.saved;
  useEffect(() => {
    if (saved !== undefined) {
      notify(`Saved as version ${saved}.`);
      window.history.replaceState({}, "");
    }
  }, [saved, notify]);
}

function BalanceStation({ start, pantry }: { start: Start; pantry: PantryDocument }) {
  const editor = useEditor(start);
  const { answer, current, problem } = useBalance(editor.balanced);
  const faults = useMemo(() => new Faults(problem), [problem]);
  const page = useRef<HTMLElement>(null);
  const water = () => {
    if (answer) {
      setWater(editor, pantry, answer.water.needed);
    }
  };
  useCommands([
    { name: "Set the water to what is needed", keys: "alt+w", run: water, enabled: answer !== null && current },
    {
      name: "Add a line",
      keys: "alt+n",
      run: () => page.current?.querySelector<HTMLElement>("[data-action=add-line]")?.click(),
    },
  ]);

  return (
    <main ref={page}>
      <FormulaHeader editor={editor} />
      <div className="grid grid-cols-[minmax(0,27rem)_minmax(0,1fr)] gap-x-7 px-5 pb-16 xl:grid-cols-[minmax(0,30rem)_minmax(0,1fr)]">
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
            </p>
          )}
          {!answer && <Waiting problem={problem?.faults ? null : (problem?.detail ?? null)} empty={editor.draft.lines.length === 0} />}
          {answer && (
            <div className={problem ? "opacity-45" : ""} inert={problem !== null}>
              <Beam answer={answer} pantry={pantry} editor={editor} />
              <WaterAnswer answer={answer} editor={editor} onSetWater={water} />
              {answer.tooMuch && <TooMuchWater tooMuch={answer.tooMuch} editor={editor} pantry={pantry} />}
              <Warnings warnings={answer.warnings} />
              <div className="grid gap-x-7 gap-y-6 pt-5 2xl:grid-cols-2">
                <Ledger answer={answer} pantry={pantry} />
                <div>
                  <SoftnessChart answer={answer} />
                  <HandlingFigures answer={answer} pantry={pantry} />
                </div>
              </div>
            </div>
          )}
        </div>
      </div>
    </main>
  );
}

function Waiting({ problem, empty }: { problem: string | null; empty: boolean }) {
  return (
    <div className="soft flex h-72 flex-col items-center justify-center text-center">
      <p className="font-display text-base-content text-xl">{empty ? "An empty scale" : "Not to be weighed up yet"}</p>
      <p className="max-w-sm pt-2">
        {problem ??
          (empty
            ? "Put flour and what else goes in the bowl on the left. The scale then shows who brings water and who drinks it."
            : "Complete the lines on the left. As soon as there is flour, the scale shows who brings water and who drinks it.")}
      </p>
    </div>
  );
}

import { useEffect, useMemo, useRef, useState } from "react";
import { useLocation } from "react-router";
import type { PantryDocument } from "../api";
import { type Editor, Faults, Station, useBalance } from "../formula";
import { useCommands } from "../frame";
import { ProblemNotice } from "../parts";
import { Ends } from "./Ends";
import { HeadingQuestions } from "./HeadingQuestions";
import { IntakeTable } from "./IntakeTable";
import { MethodOffers } from "./MethodOffers";
import { PastePanel } from "./PastePanel";
import { RecipeNotes } from "./RecipeNotes";
import { Slips } from "./Slips";
import { type Spoken, SpokenStyle } from "./SpokenStyle";
import { VesselQuestions } from "./VesselQuestions";
import { WeighNext } from "./WeighNext";

/** The Intake station: a recipe in words becomes lines in grams. */
export function IntakePage() {
  return <Station>{(editor, pantry) => <IntakeStation editor={editor} pantry={pantry} />}</Station>;
}

function IntakeStation({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const { answer, current: upToDate, problem } = useBalance(editor.balanced);
  const faults = useMemo(() => new Faults(problem?.faults), [problem]);
  const text = useRef<HTMLTextAreaElement>(null);
  const current = answer && answer.bakersPct.length === editor.balanced.lines?.length ? answer : null;
  const [read, setRead] = useState(0);
  const begun = useLocation().state as { spoken?: Spoken | null } | null;
  // Undefined until a recipe was read, here or on the way here, and once its style is settled.
  const [spoken, setSpoken] = useState<Spoken | null | undefined>(begun?.spoken);
  const table = useRef<HTMLDivElement>(null);
  const empty = useRef(editor.draft.lines.length === 0);
  useEffect(() => {
    if (empty.current) {
      text.current?.focus();
    }
  }, []);
  useEffect(() => {
    if (read > 0) {
      const first = table.current?.querySelector("[data-to-settle]") ?? table.current;
      first?.querySelector<HTMLElement>("input, button, select, a")?.focus();
    }
  }, [read]);
  useCommands([{ name: "Paste a recipe", keys: "alt+r", run: () => text.current?.focus() }]);

  return (
    <div className="grid grid-cols-[minmax(0,19rem)_minmax(0,1fr)] gap-x-7 px-5 pb-16 xl:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
      <PastePanel
        editor={editor}
        pantry={pantry}
        text={text}
        onRead={(recipe, where) => {
          setSpoken(where === "below" ? undefined : (recipe.style ?? null));
          setRead(read + 1);
        }}
      />
      <div className="min-w-0" ref={table}>
        {spoken !== undefined && (
          <SpokenStyle editor={editor} pantry={pantry} spoken={spoken} onSettled={() => setSpoken(undefined)} />
        )}
        <HeadingQuestions editor={editor} />
        <VesselQuestions editor={editor} />
        <IntakeTable editor={editor} pantry={pantry} faults={faults} answer={current} />
        {problem && !problem.faults && <ProblemNotice problem={problem} />}
        {faults.of(null, "lines") && <p className="text-error text-sm">{faults.of(null, "lines")}</p>}
        {editor.draft.lines.length > 0 && (
          <>
            {current && <Slips slips={current.slips} editor={editor} />}
            <div className="grid gap-x-8 xl:grid-cols-2">
              <div>
                {current && <MethodOffers editor={editor} said={current.said} current={upToDate} />}
                {current?.ends && <Ends ends={current.ends} />}
                {current?.water.weighNext && (
                  <WeighNext next={current.water.weighNext} water={current.water} pantry={pantry} />
                )}
              </div>
              <RecipeNotes editor={editor} faults={faults} />
            </div>
          </>
        )}
      </div>
    </div>
  );
}

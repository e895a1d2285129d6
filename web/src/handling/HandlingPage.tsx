import { useMemo } from "react";
import { Link } from "react-router";
import { handlingQuestion, type PantryDocument } from "../api";
import { useBatch } from "../bench";
import { Cautions } from "../caution";
import { type Editor, Faults, Station, useAnswer } from "../formula";
import { ProblemNotice } from "../parts";
import { BatchStrip } from "./BatchStrip";
import { Diagnose } from "./Diagnose";
import { DiscView } from "./DiscView";
import { FigureScales } from "./FigureScales";
import { Phases } from "./Phases";
import { RollingChart } from "./RollingChart";
import { SpillForm } from "./SpillForm";
import { WhatNow } from "./WhatNow";
import { WindowWords } from "./WindowWords";

/** The Handling station: when the sheet will roll, how thin, how gently; what to do now, and what went wrong. */
export function HandlingPage() {
  return <Station>{(editor, pantry) => <HandlingStation editor={editor} pantry={pantry} />}</Station>;
}

function HandlingStation({ editor, pantry }: { editor: Editor; pantry: PantryDocument }) {
  const { answer, current, problem } = useAnswer(
    handlingQuestion,
    editor.balanced,
    (formula) => (formula.lines?.length ?? 0) > 0,
  );
  const faults = useMemo(() => new Faults(problem), [problem]);
  const batch = useBatch(editor.id);
  const name = (code: string | null | undefined) => pantry.ingredients.find((each) => each.code === code)?.name ?? code ?? "";

  return (
    <div className="px-5 pb-16" data-testid="handling" data-current={current}>
      {problem && <ProblemNotice problem={problem} />}
      {problem && !answer && (
        <p className="py-6 text-center">
          <Link className="btn btn-primary btn-sm" to={`/formulas/${editor.id ?? "new"}/balance`}>
            To the bowl, in Balance
          </Link>
        </p>
      )}
      {!answer && !problem && (
        <p className="soft py-16 text-center">
          {editor.draft.lines.length === 0 ? "Put flour in the bowl first: in Balance or Intake." : "Looking…"}
        </p>
      )}
      {answer && (
        <div className={problem ? "opacity-45" : ""} inert={problem !== null}>
          <WindowWords answer={answer} name={name} />
          <RollingChart answer={answer} nowMinute={batch.running ? batch.minute : null} />
          <div className="grid gap-x-10 gap-y-2 lg:grid-cols-2">
            <Phases editor={editor} answer={answer} faults={faults} />
            <BatchStrip editor={editor} batch={batch} name={name} />
          </div>
          <div className="grid gap-x-10 gap-y-6 pt-4 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
            <FigureScales answer={answer} name={name} />
            <DiscView disc={answer.sheet.disc} editor={editor} name={name} />
          </div>
          <div className="hairline grid gap-x-10 gap-y-6 border-t pt-4 lg:grid-cols-2">
            <div>
              <WhatNow editor={editor} pantry={pantry} batch={batch} name={name} />
              <SpillForm editor={editor} batch={batch} name={name} />
            </div>
            <Diagnose editor={editor} name={name} />
          </div>
          <Cautions cautions={answer.cautions.filter(({ station }) => station === "handling")} editor={editor} defers={answer.defers} />
          <p className="soft pt-4 text-xs">
            Not sure about the words? <Link className="underline" to="/guide">The feel guide and its drill</Link>.{" "}
            <Link className="underline" to="/model#ROLLABILITY">How it is computed</Link>
          </p>
        </div>
      )}
    </div>
  );
}

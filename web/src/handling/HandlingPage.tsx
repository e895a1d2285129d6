import { useMemo } from "react";
import { Link } from "react-router";
import { handlingQuestion, type PantryDocument } from "../api";
import { useBatch } from "../batch";
import { type Editor, Faults, Station, StationAnswer, useAnswer } from "../formula";
import { BatchStrip } from "./BatchStrip";
import { Diagnose } from "./Diagnose";
import { DiscView } from "../parts";
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
  const view = useAnswer(handlingQuestion, editor.balanced, (formula) => (formula.lines?.length ?? 0) > 0);
  const faults = useMemo(() => new Faults(view.problem?.faults), [view.problem]);
  const batch = useBatch(editor.id);
  const name = (code: string | null | undefined) =>
    pantry.ingredients.find((each) => each.code === code)?.name ?? code ?? "";

  return (
    <StationAnswer station="handling" view={view} editor={editor} waiting="Looking…">
      {(answer) => (
        <>
          <WindowWords answer={answer} editor={editor} name={name} />
          <RollingChart answer={answer} nowMinute={batch.running ? batch.minute : null} editor={editor} />
          <div className="grid gap-x-10 gap-y-2 lg:grid-cols-2">
            <Phases editor={editor} answer={answer} faults={faults} />
            <BatchStrip editor={editor} batch={batch} name={name} />
          </div>
          <div className="grid gap-x-10 gap-y-6 pt-4 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
            <FigureScales answer={answer} name={name} />
            <DiscView
              disc={answer.dough.disc}
              onSheet={(sheetMm) => editor.edit({ kind: "settings", patch: { sheetMm } })}
              name={name}
            />
          </div>
          <div className="hairline grid gap-x-10 gap-y-6 border-t pt-4 lg:grid-cols-2">
            <div>
              <WhatNow editor={editor} feels={answer.feels} batch={batch} name={name} />
              <SpillForm editor={editor} batch={batch} name={name} />
            </div>
            <Diagnose editor={editor} name={name} />
          </div>
          <p className="soft pt-4 text-xs">
            Not sure about the words?{" "}
            <Link className="underline" to="/guide">
              The feel guide and its drill
            </Link>
            .{" "}
            <Link className="underline" to="/model#ROLLABILITY">
              How it is computed
            </Link>
          </p>
        </>
      )}
    </StationAnswer>
  );
}

import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type BenchAdvice, guideQuery, type PantryDocument, problemOf, taken } from "../api";
import type { BatchView } from "../bench";
import { type Editor, newKey } from "../formula";
import { type Figures, useFigures } from "../kitchen";
import { NumberField, type NumberEntry, Steps } from "../parts";

interface WhatNowProps {
  editor: Editor;
  pantry: PantryDocument;
  batch: BatchView;
  name: (code: string | null | undefined) => string;
}

/** At the bench: the minute and the feel, and what to do. */
export function WhatNow({ editor, batch, name }: WhatNowProps) {
  const figures = useFigures();
  const guide = useQuery(guideQuery);
  const [minute, setMinute] = useState<NumberEntry>(null);
  const [feel, setFeel] = useState<string | null>(null);
  const [kept, setKept] = useState<string | null>(null);
  const asked = minute ?? (batch.running ? Math.round(batch.minute) : null);
  const ask = useMutation({
    mutationFn: () =>
      taken(
        api.POST("/api/handling/now", {
          body: { formula: editor.balanced, minute: asked as number, feel: feel ?? "" },
        }),
      ),
    onMutate: () => setKept(null),
  });
  const problem = problemOf(ask.error);
  const advice = ask.data ?? null;
  const error = (field: string) => problem?.faults?.find((fault) => fault.field === field)?.message ?? null;

  return (
    <section aria-label="What do I do now?" data-testid="what-now">
      <h2 className="section-title">What do I do now?</h2>
      <form
        className="pt-1 text-sm"
        onSubmit={(event) => {
          event.preventDefault();
          ask.mutate();
        }}
      >
        <label className="flex items-center gap-2">
          <span className="soft">Minute since water met flour</span>
          <NumberField
            framed
            className="w-24"
            label="Minute since water met flour"
            unit="min"
            value={minute}
            placeholder={batch.running ? figures.number(batch.minute, 0) : ""}
            format={(value) => figures.number(value, 0)}
            error={error("minute")}
            dataField="minute"
            onChange={setMinute}
          />
        </label>
        {error("minute") && <p role="alert" className="text-error text-xs">{error("minute")}</p>}
        <fieldset className="pt-2">
          <legend className="soft text-xs">It feels</legend>
          {guide.data?.guide.feels.map((each) => (
            <label key={each.code} className={`hairline flex cursor-pointer items-baseline gap-2 border-t py-1 ${feel === each.code ? "bg-base-200" : ""}`}>
              <input
                type="radio"
                name="feel"
                className="radio radio-xs radio-primary"
                value={each.code}
                checked={feel === each.code}
                onChange={() => setFeel(each.code)}
              />
              <span className="w-20 shrink-0 font-semibold">{each.name}</span>
              <span className="soft text-xs">{each.touchTest}</span>
            </label>
          ))}
        </fieldset>
        <button className="btn btn-sm btn-primary mt-2" disabled={typeof asked !== "number" || feel === null || ask.isPending}>
          What do I do now?
        </button>
      </form>
      {problem && !error("minute") && <p role="alert" className="text-error text-sm">{problem.detail}</p>}
      {advice && (
        <Advice
          advice={advice}
          figures={figures}
          kept={kept}
          canKeep={batch.running !== null}
          onKeep={() =>
            void batch
              .keep({ minute: advice.minute, feel: advice.felt.code, action: advice.action, additions: advice.additions.map(({ ingredient, grams }) => ({ ingredient, grams })) })
              .then(() => setKept("Kept on the batch. The formula stays as it is."))
          }
          onTake={() => {
            take(editor, advice);
            setKept("Taken into the formula; undo takes it back.");
          }}
          onThrow={() => {
            ask.reset();
            setKept(null);
          }}
          name={name}
        />
      )}
    </section>
  );
}

/** Adds what was put in to the lines of the formula. */
function take(editor: Editor, advice: BenchAdvice): void {
  const count = editor.draft.lines.length;
  const lines = editor.draft.lines.map((line, index) => {
    const added = advice.additions.find((each) => each.line === index);
    return added && typeof line.grams === "number" ? { ...line, grams: line.grams + added.grams, sd: null } : line;
  });
  const fresh = advice.additions
    .filter((each) => each.line >= count)
    .map(({ ingredient, grams }) => ({ key: newKey(), ingredient, grams }));
  editor.edit({ kind: "draft", patch: { lines: [...lines, ...fresh] } });
}

interface AdviceProps {
  advice: BenchAdvice;
  figures: Figures;
  kept: string | null;
  canKeep: boolean;
  onKeep: () => void;
  onTake: () => void;
  onThrow: () => void;
  name: WhatNowProps["name"];
}

function Advice({ advice, figures, kept, canKeep, onKeep, onTake, onThrow, name }: AdviceProps) {
  const { before, after } = advice;
  const main = advice.additions.filter(({ carried }) => !carried);
  const along = advice.additions.filter(({ carried }) => carried);
  return (
    <div className="border-primary bg-base-200 mt-3 rounded-md border-l-4 px-4 py-3 text-sm" data-testid="advice" data-action={advice.action}>
      <p className="font-display text-xl">{headline(advice, figures)}</p>
      {main.length > 1 && <p>{main.map(({ ingredient, grams }) => `${figures.mass(grams)} ${name(ingredient).toLowerCase()}`).join(", ")}</p>}
      {along.length > 0 && (
        <p className="soft">
          With it, so that their percentages stay:{" "}
          {along.map(({ ingredient, grams }) => `${figures.number(grams, 1)} g ${name(ingredient).toLowerCase()}`).join(", ")}.
        </p>
      )}
      {advice.alternative && <p>Or wet or oil your hands instead: this style may be slack.</p>}
      <p className="pt-1">
        Expected softness now {figures.number(advice.expectedSoftness, 2)}; as it feels, it will be{" "}
        <strong>{advice.laterFeel.name}</strong> ({figures.number(advice.laterSoftness, 2)}) at minute {figures.number(advice.rollAtMinute, 0)}.
      </p>
      {advice.additions.length > 0 && (
        <table className="mt-2 w-full text-xs">
          <thead>
            <tr className="soft text-right">
              <th />
              <th className="font-normal">now</th>
              <th className="font-normal">then</th>
            </tr>
          </thead>
          <tbody>
            <Percentage what="water on flour" now={before.waterPct} then={after.waterPct} write={figures.percent} />
            <Percentage what="salt on flour" now={before.saltPct} then={after.saltPct} write={(pct) => `${figures.number(pct, 2)} %`} />
            <Percentage what="fat on flour" now={before.fatPct} then={after.fatPct} write={(pct) => `${figures.number(pct, 1)} %`} />
            <Percentage what="dough" now={before.doughGrams} then={after.doughGrams} write={figures.mass} />
          </tbody>
        </table>
      )}
      <details className="soft pt-1 text-xs">
        <summary className="cursor-pointer">why</summary>
        <Steps steps={advice.steps} />
      </details>
      {kept ? (
        <p role="status" className="pt-2 font-semibold">
          {kept}
        </p>
      ) : (
        <div className="flex flex-wrap gap-2 pt-2">
          <button className="btn btn-xs btn-primary" disabled={!canKeep} title={canKeep ? "" : "Start a batch first"} onClick={onKeep}>
            Keep on the batch
          </button>
          {advice.additions.length > 0 && (
            <button className="btn btn-xs" onClick={onTake}>
              Take into the formula
            </button>
          )}
          <button className="btn btn-xs btn-ghost" onClick={onThrow}>
            Throw away
          </button>
        </div>
      )}
    </div>
  );
}

function headline(advice: BenchAdvice, f: Figures): string {
  const total = advice.additions.filter(({ carried }) => !carried).reduce((sum, { grams }) => sum + grams, 0);
  switch (advice.action) {
    case "roll":
      return `Roll now${advice.rollUntil != null ? `, until minute ${advice.rollUntil}` : ""}.`;
    case "wait":
      return advice.waitUntil == null
        ? "Leave it: in the window, but it cannot be rolled yet."
        : `Wait until minute ${advice.waitUntil}; then roll until minute ${advice.rollUntil}.`;
    case "add-water":
      return `Add ${f.mass(total)} of water.`;
    case "add-flour":
      return `Add ${f.mass(total)} of flour.`;
  }
}

interface PercentageProps {
  what: string;
  now: number | null | undefined;
  then: number | null | undefined;
  write: (value: number) => string;
}

function Percentage({ what, now, then, write }: PercentageProps) {
  return (
    <tr className="hairline border-t text-right">
      <td className="soft text-left">{what}</td>
      <td>{now == null ? "–" : write(now)}</td>
      <td className="font-semibold">{then == null ? "–" : write(then)}</td>
    </tr>
  );
}

import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type BenchAdvice, type HandlingAnswer, taken } from "../api";
import type { BatchView } from "../batch";
import { FORMULA_CHANGE, type Editor } from "../formula";
import { useFigures } from "../figures";
import { NumberField, asSent, type NumberEntry } from "../parts";
import { Advice } from "./Advice";
import { useProblem } from "../words";

interface WhatNowProps {
  editor: Editor;
  feels: HandlingAnswer["feels"];
  batch: BatchView;
  name: (code: string | null | undefined) => string;
}

/** At the bench: the minute and the feel, and what to do. */
export function WhatNow({ editor, feels, batch, name }: WhatNowProps) {
  const figures = useFigures();
  const [minute, setMinute] = useState<NumberEntry>(null);
  const [feel, setFeel] = useState<string | null>(null);
  const [kept, setKept] = useState<string | null>(null);
  const [given, setGiven] = useState<NumberEntry>(null);
  const asked = minute ?? (batch.running ? Math.round(batch.minute) : null);
  const ask = useMutation({
    mutationFn: (putIn: NumberEntry) =>
      taken(
        api.POST("/api/handling/now", {
          body: {
            formula: editor.balanced,
            batch: batch.running?.id ?? null,
            minute: asked as number,
            feel: feel ?? "",
            given: asSent(putIn),
          },
        }),
      ),
    onMutate: (putIn) => {
      setKept(null);
      setGiven(putIn);
    },
  });
  const take = useMutation({
    mutationKey: FORMULA_CHANGE,
    mutationFn: async (additions: BenchAdvice["additions"]) => {
      const of = editor.draft;
      const body = { formula: editor.spec, additions: additions.map(putIn) };
      return { of, spec: await taken(api.POST("/api/handling/put-in", { body })) };
    },
    onSuccess: ({ of, spec }) => {
      editor.edit({ kind: "spec", spec, of });
      setKept("Added to the formula; undo removes it.");
    },
  });
  const problem = useProblem(ask.error ?? take.error);
  // A refused amount keeps the advice it was typed into.
  const [last, setLast] = useState<BenchAdvice | null>(null);
  if (ask.data && ask.data !== last) {
    setLast(ask.data);
  }
  const advice = ask.isIdle ? null : (ask.data ?? last);
  const error = (field: string) => problem?.faults?.find((fault) => fault.field === field)?.message ?? null;

  return (
    <section aria-label="What do I do now?" data-testid="what-now">
      <h2 className="section-title">What do I do now?</h2>
      <p className="soft text-xs">
        {batch.running
          ? `For the dough in the bowl: version ${batch.running.version} with what is kept on the batch.`
          : "For the formula as it stands above. With a batch running, for what is in its bowl."}
      </p>
      <form
        className="pt-1 text-sm"
        onSubmit={(event) => {
          event.preventDefault();
          ask.mutate(null);
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
        {error("minute") && (
          <p role="alert" className="text-error text-xs">
            {error("minute")}
          </p>
        )}
        <fieldset className="pt-2">
          <legend className="soft text-xs">It feels</legend>
          {feels.map((each) => (
            <label
              key={each.code}
              className={`hairline flex cursor-pointer items-baseline gap-2 border-t py-1 ${feel === each.code ? "bg-base-200" : ""}`}
            >
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
        <button
          className="btn btn-sm btn-primary mt-2"
          disabled={typeof asked !== "number" || feel === null || ask.isPending}
        >
          What do I do now?
        </button>
      </form>
      {problem && !error("minute") && !error("given") && (
        <p role="alert" className="text-error text-sm">
          {problem.detail}
        </p>
      )}
      {advice && (
        <Advice
          advice={advice}
          given={given}
          error={error("given")}
          onGiven={setGiven}
          onCount={() => ask.mutate(given)}
          kept={kept}
          canKeep={batch.running !== null}
          onKeep={(action) =>
            void batch
              .keep({
                minute: advice.minute,
                feel: advice.felt.code,
                action,
                additions: action === advice.action ? advice.additions.map(putIn) : [],
              })
              .then(() => setKept("Kept on the batch. The formula stays as it is."))
          }
          onTake={() => take.mutate(advice.additions)}
          onThrow={() => {
            ask.reset();
            setLast(null);
            setKept(null);
          }}
          name={name}
        />
      )}
    </section>
  );
}

/** What goes in, as it is kept. */
function putIn({ ingredient, grams }: BenchAdvice["additions"][number]) {
  return { ingredient, grams };
}

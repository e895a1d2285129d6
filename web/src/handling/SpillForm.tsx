import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, taken } from "../api";
import type { BatchView } from "../batch";
import { type Editor, isInDough } from "../formula";
import { useFigures } from "../figures";
import { useProblem } from "../words";

const SHARES = [
  { code: "all", name: "forgotten altogether", share: 1, judged: false },
  { code: "half", name: "about half of it spilled", share: 0.5, judged: true },
  { code: "third", name: "about a third spilled", share: 1 / 3, judged: true },
  { code: "tenth", name: "a little, about a tenth", share: 0.1, judged: true },
] as const;

interface SpillFormProps {
  editor: Editor;
  batch: BatchView;
  name: (code: string | null | undefined) => string;
}

/** Something was spilled or forgotten: what to put in again, and what happens otherwise. */
export function SpillForm({ editor, batch, name }: SpillFormProps) {
  const figures = useFigures();
  const [line, setLine] = useState<string>("");
  const [share, setShare] = useState<string>("all");
  const ask = useMutation({
    mutationFn: () => {
      const how = SHARES.find(({ code }) => code === share) ?? SHARES[0];
      return taken(
        api.POST("/api/handling/spill", {
          body: { formula: editor.balanced, line: Number(line), share: how.share, judged: how.judged },
        }),
      );
    },
  });
  const spill = ask.data ?? null;
  const lines = editor.draft.lines.flatMap((each, index) =>
    each.open || !isInDough(each) || (!each.ingredient && !each.prep)
      ? []
      : [{ index, words: each.prep ? "what comes from Prep" : name(each.ingredient) }],
  );
  const problem = useProblem(ask.error);
  return (
    <section aria-label="Spilled or forgotten" className="pt-6" data-testid="spill">
      <h2 className="section-title">Spilled or forgotten</h2>
      <form
        className="flex flex-wrap items-center gap-2 pt-1 text-sm"
        onSubmit={(event) => {
          event.preventDefault();
          ask.mutate();
        }}
      >
        <select
          className="quiet-field framed !w-56"
          aria-label="What was spilled or forgotten"
          value={line}
          onChange={(event) => setLine(event.target.value)}
        >
          <option value="">choose a line</option>
          {lines.map(({ index, words }) => (
            <option key={index} value={index}>
              {words}
            </option>
          ))}
        </select>
        <select
          className="quiet-field framed !w-52"
          aria-label="How much of it"
          value={share}
          onChange={(event) => setShare(event.target.value)}
        >
          {SHARES.map(({ code, name: words }) => (
            <option key={code} value={code}>
              {words}
            </option>
          ))}
        </select>
        <button className="btn btn-sm" disabled={line === "" || ask.isPending}>
          What do I put in?
        </button>
      </form>
      {problem && (
        <p role="alert" className="text-error text-sm">
          {problem.detail}
        </p>
      )}
      {spill && (
        <div
          className="border-primary bg-base-200 mt-2 rounded-md border-l-4 px-4 py-2 text-sm"
          data-testid="spill-answer"
        >
          <p className="font-display text-lg">
            Put in {figures.mass(spill.grams)} {name(spill.ingredient).toLowerCase()}
            <span className="soft font-sans text-sm">
              {" "}
              ({figures.massNumber(spill.low)} to {figures.mass(spill.high)})
            </span>
          </p>
          {spill.withSoftness != null &&
            spill.withoutSoftness != null &&
            Math.abs(spill.withSoftness - spill.withoutSoftness) >= 0.005 && (
              <p>
                Without it the softness when rolled is {figures.number(spill.withoutSoftness, 2)} instead of{" "}
                {figures.number(spill.withSoftness, 2)}.
              </p>
            )}
          {batch.running && (
            <button
              className="btn btn-xs btn-primary mt-1"
              onClick={() =>
                void batch
                  .keep({
                    minute: batch.minute,
                    feel: null,
                    action: "re-add",
                    additions: [{ ingredient: spill.ingredient, grams: spill.grams }],
                  })
                  .then(() => ask.reset())
              }
            >
              Done: keep on the batch
            </button>
          )}
        </div>
      )}
    </section>
  );
}

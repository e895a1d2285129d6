import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type BenchAdvice, type BenchAnswer, taken } from "../api";
import { useFigures } from "../figures";
import { ErrorText, MassField, type NumberEntry } from "../parts";
import { adviceWords } from "../words";
import type { Noted } from "./useBench";

interface FeelPanelProps {
  answer: BenchAnswer;
  minute: number | null;
  onNote: (...noted: Noted[]) => void;
  name: (code: string) => string;
}

/** How it feels, by one touch; and at once what to do about it. */
export function FeelPanel({ answer, minute, onNote, name }: FeelPanelProps) {
  const figures = useFigures();
  const [grams, setGrams] = useState<NumberEntry>(null);
  const [done, setDone] = useState(false);
  const ask = useMutation({
    mutationFn: (feel: string) =>
      taken(
        api.POST("/api/handling/now", {
          body: { formula: {}, batch: answer.batch.id, minute: Math.round(minute ?? 0), feel, given: null },
        }),
      ),
    onMutate: () => {
      setDone(false);
      setGrams(null);
    },
  });
  const feel = (code: string) => {
    onNote({ kind: "felt", outcome: code });
    ask.mutate(code);
  };
  const advice = ask.data;
  return (
    <section aria-label="How it feels" className="pt-3" data-testid="feel">
      <div className="flex flex-wrap gap-2" role="group" aria-label="It feels">
        {answer.feels.map(({ code, name: word, touchTest }) => (
          <button
            key={code}
            className="btn h-16 min-w-16 flex-1 text-lg"
            data-feel={code}
            title={touchTest}
            disabled={minute === null}
            onClick={() => feel(code)}
          >
            {word}
          </button>
        ))}
      </div>
      {minute === null && <p className="soft pt-1 text-sm">A feel counts from when water met flour.</p>}
      <ErrorText error={ask.error} />
      {advice && !done && (
        <div className="border-primary bg-base-200 mt-3 rounded-md border-l-4 px-4 py-3" data-testid="bench-advice">
          <p className="font-display text-3xl leading-tight" data-action={advice.action}>
            {adviceWords(advice, figures)}
          </p>
          {advice.judgeAt == null && (
            <p className="pt-1">
              Felt {advice.felt.name}; {advice.laterFeel.name} at minute {figures.number(advice.rollAtMinute, 0)} as it
              goes on.
            </p>
          )}
          {advice.additions.some(({ carried }) => carried) && (
            <p className="soft pt-1">
              With it, so that percentages stay:{" "}
              {advice.additions
                .filter(({ carried }) => carried)
                .map(({ ingredient, grams: some }) => `${figures.mass(some)} ${name(ingredient).toLowerCase()}`)
                .join(", ")}
            </p>
          )}
          <div className="flex flex-wrap items-center gap-3 pt-2">
            {advice.additions.length > 0 && (
              <MassField
                className="bench-field w-36"
                label="How much is put in"
                value={grams}
                placeholder={advice.grams}
                onChange={setGrams}
              />
            )}
            <button
              className="btn btn-primary h-16 text-lg"
              disabled={typeof grams === "string"}
              onClick={() => {
                onNote(correction(advice, typeof grams === "number" ? grams : null));
                setDone(true);
              }}
            >
              {advice.additions.length > 0 ? "It is in" : "Will do"}
            </button>
            <button className="btn btn-ghost h-16" onClick={() => ask.reset()}>
              Leave it
            </button>
          </div>
        </div>
      )}
    </section>
  );
}

/** What was done: as advised, or another amount in the same proportions. */
function correction(advice: BenchAdvice, grams: number | null): Noted {
  const share = grams === null || advice.grams === 0 ? 1 : grams / advice.grams;
  return {
    kind: "correction",
    outcome: advice.action,
    additions: advice.additions.map((each) => ({ ingredient: each.ingredient, grams: each.grams * share })),
  };
}

import { Check, ChevronRight } from "lucide-react";
import type { BenchAnswer, BenchStep } from "../api";
import { type Figures, useFigures } from "../figures";
import { Runs } from "../parts";
import { benchStepName, cautionWords } from "../words";
import { CookPanel } from "./CookPanel";
import { DividePanel } from "./DividePanel";
import { FeelPanel } from "./FeelPanel";
import { PourPanel } from "./PourPanel";
import { RollPanel } from "./RollPanel";
import type { Bench } from "./useBench";
import { Weighed } from "./Weighed";

type WordedStep = BenchAnswer["steps"][number];

interface StepViewProps {
  bench: Bench;
  answer: BenchAnswer;
  worded: WordedStep;
  next: WordedStep | undefined;
  shown: number;
  minute: number | null;
  name: (code: string) => string;
  onDone: () => void;
}

/** How long a step likely takes. */
function takesWords({ takes: { low, high } }: BenchStep, figures: Figures): string {
  if (high < 1) {
    return "Takes less than a minute";
  }
  const [from, to] = [figures.number(low, 0), figures.number(high, 0)];
  return from === to ? `Takes ${to} min` : `Takes about ${from}–${to} min`;
}

/** One step, large: what is done, what of it is noted, and what comes next. */
export function StepView({ bench, answer, worded, next, shown, minute, name, onDone }: StepViewProps) {
  const figures = useFigures();
  const { step, words } = worded;
  const { kind } = step;
  const standing = answer.run.steps.find(({ key }) => key === step.key)?.standing;
  const timed = step.minutes != null && kind !== "pour";
  const panel = { answer, onNote: bench.note };
  return (
    <article aria-label={benchStepName(kind)} data-testid="step" data-step={step.key} data-standing={standing}>
      <h1 className="font-display text-5xl leading-tight">{benchStepName(kind)}</h1>
      {words.map((runs, index) => (
        <p key={index} className="pt-1 text-2xl leading-snug">
          <Runs runs={runs} />
        </p>
      ))}
      <p className="soft pt-1">
        {takesWords(step, figures)}
        {step.handsBusy ? ", with your hands in it." : "; it goes on by itself."}
      </p>
      {step.cautions.map((caution) => (
        <details key={`${caution.code} ${caution.at}`} className="text-warning pt-1">
          <summary className="cursor-pointer font-semibold">{cautionWords(caution, figures).title}</summary>
          <span className="text-base-content">{cautionWords(caution, figures).text}</span>
        </details>
      ))}
      <div className="py-3">
        {kind === "set-up" && <Weighed answer={answer} />}
        {(kind === "pour" || kind === "hold-back") && <PourPanel {...panel} step={step} />}
        {(kind === "hold-back" || kind.startsWith("knead") || kind === "just-combine" || timed) && (
          <FeelPanel {...panel} minute={minute} name={name} />
        )}
        {kind === "divide" && <DividePanel {...panel} />}
        {kind === "roll" && <RollPanel {...panel} shown={shown} />}
        {kind === "cook" && <CookPanel {...panel} shown={shown} />}
      </div>
      <div className="flex flex-wrap gap-3">
        {timed && standing === "to-do" && (
          <button
            className="btn btn-primary h-16 text-xl"
            data-testid="begin-step"
            onClick={() => bench.note({ kind: "step", step: step.key, outcome: "begun" })}
          >
            Begin: {figures.number(step.minutes ?? 0, 0)} min
          </button>
        )}
        <button className="btn btn-primary h-16 gap-2 text-xl" title="Done (D)" onClick={onDone}>
          <Check size={22} aria-hidden /> Done
        </button>
        <button
          className="btn btn-ghost h-16"
          onClick={() => bench.note({ kind: "step", step: step.key, outcome: "left-out" })}
        >
          Leave it out
        </button>
      </div>
      {next && (
        <p className="hairline soft mt-4 flex items-baseline gap-2 border-t pt-2 text-lg" data-testid="next-step">
          <ChevronRight size={18} aria-hidden className="shrink-0" />
          <span className="whitespace-nowrap">
            Next: <strong>{benchStepName(next.step.kind)}</strong>
          </span>
          <span className="line-clamp-1">{next.words[0] && <Runs runs={next.words[0]} />}</span>
        </p>
      )}
    </article>
  );
}

import { Plus, X } from "lucide-react";
import { useState } from "react";
import { type SheetAnswer, sheetQuestion, type StepEdit } from "../api";
import { type Editor, type Faults, useAnswer } from "../formula";
import { useFigures } from "../figures";
import { Faulty, NumberField, type NumberEntry, Runs } from "../parts";
import { benchStepName } from "../words";
import { edited, editOf } from "./stepEdits";

type Step = SheetAnswer["steps"][number];

/** What is done in which order; a formula can say more of a step, leave one out, or add its own. */
export function RunSheet({ editor, faults }: { editor: Editor; faults: Faults }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="pt-6" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="cursor-pointer">
        <h2 className="section-title inline">Run sheet</h2>{" "}
        <span className="soft text-sm">what is done in which order, at the bench and on its sheet</span>
      </summary>
      {open && <Sheet editor={editor} faults={faults} />}
    </details>
  );
}

function Sheet({ editor, faults }: { editor: Editor; faults: Faults }) {
  const { answer, problem } = useAnswer(sheetQuestion, editor.balanced, (formula) => (formula.lines?.length ?? 0) > 0);
  const edits = editor.draft.method?.steps ?? [];
  const change = (steps: StepEdit[]) =>
    editor.edit({ kind: "method", patch: { steps: steps.length > 0 ? steps : null } });
  if (!answer) {
    return (
      <p className="soft py-4 text-sm">{problem ? "It cannot be made yet: see what is said above." : "Laying out…"}</p>
    );
  }
  const own = answer.steps.filter(({ step }) => step.kind === "own").map(({ step }) => step.key);
  return (
    <div className="max-w-5xl pt-1" data-testid="run-sheet">
      <ol>
        <li className="py-1">
          <AddAfter after={null} edits={edits} onChange={change} label="Add a step before all others" />
        </li>
        {answer.steps.map((worded) => (
          <StepRow
            key={worded.step.key}
            worded={worded}
            place={own.indexOf(worded.step.key)}
            edits={edits}
            keys={answer.steps.map(({ step }) => step.key)}
            faults={faults}
            onChange={change}
          />
        ))}
      </ol>
      {answer.leftOut.length > 0 && (
        <p className="flex flex-wrap items-center gap-2 pt-2 text-sm" data-testid="left-out">
          <span className="soft">Left out:</span>
          {answer.leftOut.map(({ key, kind }) => (
            <button
              key={key}
              className="btn btn-xs"
              onClick={() => change(edited(edits, key, { leftOut: null }))}
              aria-label={`Take ${benchStepName(kind)} in again`}
            >
              {benchStepName(kind)}: take it in again
            </button>
          ))}
        </p>
      )}
    </div>
  );
}

interface StepRowProps {
  worded: Step;
  /** Its place among the formula's own steps; below 0 for a usual one. */
  place: number;
  edits: StepEdit[];
  keys: string[];
  faults: Faults;
  onChange: (edits: StepEdit[]) => void;
}

function StepRow({ worded: { step, words }, place, edits, keys, faults, onChange }: StepRowProps) {
  const figures = useFigures();
  const [open, setOpen] = useState(false);
  const isOwn = place >= 0;
  const at = editOf(edits, step.key, place, keys);
  const edit = at < 0 ? null : edits[at];
  const name = benchStepName(step.kind);
  const patch = (more: Partial<StepEdit>) =>
    onChange(
      isOwn ? edits.map((each, index) => (index === at ? { ...each, ...more } : each)) : edited(edits, step.key, more),
    );
  const fault = (field: string) => (at < 0 ? null : faults.of(null, `method.steps[${at}].${field}`));
  return (
    <li className="hairline border-t py-1.5" data-step={step.key}>
      <div className="grid grid-cols-[9rem_minmax(0,1fr)_6rem_10rem] items-baseline gap-x-4 text-sm">
        <strong>{name}</strong>
        <span>
          {words.map((paragraph, index) => (
            <span key={index} className="block">
              <Runs runs={paragraph} />
            </span>
          ))}
        </span>
        <span className="soft text-right whitespace-nowrap">{takesWords(step.takes, figures)}</span>
        <span className="flex justify-end gap-1">
          <button
            className="btn btn-ghost btn-xs"
            aria-expanded={open}
            aria-label={`Change ${name}`}
            onClick={() => setOpen(!open)}
          >
            Change
          </button>
          {step.canBeLeftOut && (
            <button
              className="btn btn-ghost btn-xs"
              aria-label={`Leave out ${name}`}
              onClick={() => onChange(edited(edits, step.key, { leftOut: true }))}
            >
              Leave out
            </button>
          )}
          {isOwn && (
            <button
              className="btn btn-ghost btn-xs"
              aria-label={`Remove the step ${edit?.words ?? ""}`}
              onClick={() => onChange(edits.filter((_, index) => index !== at))}
            >
              <X size={14} aria-hidden />
            </button>
          )}
        </span>
      </div>
      {open && (
        <div className="grid grid-cols-[9rem_minmax(0,1fr)_9rem] items-start gap-x-4 pt-1">
          <span className="soft pt-1.5 text-xs">{isOwn ? "what is done" : "in your own words, beside it"}</span>
          <span>
            <input
              className="quiet-field framed"
              aria-label={`Own words for ${name}`}
              maxLength={500}
              value={edit?.words ?? ""}
              aria-invalid={fault("words") !== null}
              onChange={(event) => patch({ words: event.target.value || (isOwn ? "" : null) })}
            />
            <Faulty message={fault("words")} />
          </span>
          {step.minutes == null ? (
            <span>
              <NumberField
                framed
                label={`Minutes for ${name}`}
                unit="min"
                value={(edit?.minutes ?? null) as NumberEntry}
                placeholder="typical"
                format={(value) => figures.number(value, 0)}
                error={fault("minutes")}
                onChange={(minutes) => patch({ minutes: minutes as number | null })}
              />
              <Faulty message={fault("minutes")} />
            </span>
          ) : (
            <span className="soft pt-1.5 text-xs">takes as long as the method says</span>
          )}
          <span />
          <AddAfter after={step.key} edits={edits} onChange={onChange} label="Add a step after it" />
        </div>
      )}
    </li>
  );
}

function AddAfter({
  after,
  edits,
  onChange,
  label,
}: {
  after: string | null;
  edits: StepEdit[];
  onChange: (edits: StepEdit[]) => void;
  label: string;
}) {
  const [words, setWords] = useState("");
  return (
    <form
      className="flex items-center gap-2 pt-1"
      onSubmit={(event) => {
        event.preventDefault();
        onChange([...edits, { after, words: words.trim() }]);
        setWords("");
      }}
    >
      <input
        className="quiet-field framed !w-96"
        aria-label={label}
        placeholder={label.toLowerCase()}
        maxLength={500}
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <button className="btn btn-xs gap-1" disabled={words.trim() === ""} aria-label={`${label}: add`}>
        <Plus size={13} aria-hidden /> Add
      </button>
    </form>
  );
}

function takesWords({ low, high }: Step["step"]["takes"], figures: ReturnType<typeof useFigures>): string {
  const [from, to] = [figures.number(low, 0), figures.number(high, 0)];
  return from === to ? `${from} min` : `${from}–${to} min`;
}
